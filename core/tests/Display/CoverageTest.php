<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Display;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Display\Coverage;
use Ricamo\Core\Tests\Fixture;

/** A frame of 400 × 200. */
final class CoverageTest extends TestCase
{
    /** @return iterable<string, array{list<array<string, mixed>>, float}> */
    public static function frames(): iterable
    {
        $bar = fn (array $fields): array => Fixture::bar(['size' => [200, 200], 'position' => [100, 100], 'fill' => '#2f5d50', ...$fields]);
        $right = $bar(['id' => 'right', 'position' => [300, 100]]);
        yield 'nothing' => [[], 0.0];
        yield 'a half' => [[$bar([])], 0.5];
        yield 'two halves' => [[$bar([]), $right], 1.0];
        yield 'two halves with a slit of a pixel' => [[$bar([]), $bar(['id' => 'right', 'position' => [301, 100]])], 399 / 400];
        yield 'one over the other' => [[$bar([]), $bar(['id' => 'other'])], 0.5];
        yield 'what can be seen through' => [[$bar(['fill' => '#2f5d50fe']), $right], 0.5];
        yield 'what is faded' => [[$bar(['opacity' => 99]), $right], 0.5];
        yield 'what is blurred' => [[$bar(['effects' => [['id' => 'e1', 'effect' => 'blur']]]), $right], 0.5];
        yield 'what is masked' => [[$bar(['masks' => [['id' => 'm1', 'form' => 'ellipse']]]), $right], 0.5];
        yield 'an ellipse' => [[$bar(['form' => 'ellipse'])], M_PI / 8];
        yield 'turned by a quarter' => [[$bar(['rotation' => 90]), $right], 1.0];
        yield 'an arch, along its curve' => [[$bar(['size' => [200, 200], 'rounding' => 100])], M_PI / 8];
        yield 'a diamond' => [[$bar(['rotation' => 45, 'size' => [141.42136, 141.42136]])], 0.25];
        yield 'larger than the frame' => [[$bar(['size' => [900, 900], 'rotation' => 30, 'position' => [200, 100]])], 1.0];
        yield 'a clip' => [[Fixture::clip(['position' => [200, 100], 'scale' => [25, 25]])], 1.0];
        yield 'a clip beside' => [[Fixture::clip(['position' => [0, 100], 'scale' => [25, 25]])], 0.6];
        yield 'a gradient' => [[$bar(['gradients' => [['of' => 'fill', 'form' => 'linear', 'stops' => 2]]]), $right], 1.0];
        yield 'a gradient that ends in nothing' => [
            [$bar(['gradients' => [['of' => 'fill', 'form' => 'linear', 'stops' => 2, 'colour2' => '#00000000']]]), $right],
            0.5,
        ];
        yield 'half wiped' => [
            [$bar([
                'size' => [400, 200], 'position' => [200, 100], 'in' => -5,
                'arrive' => ['length' => 10, 'easing' => 'linear', 'moves' => [['move' => 'wipe', 'angle' => 180]]],
            ])],
            0.5,
        ];
        $along = Fixture::keyframes([0, [100, 100]], [10, [300, 100]]);
        // Four of them in half of a frame, in which it goes 20 px: the last is 7.5 px further than the first.
        yield 'what moves on farther than it is wide' => [[$bar(['size' => [6, 200], 'position' => $along, 'motionBlur' => true])], 0.0];
        yield 'what all pictures of a movement have in common' => [[$bar(['position' => $along, 'motionBlur' => true])], (200 - 7.5) / 400];
    }

    #[DataProvider('frames')]
    public function test_what_is_certainly_opaque_is_counted_once(array $layers, float $expected): void
    {
        $composition = Fixture::composition($layers, ['width' => 400, 'height' => 200, 'background' => 'transparent']);
        $share = Coverage::of(Fixture::evaluator()->frame($composition, 0));
        self::assertEqualsWithDelta($expected, $share, $expected === 1.0 ? 0 : 0.004);
        self::assertSame($expected === 1.0, $share === 1.0);
    }
}
