<?php

declare(strict_types=1);

namespace Ricamo\Core\Animation;

use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Value\Type\OfType;
use Ricamo\Core\Value\Type\PointType;

/** The two handles that a motion path has at a keyframe, as distances from it in pixels. */
final readonly class Bend
{
    private const FARTHEST = 100_000.0;

    public function __construct(
        #[OfType(new PointType, least: -self::FARTHEST, most: self::FARTHEST)] public Point $arrive = new Point(0, 0),
        #[OfType(new PointType, least: -self::FARTHEST, most: self::FARTHEST)] public Point $leave = new Point(0, 0),
    ) {
    }

    public static function read(Node $node): self
    {
        return Fields::of(self::class)->read($node);
    }

    public function isNone(): bool
    {
        return $this->arrive->dot($this->arrive) + $this->leave->dot($this->leave) < 1e-9;
    }

    public function placed(Affine $space): self
    {
        return new self($space->applyToDistance($this->arrive), $space->applyToDistance($this->leave));
    }

    /** The handles of the path when it is gone the other way. */
    public function reversed(): self
    {
        return new self($this->leave, $this->arrive);
    }

    public function leavingStraight(): ?self
    {
        return self::unlessNone(new self($this->arrive, new Point(0, 0)));
    }

    public function arrivingStraight(): ?self
    {
        return self::unlessNone(new self(new Point(0, 0), $this->leave));
    }

    /** As it came there, so it goes back. */
    public function turningBack(): self
    {
        return new self($this->arrive, $this->arrive);
    }

    private static function unlessNone(self $bend): ?self
    {
        return $bend->isNone() ? null : $bend;
    }

    /** @return array{arrive: array{float, float}, leave: array{float, float}} */
    public function toJson(): array
    {
        return [
            'arrive' => [round($this->arrive->x, 3), round($this->arrive->y, 3)],
            'leave' => [round($this->leave->x, 3), round($this->leave->y, 3)],
        ];
    }
}
