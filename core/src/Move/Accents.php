<?php

declare(strict_types=1);

namespace Ricamo\Core\Move;

use Ricamo\Core\Json\Node;
use Ricamo\Core\Move\Staying\Breathe;
use Ricamo\Core\Move\Staying\Floats;
use Ricamo\Core\Move\Staying\GoneMeanwhile;
use Ricamo\Core\Move\Staying\HandHeld;
use Ricamo\Core\Move\Staying\JumpCut;
use Ricamo\Core\Move\Staying\Nod;
use Ricamo\Core\Move\Staying\Pulse;
use Ricamo\Core\Move\Staying\Shake;
use Ricamo\Core\Move\Staying\Spin;
use Ricamo\Core\Refusal;

/** Every accent, by its name. */
final class Accents
{
    private const CLASSES = [
        Pulse::class, Breathe::class, Nod::class, Floats::class, Spin::class, JumpCut::class, Shake::class, HandHeld::class,
    ];

    /** @var array<string, Accent>|null */
    private static ?array $byName = null;

    /** @return array<string, Accent> in the order in which they are offered */
    public static function all(): array
    {
        if (self::$byName === null) {
            $accents = [
                ...array_map(fn (string $class): Accent => new $class, self::CLASSES),
                ...array_values(array_map(fn (Move $move): Accent => new GoneMeanwhile($move), Moves::all())),
            ];
            self::$byName = array_combine(array_map(fn (Accent $accent): string => $accent->name(), $accents), $accents);
        }

        return self::$byName;
    }

    /**
     * @param  bool  $films  whether those for cameras are asked for, or those for what they see
     * @return array<string, Accent>
     */
    public static function which(bool $films): array
    {
        return array_filter(self::all(), fn (Accent $accent): bool => $accent->films() === $films);
    }

    /** @throws Refusal for what is none */
    public static function read(Node $node): Accent
    {
        return self::all()[$node->string(40)] ?? $node->refuse(
            "\"{$node->string()}\" is not an accent; there are ".implode(', ', array_keys(self::all())),
        );
    }
}
