<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Picture;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Axis;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Node;

/** Flips each layer along its own x or y axis, around the middle of its box, which stays where it is. */
final readonly class FlipLayers implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    private function __construct(private array $layers, private int $frame, private Axis $axis, private Scope $scope)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['layers', 'frame', 'axis', 'scope']);

        return new self(
            LayerIds::read($args),
            $args->field('frame')->int(-Composition::LONGEST, Composition::LONGEST),
            $args->field('axis')->enum(Axis::class),
            $args->optional('scope')?->enum(Scope::class) ?? Scope::Playhead,
        );
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            $middle = $evaluator->pose($layer, $composition, $this->frame)->box->centre();
            $stays = $layer->matrix($this->frame)->apply($middle);
            $scale = $layer->point('scale', $this->frame);
            $flipped = $this->axis === Axis::X ? new Point(-$scale->x, $scale->y) : new Point($scale->x, -$scale->y);
            $composition = PropertyTarget::put($composition, $layer, 'scale', $this->frame, $flipped, $this->scope);
            $went = $composition->layer($id)->matrix($this->frame)->apply($middle);
            $place = $layer->point('position', $this->frame)->plus($stays->minus($went));
            $composition = PropertyTarget::put($composition, $composition->layer($id), 'position', $this->frame, $place, $this->scope);
        }

        return $composition;
    }

    public function title(): string
    {
        return 'flip';
    }
}
