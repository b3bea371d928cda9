<?php

declare(strict_types=1);

namespace Ricamo\Core\Cascade;

use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** The cascades that there are to choose from, each good untouched. */
final class Cascades
{
    /** @var array<string, ReadyCascade>|null */
    private static ?array $byName = null;

    /** @return array<string, ReadyCascade> by name, in the order in which they are offered */
    public static function all(): array
    {
        return self::$byName ??= array_column([...self::arrivals(), ...self::leavings(), ...self::accents()], null, 'name');
    }

    /** @return array<string, mixed> the JSON Schema of the name of one */
    public static function schema(): array
    {
        return ['type' => 'string', 'enum' => array_keys(self::all())];
    }

    /** @throws Refusal for what is none */
    public static function read(Node $node): ReadyCascade
    {
        return self::all()[$node->string(40)] ?? $node->refuse(
            "\"{$node->string()}\" is not a cascade; there are ".implode(', ', array_keys(self::all())),
        );
    }

    /** @return list<ReadyCascade> */
    private static function arrivals(): array
    {

        return [
            self::arrive('fade-on', 'Fade on', 0.5, ['overlap' => 80, 'easing' => 'ease-in-out']),
            self::arrive('rise', 'Rise', 0.7, ['position' => [0, 0.6], 'overlap' => 82, 'easing' => 'cubic-out']),
            self::arrive('two-by-two', 'Two words at a time', 0.6, [
                'units' => 'words', 'every' => 2, 'position' => [0, 0.5], 'overlap' => 40, 'easing' => 'cubic-out',
            ]),
            self::arrive('pop', 'Pop in', 0.6, ['position' => [0, 0.5], 'scale' => [25, 25], 'overlap' => 80, 'easing' => 'quint-out']),
            self::arrive('spring-apart', 'Spring apart', 1.1, [
                'gather' => 100, 'scale' => [45, 45], 'turn' => -24, 'overlap' => 94, 'order' => 'middle', 'easing' => 'elastic-out',
            ]),
            self::arrive('drop', 'Drop and settle', 0.9, ['position' => [0, -2.6], 'overlap' => 84, 'easing' => 'bounce-out']),
            self::arrive('tumble', 'Tumble in', 0.7, ['turn' => -90, 'pivot' => [0, 85], 'overlap' => 80, 'easing' => 'back-out']),
            self::arrive('typing', 'Typing', 0.07, ['overlap' => 0, 'spaces' => true, 'caret' => true, 'easing' => 'hold']),
            self::arrive('shuffled', 'Shuffled letters', 0.8, [
                'opacity' => 100, 'shuffles' => true, 'overlap' => 88, 'easing' => 'linear',
            ]),
            self::arrive('out-of-blur', 'Out of a blur', 0.8, [
                'blur' => 0.22, 'overlap' => 85, 'order' => 'random', 'easing' => 'quad-out',
            ]),
            self::arrive('exposure', 'Exposure', 0.7, [
                'tint' => '#ffffff', 'blur' => 0.05, 'scale' => [104, 104], 'overlap' => 85, 'order' => 'random', 'easing' => 'quad-out',
            ]),
            self::arrive('unfold', 'Unfold', 0.6, [
                'units' => 'words', 'scale' => [100, 0], 'pivot' => [50, 80], 'opacity' => 100, 'overlap' => 65, 'easing' => 'back-out',
            ]),
            self::arrive('line-by-line', 'Line by line', 0.8, [
                'units' => 'lines', 'position' => [-0.8, 0], 'overlap' => 60, 'easing' => 'quint-out',
            ]),
            self::arrive('fall-into-place', 'Fall into place', 1.4, [
                'position' => [0, -4.5], 'z' => -3, 'tiltX' => 40, 'scatterTilt' => 12, 'scatterTurn' => 8, 'settles' => 40, 'opacity' => 100,
                'overlap' => 92, 'easing' => 'cubic-out',
            ]),
            self::arrive('turn-round', 'Turn round', 0.7, ['tiltY' => -100, 'overlap' => 85, 'easing' => 'cubic-out']),
            self::arrive('from-far-away', 'From far away', 0.9, ['z' => 30, 'overlap' => 85, 'order' => 'random', 'easing' => 'quint-out']),
            self::arrive('gather', 'Gather', 1.0, [
                'scatter' => [3.5, 2.5],
                'scatterTurn' => 160,
                'scatterScale' => 60,
                'overlap' => 90,
                'order' => 'random',
                'easing' => 'quint-out',
            ]),
        ];
    }

    /** @return list<ReadyCascade> */
    private static function leavings(): array
    {

        return [
            self::leave('fade-off', 'Fade off', 0.5, ['overlap' => 80, 'easing' => 'ease-in-out']),
            self::leave('sink', 'Sink', 0.6, ['position' => [0, 0.6], 'overlap' => 82, 'easing' => 'cubic-in']),
            self::leave('shrink-away', 'Shrink away', 0.7, [
                'scale' => [20, 20], 'turn' => 28, 'blur' => 0.14, 'overlap' => 86, 'order' => 'random', 'easing' => 'cubic-in',
            ]),
            self::leave('fall-off', 'Fall off', 0.8, [
                'position' => [0, 3], 'scatterTurn' => 70, 'overlap' => 86, 'order' => 'random', 'easing' => 'quad-in',
            ]),
            self::leave('blown-off', 'Blown off', 0.9, [
                'position' => [2.5, -1],
                'scatter' => [1.5, 1.5],
                'scatterTurn' => 120,
                'blur' => 0.08,
                'overlap' => 90,
                'order' => 'backward',
                'easing' => 'quad-in',
            ]),
            self::leave('fly-past', 'Fly past', 0.9, [
                'z' => -16, 'scatter' => [2, 2], 'scatterTilt' => 40, 'overlap' => 90, 'order' => 'random', 'easing' => 'cubic-in',
            ]),
            self::leave('draw-together', 'Draw together', 0.6, [
                'gather' => 100, 'scale' => [40, 40], 'overlap' => 95, 'order' => 'edges', 'easing' => 'back-in',
            ]),
        ];
    }

    /** @return list<ReadyCascade> */
    private static function accents(): array
    {

        return [
            self::accent('wave', 'Wave', 0.7, ['position' => [0, -0.28], 'overlap' => 82, 'easing' => 'ease-in-out']),
            self::accent('swell', 'Swell', 0.6, ['scale' => [128, 128], 'pivot' => [50, 80], 'overlap' => 80, 'easing' => 'ease-in-out']),
            self::accent('gleam', 'Gleam', 0.5, ['tint' => '#fff6df', 'overlap' => 82, 'order' => 'place', 'easing' => 'ease-out']),
            self::accent('wobble', 'Wobble', 0.5, [
                'turn' => 14, 'pivot' => [50, 80], 'overlap' => 70, 'order' => 'random', 'easing' => 'ease-in-out',
            ]),
        ];
    }

    /** @param  array<string, mixed>  $fields */
    private static function arrive(string $name, string $title, float $each, array $fields): ReadyCascade
    {
        return new ReadyCascade($name, $title, Role::Arrive, $each, $fields);
    }

    /** @param  array<string, mixed>  $fields */
    private static function leave(string $name, string $title, float $each, array $fields): ReadyCascade
    {
        return new ReadyCascade($name, $title, Role::Leave, $each, $fields);
    }

    /** @param  array<string, mixed>  $fields */
    private static function accent(string $name, string $title, float $each, array $fields): ReadyCascade
    {
        return new ReadyCascade($name, $title, Role::Accent, $each, ['opacity' => 100, ...$fields]);
    }
}
