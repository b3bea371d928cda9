<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Paths;

use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Misfit;
use Ricamo\Core\Kind\Shape\Formed;
use Ricamo\Core\Kind\Shape\FormPaths;
use Ricamo\Core\Kind\Shape\ShapeContent;
use Ricamo\Core\Kind\Shape\ShapeForm;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Refusal;
use Ricamo\Core\Value\Type\PathType;

/**
 * Makes the form of shapes one that is drawn point by point; no frame changes. Where its size or anything else that it is made from
 * is animated, its path has keyframes where that has. With `into` a path turns into another form from there on: a keyframe on that frame.
 */
final readonly class MakePath implements CompositionEdit
{
    /** What forms are made from. */
    private const FROM = [
        'size',
        'rounding',
        'sides',
        'inner',
        'start',
        'sweep',
        'tail',
        'roundTopLeft',
        'roundTopRight',
        'roundBottomRight',
        'roundBottomLeft',
    ];

    /** @param  non-empty-list<string>  $layers */
    private function __construct(private array $layers, private ?ShapeForm $into, private int $frame)
    {
    }

    /**
     * @param  non-empty-list<string>  $layers
     *
     * @throws Refusal where its arguments do not go together
     */
    public static function from(
        #[LayerIds] array $layers,
        #[Field('a form that they turn into')] ?ShapeForm $into = null,
        #[Frame] ?int $frame = null,
    ): self {
        return new self($layers, $into, $into === null ? 0 : $frame ?? throw Misfit::missing('frame'));
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            $layer = self::asPath($layer);
            $composition = $composition->replacing($this->into instanceof ShapeForm ? $this->turned($layer, $this->into) : $layer);
        }

        return $composition;
    }

    public function title(): string
    {
        return $this->into === null ? 'make path' : 'turn into '.lcfirst($this->into->title());
    }

    /** @throws Refusal for what is no shape */
    public static function asPath(Layer $layer): Layer
    {
        return self::shapeOf($layer)->form === ShapeForm::Path
            ? $layer
            : self::outlined($layer, fn (Contours $outline): Contours => $outline);
    }

    /** @throws Refusal for what is no shape */
    public static function shapeOf(Layer $layer): ShapeContent
    {
        return $layer->content instanceof ShapeContent ? $layer->content : throw new Refusal("“{$layer->name}” is not a shape");
    }

    /**
     * With its outline as its path, rounded corners and all.
     *
     * @param  callable(Contours): Contours  $change  of each outline that it has
     *
     * @throws Refusal for what is no shape
     */
    public static function outlined(Layer $layer, callable $change): Layer
    {
        $content = self::shapeOf($layer);
        $at = function (int|float $frame) use ($content, $layer, $change): Contours {
            return Contours::parse($change(Contours::of(FormPaths::of(Formed::of($content->form, $layer, $frame))))->write());
        };
        $frames = [];
        foreach (array_intersect($content->form->settings(), [...self::FROM, 'path']) as $name) {
            foreach ($layer->properties[$name]->course($layer->span) as $frame => $keyframe) {
                $frames[$frame] ??= $keyframe;
            }
        }
        ksort($frames);
        $keyframes = array_map(fn (int $frame, $keyframe) => $keyframe->withValue($at($frame))->bent(null), array_keys($frames), $frames);
        $path = $keyframes === [] ? Property::constant(new PathType, $at($layer->span->in)) : Property::keyframed(new PathType, $keyframes);
        $kept = array_intersect_key($layer->kind->defaults(), array_flip(self::FROM));

        return $layer->with([
            'content' => new ShapeContent(ShapeForm::Path, $content->ends, $content->widths),
            'properties' => [...$layer->properties, ...$kept, 'path' => $path],
        ]);
    }

    /** As large as it is there, from this frame on. */
    private function turned(Layer $layer, ShapeForm $form): Layer
    {
        $now = $layer->value('path', $this->frame);
        $bounds = $now instanceof Contours ? $now->path()->bounds() : null;
        $size = $bounds === null ? new Size(200, 200) : new Size($bounds->width(), $bounds->height());
        $model = $layer->withProperty('size', Property::constant($layer->properties['size']->type, $size));
        $turned = Contours::of(FormPaths::of(Formed::of($form, $model, $this->frame)));
        $centre = $bounds?->centre();
        $path = Contours::parse(($centre === null ? $turned : $turned->mapped(fn ($point) => $point->plus($centre)))->write());
        $property = $layer->properties['path']->isAnimated() ? $layer->properties['path'] : self::begun($layer);
        $frame = $this->frame;
        $cut = $property->cutAt($frame, $layer->span);
        $keyframe = $cut->keyframeOn($frame, $layer->span);

        return $keyframe instanceof Keyframe ? $layer->withProperty('path', $cut->with($keyframe->withValue($path), $layer->span)) : $layer;
    }

    /** With a keyframe where it begins, so that it has something to come from. */
    private static function begun(Layer $layer): Property
    {
        return Property::keyframed(new PathType, [new Keyframe(0, $layer->value('path', $layer->span->in))]);
    }
}
