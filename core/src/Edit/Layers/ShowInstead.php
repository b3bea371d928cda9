<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Paints\SetGradient;
use Ricamo\Core\Edit\Windows\Windowed;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Json\Misfit;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Bundle\BundleContent;
use Ricamo\Core\Kind\Playing\Pace;
use Ricamo\Core\Kind\Playing\Stretch;
use Ricamo\Core\Kind\Replaceable;
use Ricamo\Core\Kind\Shape\ShapeContent;
use Ricamo\Core\Kind\Text\TextContent;
use Ricamo\Core\Kind\Window\WindowContent;
use Ricamo\Core\Paint\GradientForm;
use Ricamo\Core\Refusal;

/**
 * Has layers show other media in the place of theirs: from the same moment on, covering what was covered, in their own shape; or
 * another composition, seen through windows and words.
 */
final readonly class ShowInstead implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    private function __construct(private array $layers, private ?string $media, private ?string $composition, private ?int $from)
    {
    }

    /**
     * @param  non-empty-list<string>  $layers
     *
     * @throws Refusal where its arguments do not go together
     */
    public static function from(
        #[LayerIds] array $layers,
        #[Id] ?string $media = null,
        #[Id('another composition, in the place of media')] ?string $composition = null,
        #[Field('the frame of the clip that is seen at their in points', least: 0, most: Pace::FARTHEST)] ?int $from = null,
    ): self {
        if ($composition === null && $media === null) {
            throw Misfit::missing('media');
        }

        return new self($layers, $composition === null ? $media : null, $composition, $from);
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        if ($this->media === null) {
            return $this->through($composition, $evaluator);
        }
        $new = $evaluator->media->get($this->media);
        $new->checkPicture();
        $stretch = Stretch::of($new, $this->from, null);
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            if ($layer->content instanceof TextContent) {
                $composition = SetGradient::from([$id], form: GradientForm::Picture, media: $this->media)->apply($composition, $evaluator);

                continue;
            }
            // A shape becomes a window through which it is seen.
            $layer = $layer->content instanceof ShapeContent ? Windowed::of($layer, $evaluator->media) : $layer;
            $content = $layer->content;
            if (! $content instanceof Replaceable || ! $layer->kind->isSeen()) {
                throw new Refusal("“{$layer->name}” shows neither a clip nor a picture");
            }
            $shown = array_values($content->media())[0] ?? null;
            $layer = $content->replacedIn($layer, $shown === null ? null : $evaluator->media->get($shown), $new);
            if ($stretch !== null) {
                $begun = new Node([...$layer->content->toJson(), 'from' => $stretch->from]);
                $layer = $layer->withContent($layer->kind->readContent($begun));
            }
            $composition = $composition->replacing($layer);
        }

        return $composition;
    }

    /** Another composition, seen through windows. */
    private function through(Composition $composition, Evaluator $evaluator): Composition
    {
        $placed = $evaluator->media->composition((string) $this->composition);
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            if ($layer->content instanceof TextContent) {
                $composition = SetGradient::from(
                    [$id], form: GradientForm::Picture, composition: $placed->id,
                )->apply($composition, $evaluator);

                continue;
            }
            $layer = $layer->content instanceof ShapeContent ? Windowed::of($layer, $evaluator->media) : $layer;
            if (! $layer->content instanceof WindowContent) {
                throw new Refusal("“{$layer->name}” is neither a window nor a shape nor words; a composition is placed as a bundle");
            }
            $composition = $composition->replacing($layer->with([
                'content' => $layer->content->showing(new BundleContent($placed->id)), 'name' => $placed->name,
            ]));
        }

        return $composition;
    }

    public function title(): string
    {
        return 'show something else';
    }
}
