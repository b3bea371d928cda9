<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Picture;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Node;

/** Puts the anchor of each layer to one of nine points of its box. They rest on this frame where they did. */
final readonly class PlaceAnchors implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    private function __construct(private array $layers, private int $frame, private AxisPlace $x, private AxisPlace $y, private Scope $scope)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['layers', 'frame', 'x', 'y', 'scope']);

        return new self(
            LayerIds::read($args),
            $args->field('frame')->int(-Composition::LONGEST, Composition::LONGEST),
            $args->field('x')->enum(AxisPlace::class),
            $args->field('y')->enum(AxisPlace::class),
            $args->optional('scope')?->enum(Scope::class) ?? Scope::Playhead,
        );
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($this->layers as $id) {
            $pose = $evaluator->pose($composition->layer($id), $composition, $this->frame);
            $box = $pose->box;
            $to = $pose->matrix->apply(new Point(
                $this->x->distance(0, 0, $box->left, $box->right),
                $this->y->distance(0, 0, $box->top, $box->bottom),
            ));
            $composition = MoveAnchor::read(new Node([
                'layer' => $id, 'frame' => $this->frame, 'to' => [$to->x, $to->y], 'scope' => $this->scope->value,
            ]))->apply($composition, $evaluator);
        }

        return $composition;
    }

    public function title(): string
    {
        return 'move anchor';
    }
}
