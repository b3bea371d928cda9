<?php

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Windows\Windowed;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Replaceable;
use Ricamo\Core\Kind\Shape\ShapeContent;
use Ricamo\Core\Refusal;

/** Has layers show other media in the place of theirs: from the same moment on, covering what was covered, in their own shape. */
final readonly class ShowInstead implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    private function __construct(private array $layers, private string $media)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['layers', 'media']);

        return new self(LayerIds::read($args), $args->field('media')->string(64));
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $new = $evaluator->media->get($this->media);
        if ($new->known()->width === 0) {
            throw new Refusal("“{$new->name}” has no picture");
        }
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            // A shape becomes a window through which it is seen.
            $layer = $layer->content instanceof ShapeContent ? Windowed::of($layer, $evaluator->media) : $layer;
            $content = $layer->content;
            if (! $content instanceof Replaceable) {
                throw new Refusal("“{$layer->name}” shows neither a clip nor a picture");
            }
            $shown = array_values($content->media())[0] ?? null;
            $composition = $composition->replacing($content->replacedIn($layer, $shown === null ? null : $evaluator->media->get($shown), $new));
        }

        return $composition;
    }

    public function title(): string
    {
        return 'show something else';
    }
}
