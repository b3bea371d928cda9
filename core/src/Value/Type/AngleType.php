<?php

declare(strict_types=1);

namespace Ricamo\Core\Value\Type;

/** Degrees, clockwise, unbounded: 720 is two turns. */
final class AngleType extends NumberType
{
    public function name(): string
    {
        return 'angle';
    }
}
