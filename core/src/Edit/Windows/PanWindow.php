<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Windows;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Picture\PointNode;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Window\WindowContent;
use Ricamo\Core\Paint\PlacedGradient;

/**
 * Moves what is seen through a window, or the picture that words or a shape are painted with, by a distance in composition
 * pixels; the layer itself stays where it is.
 */
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
        $pictured = $layer->content instanceof WindowContent && $layer->content->shown !== null ? null : PlacedGradient::pictured($layer->attached->gradients);
        $property = $pictured === null ? 'pan' : "{$pictured->id()}.pan";
        PropertyTarget::of($layer, $property)->definition($layer);
        $own = $composition->space($layer->id, $this->frame)->after($layer->matrix($this->frame))->inverse();
        $pan = $layer->point($property, $this->frame)->plus($own->applyToDistance($this->by));

        return PropertyTarget::put($composition, $layer, $property, $this->frame, $pan, $this->scope);
    }

    public function title(): string
    {
        return 'pan in window';
    }
}
