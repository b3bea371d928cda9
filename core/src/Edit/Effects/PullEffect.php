<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Effects;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Picture\PointNode;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Handle\EffectPoints;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** Moves a point of an effect in the picture: `property` as the layer knows it, `by` in composition pixels, `straight` along one axis. */
final readonly class PullEffect implements CompositionEdit
{
    private function __construct(private string $layer, private string $property, private int $frame, private Point $by, private bool $straight, private Scope $scope)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['layer', 'property', 'frame', 'by', 'straight', 'scope']);

        return new self(
            $args->field('layer')->string(64),
            $args->field('property')->string(64),
            $args->field('frame')->int(-Composition::LONGEST, Composition::LONGEST),
            new Point(...PointNode::read($args->field('by'))),
            $args->optional('straight')?->bool() ?? false,
            $args->optional('scope')?->enum(Scope::class) ?? Scope::Playhead,
        );
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $layer = $composition->layer($this->layer);
        $effect = EffectPoints::owner($layer, $this->property);
        $pose = $evaluator->pose($layer, $composition, $this->frame);
        if ($pose->matrix->isFlat()) {
            throw new Refusal("“{$layer->name}” has no size on frame {$this->frame}");
        }
        $moved = $layer->point($this->property, $this->frame)->plus($pose->matrix->inverse()->applyToDistance($this->way()));
        $composition = PropertyTarget::put($composition, $layer, $this->property, $this->frame, $moved, $this->scope);
        EffectPoints::check($effect, $composition->layer($layer->id), $this->frame, $pose);

        return $composition;
    }

    public function title(): string
    {
        return 'move point of effect';
    }

    private function way(): Point
    {
        return match (true) {
            ! $this->straight => $this->by,
            abs($this->by->x) >= abs($this->by->y) => new Point($this->by->x, 0),
            default => new Point(0, $this->by->y),
        };
    }
}
