<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Paths;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Path\Combine\CornerStyle;
use Ricamo\Core\Path\Combine\Grown;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Refusal;

/** Moves the edge of shapes by `by` of their own pixels, outwards or inwards, at each keyframe of what they are made from. They become paths. */
final readonly class GrowShapes implements CompositionEdit
{
    /** The farthest that an edge is moved, in pixels. */
    private const FARTHEST = 10_000;

    /** @param  non-empty-list<string>  $layers */
    private function __construct(private array $layers, private float $by, private CornerStyle $corners)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['layers', 'by', 'corners']);

        return new self(LayerIds::read($args), $args->field('by')->number(-self::FARTHEST, self::FARTHEST), $args->optional('corners')?->enum(CornerStyle::class) ?? CornerStyle::Round);
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            $composition = $composition->replacing(MakePath::outlined($layer, function (Contours $outline) use ($layer): Contours {
                $grown = $this->by === 0.0 ? $outline : Grown::of($outline, $this->by, $this->corners);

                return $grown->all === [] ? throw new Refusal("Nothing would be left of “{$layer->name}”") : $grown;
            }));
        }

        return $composition;
    }

    public function title(): string
    {
        return $this->by < 0 ? 'shrink shape' : 'grow shape';
    }
}
