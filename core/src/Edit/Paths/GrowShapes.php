<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Paths;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Path\Combine\CornerStyle;
use Ricamo\Core\Path\Combine\Grown;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Refusal;

/**
 * Moves the edge of shapes by `by` of their own pixels, outwards or inwards, at each keyframe of what they are made from. They
 * become paths.
 */
final readonly class GrowShapes implements CompositionEdit
{
    /** The farthest that an edge is moved, in pixels. */
    private const FARTHEST = 10_000;

    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Field(least: -self::FARTHEST, most: self::FARTHEST)] private float $by,
        #[Field] private CornerStyle $corners = CornerStyle::Round,
    ) {
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
