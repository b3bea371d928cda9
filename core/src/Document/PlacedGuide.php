<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Geometry\Axis;
use Ricamo\Core\Json\Node;

/** A line that the producer has put across the frame: upright at x = $at, or level at y = $at, in composition pixels. */
final readonly class PlacedGuide
{
    /** The most that a composition has. */
    public const MOST = 100;

    public function __construct(public Axis $axis, public float $at)
    {
    }

    public static function read(Node $node): self
    {
        $node->allow(['axis', 'at']);

        return new self($node->field('axis')->enum(Axis::class), $node->field('at')->number(-100_000, 100_000));
    }

    /** @return array{axis: string, at: float} */
    public function toJson(): array
    {
        return ['axis' => $this->axis->value, 'at' => $this->at];
    }
}
