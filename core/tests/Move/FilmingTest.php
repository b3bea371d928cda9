<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Move;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Camera;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Geometry\Vector;
use Ricamo\Core\Move\Accents;
use Ricamo\Core\Move\Moves;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

/** How cameras come, go and tremble: relative to where they stand, and to what they aim at. */
final class FilmingTest extends TestCase
{
    /** 2,000 pixels before its aim, which is in the middle of the picture. */
    private const STANDS = ['position' => [960, 540], 'z' => -2000, 'aim' => [960, 540]];

    /** @param  array<string, mixed>  $fields */
    private static function composition(array $fields): Composition
    {
        return Fixture::composition([
            Fixture::bar(), ['id' => 'camera', 'kind' => 'camera', 'name' => 'Camera', 'in' => 0, 'out' => 100, ...self::STANDS, ...$fields],
        ]);
    }

    /** @param  array<string, mixed>  $fields */
    private static function camera(array $fields, float $at): Camera
    {
        return self::composition($fields)->cameras()?->camera($at) ?? self::fail('none is on');
    }

    /** @return array<string, mixed> */
    private static function arriving(string $move): array
    {
        return ['arrive' => ['length' => 20, 'easing' => 'linear', 'moves' => [['move' => $move]]]];
    }

    /** @return iterable<string, array{string}> */
    public static function moves(): iterable
    {
        foreach (array_keys(Moves::which(true)) as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('moves')]
    public function test_it_comes_to_rest_exactly_where_it_stands(string $move): void
    {
        foreach ([[], ['orbitY' => 30, 'rotation' => 20, 'lens' => 85]] as $stands) {
            $still = self::camera($stands, 40);
            self::assertEquals($still, self::camera([...$stands, ...self::arriving($move)], 20));
            self::assertNotEquals($still, self::camera([...$stands, ...self::arriving($move)], 19));
            // Mirrored it leaves as it came.
            $leaving = [...$stands, ...self::arriving($move), 'leave' => ['mirror' => true]];
            self::assertEqualsWithDelta(self::camera($leaving, 5)->eye, self::camera($leaving, 94)->eye, 1e-6);
        }
    }

    #[DataProvider('moves')]
    public function test_what_it_aims_at_stays_in_the_middle(string $move): void
    {
        $camera = self::camera(['orbitX' => 20, 'aimZ' => 100, 'rotation' => 15, ...self::arriving($move)], 7);
        $way = (new Vector(960, 540, 100))->minus($camera->eye);
        self::assertEqualsWithDelta([0, 0], [$way->dot($camera->right), $way->dot($camera->down)], 1e-6);
        self::assertEqualsWithDelta($way->length(), $camera->focus, 1e-6, 'and in focus');
    }

    public function test_halfway_each_is_where_it_is_said_to_be(): void
    {
        $eye = function (string $move): array {
            $camera = self::camera(self::arriving($move), 10);

            return [round($camera->eye->x, 3), round($camera->eye->y, 3), round($camera->eye->z, 3)];
        };
        // 1.6 times as far at the beginning, 1.3 times halfway; half as far, three quarters.
        self::assertSame([960.0, 540.0, -2600.0], $eye('push-in'));
        self::assertSame([960.0, 540.0, -1500.0], $eye('pull-out'));
        // From 900 above, 450.
        self::assertSame([960.0, 90.0, -2000.0], $eye('crane'));
        // From 40° around and 12° up, 20° and 6°.
        $up = deg2rad(6);
        $around = deg2rad(20);
        self::assertSame([
            round(960 + 2000 * cos($up) * sin($around), 3), round(540 - 2000 * sin($up), 3), round(-2000 * cos($up) * cos($around), 3),
        ], $eye('orbit'));
    }

    public function test_a_dolly_zoom_keeps_the_size_of_what_it_aims_at(): void
    {
        $sizes = array_map(function (float $at): float {
            $camera = self::camera(self::arriving('dolly-zoom'), $at);

            return $camera->focal / $camera->away(new Vector(960, 540, 0));
        }, [0, 3, 11, 19, 50]);
        self::assertEqualsWithDelta(array_fill(0, 5, $sizes[4]), $sizes, 1e-9);
        self::assertEqualsWithDelta(2.5 * 50, self::camera(self::arriving('dolly-zoom'), 0)->focal * 36 / 1920, 1e-9);
    }

    public function test_a_hand_trembles_by_a_seed_and_rests_at_both_ends(): void
    {
        $held = fn (int $seed): array => ['accents' => [['accent' => 'hand-held', 'at' => 10, 'length' => 60, 'seed' => $seed]]];
        $rest = self::camera([], 0)->eye;
        self::assertEquals([$rest, $rest], [self::camera($held(1), 10)->eye, self::camera($held(1), 70)->eye]);
        $far = [];
        foreach (range(11, 69) as $frame) {
            $eye = self::camera($held(1), $frame)->eye->minus($rest);
            self::assertLessThanOrEqual(12.0, max(abs($eye->x), abs($eye->y)));
            self::assertSame(0.0, round($eye->z, 9));
            $far[] = $eye->length();
            // It never jumps.
            self::assertLessThan(4.5, self::camera($held(1), $frame + 1)->eye->minus(self::camera($held(1), $frame)->eye)->length());
        }
        self::assertGreaterThan(5, max($far));
        self::assertNotEquals(self::camera($held(1), 40), self::camera($held(2), 40));
    }

    public function test_moves_of_cameras_are_for_cameras(): void
    {
        $composition = self::composition([]);
        $refused = function (string $edit, array $args) use ($composition): string {
            try {
                Fixture::edit($composition, $edit, $args);
            } catch (Refusal $refusal) {
                return $refusal->getMessage();
            }

            return '';
        };
        $phase = fn (string $move): array => ['moves' => [['move' => $move]], 'length' => 9];
        self::assertSame('“Fade” is for what is seen, not for cameras', $refused('set-arrival', ['layers' => ['camera'], 'phase' => $phase('fade')]));
        self::assertSame('“Crane” is only for cameras', $refused('set-leaving', ['layers' => ['bar'], 'phase' => $phase('crane')]));
        self::assertSame('“Hand-held” is only for cameras', $refused('set-accents', [
            'layers' => ['bar'], 'add' => ['accent' => 'hand-held', 'at' => 0, 'length' => 9],
        ]));
        self::assertStringContainsString('is not seen', $refused('write-moves-out', ['layers' => ['camera']]));
        self::assertContains('hand-held', array_keys(Accents::which(true)));
        $this->expectExceptionMessage('kind: “Orbit” is only for cameras');
        Fixture::composition([Fixture::bar(self::arriving('orbit'))]);
    }
}
