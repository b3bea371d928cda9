<?php

declare(strict_types=1);

namespace Ricamo\Core\Value\Type;

/** A pair of factors along x and y: written as a point is, and no place. */
final class FactorsType extends PointType
{
    public function travels(): bool
    {
        return false;
    }
}
