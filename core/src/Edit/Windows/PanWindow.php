<?php

namespace Ricamo\Core\Edit\Windows;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Picture\PointNode;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Node;

/** Moves what is seen through a window by a distance in composition pixels; the window stays where it is. */
final readonly class PanWindow implements CompositionEdit
{
    private function __construct(private string $layer, private int $frame, private Point $by, private Scope $scope)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['layer', 'frame', 'by', 'scope']);

        return new self(
            $args->field('layer')->string(64),
            $args->field('frame')->int(-Composition::LONGEST, Composition::LONGEST),
            new Point(...PointNode::read($args->field('by'))),
            $args->optional('scope')?->enum(Scope::class) ?? Scope::Playhead,
        );
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $layer = $composition->layer($this->layer);
        PropertyTarget::of($layer, 'pan')->definition($layer);
        $own = $composition->space($layer->id, $this->frame)->after($layer->matrix($this->frame))->inverse();
        $pan = $layer->point('pan', $this->frame)->plus($own->applyToDistance($this->by));

        return PropertyTarget::put($composition, $layer, 'pan', $this->frame, $pan, $this->scope);
    }

    public function title(): string
    {
        return 'pan in window';
    }
}
