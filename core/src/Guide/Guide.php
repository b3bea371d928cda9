<?php

declare(strict_types=1);

namespace Ricamo\Core\Guide;

use Ricamo\Core\Geometry\Axis;

/** A line on the picture that says what is aligned: upright at x = $at, or level at y = $at, in composition pixels. */
final readonly class Guide
{
    public function __construct(public Axis $axis, public float $at, public float $from, public float $to)
    {
    }

    /** @return array{axis: string, at: float, from: float, to: float} */
    public function toJson(): array
    {
        return ['axis' => $this->axis->value, 'at' => round($this->at, 3), 'from' => round($this->from, 3), 'to' => round($this->to, 3)];
    }
}
