<?php

namespace Ricamo\Core\Edit;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Node;

/** Moves layers on the picture by a distance in composition pixels; `straight` keeps to the longer axis. */
final readonly class DragLayers implements Edit
{
    /** @param  non-empty-list<string>  $layers */
    private function __construct(private array $layers, private int $frame, private Point $by, private Scope $scope)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['layers', 'frame', 'by', 'straight', 'scope']);
        [$x, $y] = PointNode::read($args->field('by'));
        $straight = $args->optional('straight')?->bool() ?? false;
        $by = match (true) {
            ! $straight => new Point($x, $y),
            abs($x) >= abs($y) => new Point($x, 0),
            default => new Point(0, $y),
        };

        return new self(
            LayerIds::read($args),
            $args->field('frame')->int(-Composition::LONGEST, Composition::LONGEST),
            $by,
            $args->optional('scope')?->enum(Scope::class) ?? Scope::Playhead,
        );
    }

    public function apply(Composition $composition, MediaLibrary $media): Composition
    {
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            $place = $layer->point('position', $this->frame)->plus($this->by);
            $composition = PropertyTarget::put($composition, $layer, 'position', $this->frame, $place, $this->scope);
        }

        return $composition;
    }

    public function title(): string
    {
        return 'move';
    }
}
