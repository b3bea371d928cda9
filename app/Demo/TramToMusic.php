<?php

declare(strict_types=1);

namespace App\Demo;

use Ricamo\Core\Document\Composition;

/** A tram becomes a logo, to music: a beginning, with a clip for reference, markers on the beats, and what moves to them. */
final class TramToMusic
{
    /** Frames from beat to beat: 100 a minute. */
    private const BEAT = 15;

    public static function composition(string $reference, string $music, string $badge): Composition
    {
        $stage = new Stage('A tram becomes a logo', '25/1', 240, Palette::NIGHT);
        $stage->add('footage', 'Reference', ['media' => $reference, 'position' => [960, 540], 'reference' => true, 'label' => 'walnut']);
        $stage->add('sound', 'Jingle', ['media' => $music, 'label' => 'weld', 'level' => ['keyframes' => [
            ['at' => 0, 'value' => 100], ['at' => 200, 'value' => 100, 'easing' => 'ease-in'], ['at' => 240, 'value' => 0],
        ]]]);
        // One bar that jumps on the beats, twelve times over, each two frames later than the one before.
        $stage->rectangle('Beats', [960, 930], 34, 34, Palette::DEPOT_GREEN, [
            'rounding' => '50%', 'columns' => 12, 'gaps' => [42, 0], 'stepTime' => 2, 'lastFill' => Palette::BRASS, 'label' => 'lichen',
            'size' => ['keyframes' => array_merge(...array_map(self::jump(...), range(1, 13)))],
        ]);
        $stage->rectangle(
            'Body', self::fromBeat(1, [-500, 560], [960, 560]), 620, 210, Palette::TRAM_CREAM,
            ['rounding' => 26, 'label' => 'saffron'],
        );
        foreach ([-200, 0, 200] as $index => $x) {
            $stage->rectangle(
                'Window '.($index + 1), self::fromBeat(1, [$x - 500, 520], [$x + 960, 520]), 130, 80, Palette::ENAMEL_BLUE,
                ['rounding' => 12, 'label' => 'woad'],
            );
        }
        foreach ([-190, 190] as $index => $x) {
            $stage->ellipse(
                'Wheel '.($index + 1), self::fromBeat(2, [960 + $x, 1240], [960 + $x, 670]), 96, 96, Palette::SIGNAL_RED,
                ['label' => 'madder'],
            );
        }
        $stage->add('footage', 'Badge', [
            'media' => $badge, 'in' => 8 * self::BEAT, 'position' => [960, 540], 'label' => 'indigo',
            'scale' => ['keyframes' => [['at' => 0, 'value' => [0, 0], 'easing' => 'back-out'], ['at' => 12, 'value' => [110, 110]]]],
        ]);

        return $stage->composition(array_map(
            fn (int $beat): array => ['frame' => $beat * self::BEAT, 'name' => $beat % 4 === 0 ? 'Bar '.($beat / 4 + 1) : ''],
            range(0, 15),
        ));
    }

    /** @return list<array<string, mixed>> keyframes of a size: up on a beat, and down again until the next */
    private static function jump(int $beat): array
    {
        return [
            ['at' => $beat * self::BEAT, 'value' => [34, 34], 'easing' => 'cubic-out'],
            ['at' => $beat * self::BEAT + 4, 'value' => [34, $beat % 4 === 0 ? 190 : 120], 'easing' => 'ease-in-out'],
        ];
    }

    /**
     * @param  array{int, int}  $from
     * @param  array{int, int}  $to
     * @return array{keyframes: list<array<string, mixed>>}
     */
    private static function fromBeat(int $beat, array $from, array $to): array
    {
        return ['keyframes' => [
            ['at' => $beat * self::BEAT, 'value' => $from, 'easing' => 'cubic-out'], ['at' => ($beat + 2) * self::BEAT, 'value' => $to],
        ]];
    }
}
