<?php

declare(strict_types=1);

namespace Ricamo\Core\Move;

use Ricamo\Core\Json\Node;
use Ricamo\Core\Move\Arriving\Afar;
use Ricamo\Core\Move\Arriving\Blinds;
use Ricamo\Core\Move\Arriving\ClockHand;
use Ricamo\Core\Move\Arriving\Copies;
use Ricamo\Core\Move\Arriving\CubeTurn;
use Ricamo\Core\Move\Arriving\Doors;
use Ricamo\Core\Move\Arriving\Drift;
use Ricamo\Core\Move\Arriving\Drop;
use Ricamo\Core\Move\Arriving\Emerge;
use Ricamo\Core\Move\Arriving\Fade;
use Ricamo\Core\Move\Arriving\Flash;
use Ricamo\Core\Move\Arriving\FlipOver;
use Ricamo\Core\Move\Arriving\Focus;
use Ricamo\Core\Move\Arriving\Grow;
use Ricamo\Core\Move\Arriving\Heighten;
use Ricamo\Core\Move\Arriving\Hinged;
use Ricamo\Core\Move\Arriving\Iris;
use Ricamo\Core\Move\Arriving\Lift;
use Ricamo\Core\Move\Arriving\Light;
use Ricamo\Core\Move\Arriving\Overshoot;
use Ricamo\Core\Move\Arriving\PageTurn;
use Ricamo\Core\Move\Arriving\Push;
use Ricamo\Core\Move\Arriving\Settle;
use Ricamo\Core\Move\Arriving\Slide;
use Ricamo\Core\Move\Arriving\SpinIn;
use Ricamo\Core\Move\Arriving\SplitFlap;
use Ricamo\Core\Move\Arriving\Spring;
use Ricamo\Core\Move\Arriving\Streak;
use Ricamo\Core\Move\Arriving\Stretched;
use Ricamo\Core\Move\Arriving\Swing;
use Ricamo\Core\Move\Arriving\SwingDoors;
use Ricamo\Core\Move\Arriving\Tumble;
use Ricamo\Core\Move\Arriving\Turn;
use Ricamo\Core\Move\Arriving\Unfold;
use Ricamo\Core\Move\Arriving\Widen;
use Ricamo\Core\Move\Arriving\Wipe;
use Ricamo\Core\Move\Filming\Crane;
use Ricamo\Core\Move\Filming\DollyZoom;
use Ricamo\Core\Move\Filming\Orbit;
use Ricamo\Core\Move\Filming\PullOut;
use Ricamo\Core\Move\Filming\PushIn;
use Ricamo\Core\Refusal;

/** Every move, by its name. */
final class Moves
{
    private const CLASSES = [
        Fade::class,
        Light::class,
        Slide::class,
        Push::class,
        Drift::class,
        Lift::class,
        Drop::class,
        Grow::class,
        Emerge::class,
        Overshoot::class,
        Spring::class,
        Settle::class,
        Widen::class,
        Heighten::class,
        Stretched::class,
        Turn::class,
        SpinIn::class,
        Swing::class,
        Hinged::class,
        FlipOver::class,
        CubeTurn::class,
        SwingDoors::class,
        PageTurn::class,
        Unfold::class,
        SplitFlap::class,
        Afar::class,
        Tumble::class,
        Wipe::class,
        Iris::class,
        Doors::class,
        Blinds::class,
        ClockHand::class,
        Focus::class,
        Flash::class,
        Streak::class,
        Copies::class,
        PushIn::class,
        PullOut::class,
        Orbit::class,
        Crane::class,
        DollyZoom::class,
    ];

    /** @var array<string, Move>|null */
    private static ?array $byName = null;

    /** @return array<string, Move> in the order in which they are offered */
    public static function all(): array
    {
        if (self::$byName === null) {
            $moves = array_map(fn (string $class): Move => new $class, self::CLASSES);
            self::$byName = array_combine(array_map(fn (Move $move): string => $move->name(), $moves), $moves);
        }

        return self::$byName;
    }

    /**
     * @param  bool  $films  whether those for cameras are asked for, or those for what they see
     * @return array<string, Move>
     */
    public static function which(bool $films): array
    {
        return array_filter(self::all(), fn (Move $move): bool => $move->films() === $films);
    }

    /** @throws Refusal for what is none */
    public static function read(Node $node): Move
    {
        return self::all()[$node->string(40)] ?? $node->refuse(
            "\"{$node->string()}\" is not a move; there are ".implode(', ', array_keys(self::all())),
        );
    }
}
