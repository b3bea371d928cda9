<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Geometry\Axis;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Node;

/** A line that the producer has put across the frame: upright at x = $at, or level at y = $at, in composition pixels. */
final readonly class PlacedGuide
{
    /** The most that a composition has. */
    public const MOST = 100;

    /** How far from the frame's corner it may be. */
    private const FARTHEST = 100_000;

    public function __construct(
        #[Field] public Axis $axis,
        #[Field('composition pixels', -self::FARTHEST, self::FARTHEST)] public float $at,
    ) {
    }

    public static function read(Node $node): self
    {
        return Fields::of(self::class)->read($node);
    }

    /** @return array{axis: string, at: float} */
    public function toJson(): array
    {
        return ['axis' => $this->axis->value, 'at' => $this->at];
    }
}
