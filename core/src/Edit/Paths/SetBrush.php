<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Paths;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Footage\FootageContent;
use Ricamo\Core\Kind\Shape\Formed;
use Ricamo\Core\Kind\Shape\FormPaths;
use Ricamo\Core\Kind\Shape\ShapeContent;
use Ricamo\Core\Line\PlacedBrush;
use Ricamo\Core\Refusal;

/**
 * Gives the outlines of layers a brush, as documents hold it, or `null` for none. One that is `from` another layer sets what is
 * seen of that along them: the outline of a shape, as it is on its first frame, or a picture.
 */
final readonly class SetBrush implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Field('as documents hold it, or made of a layer that is said by from; null for a plain line')] private ?Node $brush = null,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $given = $this->brush?->optional('from') === null ? $this->brush : self::like($this->brush, $composition);
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            [$brush, $settings] = PlacedBrush::readOf($given, $layer->kind->name(), $layer->kind->hasOutline());
            $composition = $composition->replacing($layer->having(['brush' => $brush], $settings));
        }

        return $composition;
    }

    /** With the mark or the medium of the layer that it is from. */
    private static function like(Node $brush, Composition $composition): Node
    {
        $layer = $composition->layer($brush->field('from')->string(64));
        $content = $layer->content;
        $mark = match (true) {
            $content instanceof ShapeContent => ['mark' => FormPaths::of(Formed::of($content->form, $layer, $layer->span->in))->data()],
            $content instanceof FootageContent => ['media' => $content->media],
            default => throw new Refusal("“{$layer->name}” is neither a shape nor a picture that a brush could set"),
        };

        return new Node([...array_diff_key($brush->object(), ['from' => 0, 'mark' => 0, 'media' => 0]), ...$mark]);
    }

    public function title(): string
    {
        return $this->brush === null ? 'no brush' : 'brush';
    }
}
