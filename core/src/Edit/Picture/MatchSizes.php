<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Picture;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Refusal;

/** Gives layers the width and the height that one of them, `like`, is seen at; their middles stay where they are. */
final readonly class MatchSizes implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Id] private string $like,
        #[Frame] private int $frame,
        #[Field] private Scope $scope = Scope::Playhead,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $like = $evaluator->pose($composition->layer($this->like), $composition, $this->frame)->bounds();
        foreach (array_diff($this->layers, [$this->like]) as $id) {
            $layer = $composition->layer($id);
            $pose = $evaluator->pose($layer, $composition, $this->frame);
            $bounds = $pose->bounds();
            if ($bounds->width() <= 0 || $bounds->height() <= 0) {
                throw new Refusal("“{$layer->name}” has no size here");
            }
            $pulled = new PulledBox($layer, $this->frame, $pose->box);
            $extent = $pulled->extent();
            // Upright layers become exactly as large; turned ones as large as their bounds tell.
            $as = new Point($extent->x * $like->width() / $bounds->width(), $extent->y * $like->height() / $bounds->height());
            $middle = $pose->box->centre();
            $composition = $pulled->seenAt($as, $middle, new Point(0, 0))->put(
                $composition, $layer->matrix($this->frame)->apply($middle), $this->scope,
            );
        }

        return $composition;
    }

    public function title(): string
    {
        return 'make equal in size';
    }
}
