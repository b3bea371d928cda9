<?php

declare(strict_types=1);

namespace Ricamo\Core\Animation\Easing;

/** The families without settings, each by its ease-in formula after Robert Penner. */
enum Curve: string
{
    case Quad = 'quad';
    case Cubic = 'cubic';
    case Quart = 'quart';
    case Quint = 'quint';
    case Sine = 'sine';
    case Expo = 'expo';
    case Bounce = 'bounce';

    public function in(float $t): float
    {
        return match ($this) {
            self::Quad => $t ** 2,
            self::Cubic => $t ** 3,
            self::Quart => $t ** 4,
            self::Quint => $t ** 5,
            self::Sine => 1 - cos($t * M_PI / 2),
            self::Expo => $t <= 0 ? 0.0 : 2 ** (10 * $t - 10),
            self::Bounce => 1 - self::bounceOut(1 - $t),
        };
    }

    /** Four parabolas of the same curvature 7.5625 = 2.75², on a base of 2.75 units, each lower than the one before. */
    private static function bounceOut(float $t): float
    {
        return match (true) {
            $t < 1 / 2.75 => 7.5625 * $t ** 2,
            $t < 2 / 2.75 => 7.5625 * ($t - 1.5 / 2.75) ** 2 + 0.75,
            $t < 2.5 / 2.75 => 7.5625 * ($t - 2.25 / 2.75) ** 2 + 0.9375,
            default => 7.5625 * ($t - 2.625 / 2.75) ** 2 + 0.984375,
        };
    }
}
