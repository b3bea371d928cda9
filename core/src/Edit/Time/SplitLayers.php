<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Time;

use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Animation\Pin;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Cascade\SplitCascades;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\LayerFacts;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Layers\Copies;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Kind\Playing\Played;
use Ricamo\Core\Kind\Playing\Ramp;
use Ricamo\Core\Kind\RunsByItself;
use Ricamo\Core\Mask\PlacedMask;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRange;

/**
 * Cuts layers in two at frame `at`, which is the first of the later parts; those lie right above. Nothing on any frame
 * changes. Layers that are not on before and at that frame stay as they are.
 */
final readonly class SplitLayers implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Frame] private int $at,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $before = $composition;
        [$later, $made] = [[], []];
        foreach ($composition->layers->tree()->outermost($this->withMasked($composition)) as $id) {
            $layer = $composition->layer($id);
            if ($layer->span->contains($this->at) && $this->at > $layer->span->in) {
                // Both parts of a group have all that was in it; what of it is seen is left to their own edges.
                $copies = Copies::of($composition->layers->withAll([$id]), $composition->layers);
                $copies[] = $this->later(array_pop($copies) ?? $layer, $composition, $evaluator);
                $later[$id] = $copies[count($copies) - 1]->id;
                $made += array_fill_keys(array_column($copies, 'id'), true);
                $composition = $composition->replacing($this->earlier($layer, $composition));
                $composition = $composition->withLayers($composition->layers->insertingAll($copies, $composition->indexOf($id) + 1));
            }
        }

        $composition = $this->maskedByLater($composition, $later, $made);

        return $composition !== $before ? $composition : throw new Refusal("no layer goes on across frame {$this->at}");
    }

    public function title(): string
    {
        return count($this->layers) === 1 ? 'split layer' : 'split layers';
    }

    /**
     * @return list<string> the layers, and those that one of them is a mask of: each part of these is masked by the part that is on with it
     */
    private function withMasked(Composition $composition): array
    {
        $all = $this->layers;
        do {
            $count = count($all);
            foreach ($composition->layers->where(
                fn (LayerFacts $facts): bool => array_intersect($facts->refersTo->layers, $all) !== [],
            ) as $layer) {
                if (
                    ! in_array($layer->id, $all, true)
                    && array_filter($layer->attached->masks, fn (PlacedMask $mask): bool => in_array($mask->layer, $all, true)) !== []
                ) {
                    $all[] = $layer->id;
                }
            }
        } while (count($all) > $count);

        return $all;
    }

    /**
     * @param  array<string, string>  $later  the id of the later part of each that was split
     * @param  array<string, true>  $made  all that was made, what is in groups included, by id
     */
    private function maskedByLater(Composition $composition, array $later, array $made): Composition
    {
        foreach ($composition->layers->where(fn (LayerFacts $facts): bool => array_intersect_key(
            $later, array_flip($facts->refersTo->layers),
        ) !== []) as $layer) {
            if (isset($made[$layer->id]) || $layer->span->in >= $this->at) {
                $composition = $composition->replacing($layer->with(['attached' => $layer->attached->maskedBy($later)]));
            }
        }

        return $composition;
    }

    /** Its keyframes stay on their frames. What was pinned to the end is not about this end, and is pinned to the start. */
    private function earlier(Layer $layer, Composition $composition): Layer
    {
        $span = new FrameRange($layer->span->in, $this->at);
        $layer = self::continued($layer, $span, $composition);
        $pinned = fn (Property $property): Property => $property->mapKeyframes(
            fn (Keyframe $keyframe): Keyframe => $keyframe->pinned(Pin::Start, $layer->span),
        );

        return $layer->with([
            'properties' => array_map($pinned, $layer->properties),
            'span' => $span,
            'life' => $layer->life->before($layer->span->out - $this->at),
            'attached' => $layer->attached->with(['cascades' => SplitCascades::before(
                $layer->attached->cascades, $layer->span->out - $this->at,
            )]),
            'markers' => $layer->markers->before($this->at - $layer->span->in),
        ]);
    }

    /** The later part: it ends as the whole did, and its keyframes are pinned to that end. */
    private function later(Layer $layer, Composition $composition, Evaluator $evaluator): Layer
    {
        $span = new FrameRange($this->at, $layer->span->out);
        $layer = self::continued($layer, $span, $composition);
        $pinned = fn (Property $property): Property => $property->mapKeyframes(
            fn (Keyframe $keyframe): Keyframe => $keyframe->pinned(Pin::End, $layer->span),
        );
        $content = $layer->content;

        return $layer->with([
            'properties' => array_map($pinned, $layer->properties),
            'span' => $span,
            'life' => $layer->life->after($this->at - $layer->span->in),
            'attached' => $layer->attached->with(['cascades' => SplitCascades::from(
                $layer->attached->cascades, $this->at - $layer->span->in,
            )]),
            'markers' => $layer->markers->from($this->at - $layer->span->in)->movedBy($layer->span->in - $this->at),
            'content' => $content instanceof Played ? $content->begunLater(
                $this->at - $layer->span->in, $composition->rate, $evaluator->media, Ramp::of($layer),
            ) : $content,
        ]);
    }

    /** What runs by itself goes on where it was. */
    private static function continued(Layer $layer, FrameRange $span, Composition $composition): Layer
    {
        return $layer->content instanceof RunsByItself ? $layer->content->continued($layer, $span, $composition->rate) : $layer;
    }
}
