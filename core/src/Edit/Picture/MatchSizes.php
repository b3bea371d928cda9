<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Picture;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Edit\Values\PropertyTarget;
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
            $bounds = $evaluator->pose($layer, $composition, $this->frame)->bounds();
            if ($bounds->width() <= 0 || $bounds->height() <= 0) {
                throw new Refusal("“{$layer->name}” has no size here");
            }
            $scale = $layer->point('scale', $this->frame);
            // Upright layers become exactly as large; turned ones as large as their bounds tell.
            $grown = new Point($scale->x * $like->width() / $bounds->width(), $scale->y * $like->height() / $bounds->height());
            $scaled = PropertyTarget::put($composition, $layer, 'scale', $this->frame, $grown, $this->scope);
            $moved = $evaluator->pose($scaled->layer($id), $scaled, $this->frame)->bounds();
            $place = $layer->point('position', $this->frame)->plus($composition->asCounted(
                $bounds->centre()->minus($moved->centre()), $id, $this->frame,
            ));
            $composition = PropertyTarget::put($scaled, $scaled->layer($id), 'position', $this->frame, $place, $this->scope);
        }

        return $composition;
    }

    public function title(): string
    {
        return 'make equal in size';
    }
}
