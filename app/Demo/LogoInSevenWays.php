<?php

declare(strict_types=1);

namespace App\Demo;

use Ricamo\Core\Document\Composition;

/** A logo over the same clip in seven ways, one after another; each is gone on its last visible frame. */
final class LogoInSevenWays
{
    /** Frames of each way, and of its coming and going. */
    private const EACH = 60;

    private const COMES = 16;

    public static function composition(string $street, string $logo): Composition
    {
        $stage = new Stage('A logo in seven ways', '25/1', 7 * self::EACH, Palette::NIGHT);
        $stage->add('footage', 'Street', ['media' => $street, 'position' => [960, 540], 'label' => 'walnut', 'beyond' => 'there-and-back']);
        $phase = fn (array $move, int $length = self::COMES): array => [
            'length' => $length, 'easing' => 'ease-in-out(60%)', 'moves' => [$move],
        ];
        $ways = [
            'Fades' => ['opacity' => self::there(0, 100)],
            'Slides' => ['position' => self::there([960, 1400], [960, 540], [960, -320])],
            'Grows and shrinks' => ['scale' => self::there([0, 0], [80, 80])],
            'Drawn in by a corner' => ['effects' => [[
                'id' => 'e1', 'effect' => 'corner-pin', 'topLeft' => self::there([-1400, -700], [0, 0], [0, 0]),
                'bottomRight' => self::there([0, 0], [0, 0], [1400, 700]),
            ]], 'opacity' => self::there(0, 100)],
            'Out of a smear' => ['effects' => [[
                'id' => 'e1', 'effect' => 'smear', 'radius' => 460,
                'centre' => ['keyframes' => [
                    ['at' => 0, 'value' => [-1000, 0], 'easing' => 'ease-in-out(70%)'],
                    ['at' => self::EACH - 1, 'value' => [1000, 0]],
                ]],
            ]]],
            'Wiped' => ['arrive' => $phase(['move' => 'wipe', 'angle' => 225]), 'leave' => $phase(['move' => 'wipe', 'angle' => 45], 26)],
            'Streaks' => ['arrive' => $phase(['move' => 'streak']), 'leave' => ['mirror' => true]],
        ];
        $number = 0;
        foreach ($ways as $name => $fields) {
            $stage->add('footage', $name, [
                'media' => $logo, 'in' => $number * self::EACH, 'out' => ($number + 1) * self::EACH,
                'position' => [960, 540], 'scale' => [80, 80],
                'label' => ['madder', 'woad', 'weld', 'saffron', 'indigo', 'cochineal', 'lichen'][$number], ...$fields,
            ]);
            $number++;
        }

        return $stage->composition();
    }

    /**
     * From where it comes to where it rests, and to where it goes.
     *
     * @return array{keyframes: list<array<string, mixed>>}
     */
    private static function there(mixed $from, mixed $rest, mixed $to = null): array
    {
        return ['keyframes' => [
            ['at' => 0, 'value' => $from, 'easing' => 'ease-out(75%)'], ['at' => self::COMES, 'value' => $rest],
            ['at' => self::EACH - 1 - self::COMES, 'value' => $rest, 'easing' => 'ease-in(75%)'],
            ['at' => self::EACH - 1, 'value' => $to ?? $from],
        ]];
    }
}
