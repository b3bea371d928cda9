<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Media;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\LayerFacts;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Json\Misfit;
use Ricamo\Core\Kind\Replaceable;
use Ricamo\Core\Paint\PlacedGradient;
use Ricamo\Core\Property\Attached;
use Ricamo\Core\Property\References;
use Ricamo\Core\Refusal;

/**
 * Puts other media in the place of media wherever they are used, in every composition: from the same moment on, covering
 * what they covered. The replaced ones leave the project, and the others take their folder.
 */
final readonly class ReplaceMedia implements ProjectEdit
{
    private function __construct(private string $media, private string $by)
    {
    }

    /** @throws Refusal where its arguments do not go together */
    public static function from(
        #[Id] string $media,
        #[Id] string $by,
    ): self {
        return $media !== $by ? new self($media, $by) : throw new Misfit('by', 'is the same as what is to be replaced');
    }

    public function apply(Project $project): Project
    {
        [$old, $new] = [$project->media->get($this->media), $project->media->get($this->by)];
        if ($old->removed || $new->removed) {
            throw new Refusal('“'.($old->removed ? $old->name : $new->name).'” was removed');
        }
        $library = $project->media->replacing($old->with(['removed' => true]))->replacing($new->with(['folder' => $old->folder]));

        return $project->with(['media' => $library, 'compositions' => $project->compositions->map($this->replacedIn($project))]);
    }

    public function title(): string
    {
        return 'replace media';
    }

    /** @return callable(Composition): Composition */
    private function replacedIn(Project $project): callable
    {
        return function (Composition $composition) use ($project): Composition {
            foreach ($composition->layers->where(fn (LayerFacts $facts): bool => in_array(
                $this->media, $facts->refersTo->media, true,
            )) as $layer) {
                $composition = $composition->replacing($this->replaced($layer, $project));
            }

            return $composition;
        };
    }

    private function replaced(Layer $layer, Project $project): Layer
    {
        $content = $layer->content;
        [$old, $new] = [$project->media->get($this->media), $project->media->get($this->by)];
        $attached = References::all(...array_map(fn (Attached $one): References => $one->refersTo(), $layer->attached->all()));
        if (in_array($this->media, $attached->media, true)) {
            $new->checkPicture();
        }
        $brush = $layer->attached->brush;
        $layer = $layer->attaching([
            'gradients' => array_map(
                fn (PlacedGradient $paint): PlacedGradient => $paint->media === $this->media ? $paint->ofMedia($this->by) : $paint,
                $layer->attached->gradients,
            ),
            'brush' => $brush?->media === $this->media ? $brush->ofMedia($this->by) : $brush,
        ]);

        if (in_array($this->media, array_merge(...array_values($layer->mediaAsValues())), true)) {
            $layer = $new->known()->font === null
                ? throw new Refusal("“{$new->name}” is not a font")
                : $layer->withMediaAsValues([$this->media => $this->by]);
        }

        return $content instanceof Replaceable && in_array($this->media, $content->media(), true)
            ? $content->replacedIn($layer, $old, $new)
            : $layer;
    }
}
