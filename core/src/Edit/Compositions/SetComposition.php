<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Compositions;

use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Cascade\PlacedCascade;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\Marker;
use Ricamo\Core\Document\Markers;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\All;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Time\FrameRate;
use Ricamo\Core\Value\Arithmetic;
use Ricamo\Core\Value\Terms;

/**
 * Changes a composition's name, picture size, background, length or frame rate. A new rate keeps every moment as near to where it
 * was as a whole frame allows; `length` counts in the new rate. In a picture of another size `layers` stay where they are from its
 * upper left corner, or from its middle, or are scaled with it.
 */
final readonly class SetComposition implements CompositionEdit
{
    private const FIELDS = ['name', 'width', 'height', 'rate', 'length', 'background', 'shutter'];

    public function __construct(
        #[All(ref: 'Composition', names: self::FIELDS)] private Node $args,
        #[Field('what becomes of the layers, where it gets another size')] private Resizing $layers = Resizing::Corner,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $given = array_diff_key($this->args->object(), ['layers' => true]);
        foreach (array_intersect_key(
            ['width' => $composition->width, 'height' => $composition->height], array_filter($given, is_string(...)),
        ) as $side => $now) {
            $given[$side] = round(Arithmetic::evaluate(
                $this->args->field($side)->string(), Terms::length($composition->names(), $now / 100),
            ));
        }
        $changed = Composition::readHead(new Node([...$composition->headJson(), ...$given], $this->args), $composition->layers);
        $changed = $this->layers->apply($changed, $composition);
        if (! $changed->rate->equals($composition->rate)) {
            $changed = $changed->withLayers($changed->layers->map(
                fn (Layer $layer): Layer => $this->converted($layer, $composition->rate, $changed->rate),
            ));
            $changed = $changed->with(['markers' => $this->inRate($changed->markers, $composition->rate, $changed->rate)]);
            $changed = $this->args->has('length') ? $changed : $changed->with([
                'length' => max(1, $changed->rate->nearestFrame($composition->length, $composition->rate)),
            ]);
        }

        return $changed;
    }

    public function title(): string
    {
        return 'change composition';
    }

    private function converted(Layer $layer, FrameRate $from, FrameRate $to): Layer
    {
        $in = $to->nearestFrame($layer->span->in, $from);
        $out = max($in + 1, $to->nearestFrame($layer->span->out, $from));
        $properties = [];
        foreach ($layer->properties as $name => $property) {
            $properties[$name] = $property->mapKeyframes(fn (Keyframe $keyframe): Keyframe => $keyframe->movedBy(
                $to->nearestFrame($keyframe->at, $from) - $keyframe->at,
            ));
        }

        $cascades = array_map(fn (PlacedCascade $one): PlacedCascade => $one->inRate($from, $to), $layer->attached->cascades);

        return $layer->with([
            'span' => new FrameRange($in, $out),
            'properties' => $properties,
            'life' => $layer->life->inRate($from, $to),
            'attached' => $layer->attached->with(['cascades' => $cascades]),
            'markers' => $this->inRate($layer->markers, $from, $to),
        ]);
    }

    private function inRate(Markers $markers, FrameRate $from, FrameRate $to): Markers
    {
        return $markers->map(fn (Marker $marker): Marker => $marker->movedBy($to->nearestFrame($marker->frame, $from) - $marker->frame));
    }
}
