<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Kind;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Kind\Shape\Faint;
use Ricamo\Core\Tests\Fixture;

final class FaintTest extends TestCase
{
    /** @param  array<string, mixed>  $fields */
    #[DataProvider('shapes')]
    public function test_what_cannot_be_seen_says_so(array $fields, ?string $says): void
    {
        self::assertSame($says, Faint::of(Fixture::layer(Fixture::bar($fields)), 10));
    }

    /** @return iterable<string, array{array<string, mixed>, ?string}> */
    public static function shapes(): iterable
    {
        $nothing = 'Nothing of it is seen: it has no fill, and its outline is 0 px wide.';
        yield 'filled' => [['fill' => '#102030'], null];
        yield 'with an outline alone' => [['fill' => '#00000000', 'outline' => '#ff0000', 'outlineWidth' => 4], null];
        yield 'with neither' => [['fill' => '#00000000'], $nothing];
        yield 'a line without a width' => [['form' => 'line', 'fill' => '#102030'], $nothing];
        yield 'an outline that is clear' => [['outline' => '#ff000000', 'outlineWidth' => 4], 'Its outline is clear.'];
        yield 'one that is thin' => [['outlineWidth' => 0.3], 'Its outline is thinner than a pixel: 0.3 px.'];
        yield 'one that becomes thin with the shape' => [
            ['outlineWidth' => 4, 'scale' => [10, 10]], 'Its outline is thinner than a pixel: 0.4 px.',
        ];
        yield 'what grows out of nothing' => [
            ['outlineWidth' => 4, 'scale' => Fixture::keyframes([10, [0, 0]], [20, [100, 100]])], null,
        ];
        yield 'one that is thin here, and not later' => [
            ['outlineWidth' => Fixture::keyframes([0, 0.1, 'hold'], [20, 8])], 'Its outline is thinner than a pixel: 0.1 px.',
        ];
        yield 'a fill that is a gradient over a clear colour' => [
            ['fill' => '#00000000', 'gradients' => [['of' => 'fill', 'form' => 'linear', 'stops' => 2]]], null,
        ];
        yield 'further outlines' => [
            ['fill' => '#00000000', 'outlines' => [['id' => 'o1', 'side' => 'outside']]], null,
        ];
    }

    public function test_of_what_is_no_shape_nothing_is_said(): void
    {
        self::assertNull(Faint::of(Fixture::layer(Fixture::words(['fill' => '#00000000'])), 0));
    }
}
