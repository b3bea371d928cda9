<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Bundles;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Display\Blend;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Layers\Copies;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Kind\Bundle\BundleContent;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRange;

/**
 * Puts the layers of a bundle in its place. The composition that was placed stays as it is. Refused where that would change
 * what is seen: where the bundle does more than to be there, whole and at its own pace.
 */
final readonly class UnwrapLayer implements CompositionEdit
{
    public function __construct(
        #[Id] private string $layer,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $bundle = $composition->layer($this->layer);
        $content = $bundle->content;
        if (! $content instanceof BundleContent) {
            throw new Refusal("“{$bundle->name}” is no bundle");
        }
        $inner = $content->lasting($evaluator->media);
        $this->checkPlain($bundle, $content, $inner, $composition);
        $index = $composition->indexOf($bundle->id);
        $by = $bundle->span->in;
        $unwrapped = array_map(fn (Layer $layer): Layer => $layer->withSpan(new FrameRange(
            $layer->span->in + $by, $layer->span->out + $by,
        ))->switched([
            // One motion blur for each, as it was exposed there.
            'shutter' => $layer->exposure->shutter ?? ($inner->shutter == $composition->shutter ? null : $inner->shutter),
            'visible' => $layer->switches->visible && ! $inner->leavesOut($layer->id), 'flat' => $bundle->switches->flat,
        ]), iterator_to_array($inner->layers, false));
        $stack = $composition->layers->without([$bundle->id]);
        $copies = array_map(
            fn (Layer $layer): Layer => $layer->with(['group' => $layer->group ?? $bundle->group]), Copies::of($unwrapped, $stack),
        );

        return $composition->with([
            'layers' => $stack->insertingAll($copies, $index), 'alone' => array_values(array_diff($composition->alone, [$bundle->id])),
        ]);
    }

    public function title(): string
    {
        return 'unwrap';
    }

    /** @param  callable(Layer): bool  $is */
    private function any(Composition $inner, callable $is): bool
    {
        foreach ($inner->layers as $layer) {
            if ($layer->switches->visible && $is($layer)) {
                return true;
            }
        }

        return false;
    }

    /** @throws Refusal that says what would be lost */
    private function checkPlain(Layer $bundle, BundleContent $content, Composition $inner, Composition $composition): void
    {
        $animated = array_filter($bundle->properties, fn (Property $property): bool => $property->isAnimated());
        $reason = match (true) {
            $content->mirrors => 'it goes as it came',
            $content->pace->toJson() !== ['from' => 0] => 'it is played at a pace of its own',
            ! $inner->rate->equals($composition->rate) => 'it has another frame rate',
            $inner->length !== $bundle->span->length() => 'only a part of it is shown',
            $animated !== [] || ! $bundle->life->isPlain() => 'it has an animation of its own',
            ! $bundle->matrix($bundle->span->in)->nearly(
                Affine::translation($inner->width / 2, $inner->height / 2),
            ) => 'it is not where it was wrapped up',
            $bundle->number('opacity', $bundle->span->in) !== 100.0 => 'it is translucent',
            $bundle->number('level', $bundle->span->in) !== 100.0 || ! $content->sound => 'it is not as loud as what is in it',
            $inner->background !== null => 'it has a background',
            $bundle->attached->effects !== [] => 'it has effects',
            $bundle->attached->masks !== [] => 'it is masked',
            $bundle->attached->patchwork !== null => 'it is cut into patches',
            $content->space => 'its layers keep their depth',
            $bundle->hasDepth => 'it has depth or is tilted',
            $bundle->exposure->motionBlur => 'it has motion blur of its own',
            $bundle->switches->blend !== Blend::Normal || $this->any(
                $inner, fn (Layer $one): bool => $one->switches->blend !== Blend::Normal,
            ) => 'it blends as one',
            [$inner->width, $inner->height] !== [$composition->width, $composition->height] => 'it is of another size',
            $this->any($inner, fn (Layer $one): bool => $one->kind->adjusts()) => 'what lies beneath would be adjusted, too',
            $inner->lights() !== null => 'it is lit by a light of its own',
            $composition->lights() !== null && ! $composition->isPassedBy($bundle) => 'lights fall on it as on one picture',
            $inner->cameras() !== null => 'it is seen through a camera of its own',
            $composition->cameras() !== null && ! $composition->isPassedBy($bundle) && $this->any(
                $inner, fn (Layer $one): bool => $one->hasDepth || $one->life->leavesPlane(),
            ) => 'a camera would see the depth of what is in it',
            ! $bundle->switches->visible || $bundle->switches->reference => 'it is hidden',
            default => null,
        };
        if ($reason !== null) {
            throw new Refusal("“{$bundle->name}” cannot be unwrapped without changing what is seen: $reason");
        }
    }
}
