<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Kind;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Kind\Shape\BareShape;
use Ricamo\Core\Kind\Shape\Outlines;
use Ricamo\Core\Kind\Shape\ShapeForm;
use Ricamo\Core\Tests\Fixture;

/** What of a shape is known beforehand, beside what is worked out for each frame: both draw the same. */
final class BareShapeTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, bool}> fields of a shape, and whether it is a bare one */
    public static function shapes(): iterable
    {
        $path = ['form' => 'path', 'path' => 'M0 0L100 0L100 80'];
        $course = fn (mixed $from, mixed $to): array => Fixture::keyframes([0, $from], [50, $to]);
        foreach (ShapeForm::cases() as $form) {
            yield "a form: $form->value" => [['form' => $form->value, ...($form === ShapeForm::Path ? $path : [])], true];
        }
        yield 'no line' => [['outlineWidth' => 0], true];
        yield 'a line that comes and goes' => [['outlineWidth' => $course(0, 9)], true];
        yield 'no fill' => [['fill' => '#00000000'], true];
        yield 'a fill that fades' => [['fill' => $course('#2f5d50', '#2f5d5000')], true];
        yield 'a line that cannot be seen' => [['outline' => '#00000000'], true];
        yield 'round ends' => [[...$path, 'cap' => 'round'], true];
        yield 'corners of its own' => [['roundTopLeft' => 20], true];
        yield 'nothing at all' => [['size' => [0, 100]], false];
        yield 'of another size on each frame' => [['size' => $course([10, 10], [90, 40])], false];
        yield 'another form on each frame' => [[...$path, 'path' => $course('M0 0L100 0L100 80', 'M0 0L50 0L50 80')], false];
        yield 'repeated' => [['columns' => 3], false];
        yield 'in dashes' => [['dash' => 8, 'gap' => 4], false];
        yield 'drawn in part' => [['drawEnd' => 40], false];
        yield 'drawn bit by bit' => [['drawEnd' => $course(0, 100)], false];
        yield 'tapered' => [['taperEnd' => 50], false];
        yield 'with a mark at its end' => [[...$path, 'endMark' => 'arrow'], false];
        yield 'pressed' => [[...$path, 'widths' => [20, 100]], false];
        yield 'with a brush' => [['brush' => ['form' => 'leaves']], false];
        yield 'with a gradient' => [['gradients' => [['of' => 'fill', 'form' => 'linear']]], false];
        yield 'with another outline' => [['outlines' => [['id' => 'o1']]], false];
        yield 'with a cascade' => [['cascades' => [['id' => 'c1', 'as' => 'arrive', 'units' => 'repeats', 'length' => 20]]], false];
    }

    /** @param  array<string, mixed>  $fields */
    #[DataProvider('shapes')]
    public function test_what_is_known_beforehand_is_what_would_be_drawn(array $fields, bool $isBare): void
    {
        $bar = Fixture::bar([
            'outline' => '#c9973f', 'outlineWidth' => 4, 'rotation' => Fixture::keyframes([0, 0], [90, 200]),
            'opacity' => Fixture::keyframes([0, 0], [20, 100]), ...$fields,
        ]);
        self::assertSame($isBare, BareShape::of(Fixture::layer($bar), new Outlines) !== null);
        // With keyframes nothing of it rests, though it comes to the same.
        $known = Fixture::composition([$bar]);
        $workedOut = Fixture::composition([[
            'columns' => Fixture::keyframes([0, $bar['columns'] ?? 1], [9, $bar['columns'] ?? 1]),
            ...array_diff_key($bar, ['columns' => 0]),
        ]]);
        self::assertNull(BareShape::of($workedOut->layer('bar'), new Outlines));
        foreach ([0, 1, 10, 33, 50, 90] as $frame) {
            self::assertSame(
                Fixture::evaluator()->frame($workedOut, $frame)->encode(),
                Fixture::evaluator()->frame($known, $frame)->encode(), "frame $frame",
            );
        }
    }

    public function test_a_layer_to_which_nothing_is_done_is_drawn_like_one_with_an_effect_that_is_off(): void
    {
        $bar = Fixture::bar([
            'outlineWidth' => 4, 'scale' => Fixture::keyframes([0, [0, 0]], [20, [100, 40]]),
            'opacity' => Fixture::keyframes([0, 0], [20, 100]),
        ]);
        $words = ['id' => 'words', 'kind' => 'text', 'name' => 'Words', 'in' => 5, 'out' => 60, 'text' => 'Depot Nine', 'rotation' => 20];
        [$plain, $off] = [
            [$bar, $words],
            array_map(
                fn (array $one): array => [...$one, 'effects' => [['id' => 'e1', 'effect' => 'blur', 'on' => false]]],
                [$bar, $words],
            ),
        ];
        self::assertTrue(Fixture::layer($bar)->isPlain);
        foreach ([0, 5, 19, 20, 59, 60] as $frame) {
            self::assertSame(
                Fixture::evaluator()->frame(Fixture::composition($off), $frame)->encode(),
                Fixture::evaluator()->frame(Fixture::composition($plain), $frame)->encode(), "frame $frame",
            );
        }
    }

    /** @return iterable<string, array{array<string, mixed>}> what makes more of a layer than what it is */
    public static function more(): iterable
    {
        yield 'motion blur' => [['motionBlur' => true]];
        yield 'always reads' => [['alwaysReads' => true]];
        yield 'blend' => [['blend' => 'multiply']];
        yield 'effects' => [['effects' => [['id' => 'e1', 'effect' => 'blur']]]];
        yield 'masks' => [['masks' => [['id' => 'm1', 'form' => 'rectangle']]]];
        yield 'arriving' => [['arrive' => ['length' => 10, 'moves' => [['move' => 'fade']]]]];
        yield 'leaving' => [['leave' => ['length' => 10, 'moves' => [['move' => 'fade']]]]];
        yield 'accents' => [['accents' => [['at' => 10, 'accent' => 'pulse', 'length' => 10]]]];
    }

    /** @param  array<string, mixed>  $fields */
    #[DataProvider('more')]
    public function test_whatever_is_done_to_a_layer_makes_it_no_plain_one(array $fields): void
    {
        self::assertFalse(Fixture::layer(Fixture::bar($fields))->isPlain);
    }
}
