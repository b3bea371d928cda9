<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Handle;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Evaluate\Trail;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Handle\EffectPoints;
use Ricamo\Core\Kind\MaskPlaces;
use Ricamo\Core\Tests\Fixture;

/** The ways of layers, of their masks and of the points of their effects are bent by handles that lie in the picture. */
final class BentWaysTest extends TestCase
{
    /** A bar that is turned and stretched in a group that turns by 9° a frame, with a mask and an effect whose points move. */
    private static function composition(bool $fixed = false): Composition
    {
        $way = fn (array $from, array $to): array => Fixture::keyframes([0, $from], [20, $to]);

        return Fixture::composition([
            ['id' => 'g', 'kind' => 'group', 'name' => 'G', 'in' => 0, 'out' => 100, 'rotation' => Fixture::keyframes([0, 0], [20, 180])],
            Fixture::bar([
                'group' => 'g', 'position' => $way([100, 50], [300, 50]), 'rotation' => 30, 'scale' => [200, 50],
                'masks' => [[
                    'id' => 'm1', 'form' => 'ellipse', 'size' => [40, 40], 'fixed' => $fixed, 'position' => $way([0, 0], [60, 10]),
                ]],
                'effects' => [['id' => 'e1', 'effect' => 'corner-pin', 'topLeft' => $way([0, 0], [10, 4])]],
            ]),
        ]);
    }

    /** @return iterable<string, array{string, bool}> */
    public static function ways(): iterable
    {
        yield 'of a layer in a group that turns' => ['position', false];
        yield 'of a mask that goes along with its layer' => ['m1.position', false];
        yield 'of a mask that stays' => ['m1.position', true];
        yield 'of a point of an effect' => ['e1.topLeft', false];
    }

    /** @return list<array{frame: int, at: list<float>, bend: ?array{arrive: list<float>, leave: list<float>}}> */
    private static function points(Composition $composition, string $property, int $frame): array
    {
        $layer = $composition->layer('bar');
        $evaluator = Fixture::evaluator();
        $own = match ($property) {
            'position' => Trail::of($layer, $frame, $composition, $evaluator)['points'] ?? [],
            'm1.position' => MaskPlaces::of($layer, $composition, $frame, Box::centred(0, 0))[0]['points'],
            default => array_column(EffectPoints::of($layer, $composition, $frame, $evaluator), 'points', 'property')[$property],
        };

        return $own;
    }

    #[DataProvider('ways')]
    public function test_a_handle_lies_where_it_was_pulled_to_as_the_layer_is_seen(string $property, bool $fixed): void
    {
        $before = self::composition($fixed);
        foreach ([0, 7, 20] as $seen) {
            $after = Fixture::edit($before, 'bend-path', [
                'layer' => 'bar', 'property' => $property, 'frame' => 0, 'seen' => $seen, 'handle' => 'leave', 'to' => [80, -30],
            ]);
            $points = self::points($after, $property, $seen);
            self::assertSame([0, 20], array_column($points, 'frame'));
            self::assertNotNull($points[0]['bend']);
            self::assertEqualsWithDelta([80, -30], $points[0]['bend']['leave'], 0.01);
            self::assertEqualsWithDelta([-80, 30], $points[0]['bend']['arrive'], 0.01);
            // Its keyframes stay where they are.
            self::assertSame(
                array_column(self::points($before, $property, $seen), 'at'), array_column($points, 'at'),
            );
        }
    }

    #[DataProvider('ways')]
    public function test_its_way_is_gone_along_the_curve(string $property, bool $fixed): void
    {
        $bent = Fixture::edit(self::composition($fixed), 'bend-path', [
            'layer' => 'bar', 'property' => $property, 'frame' => 0, 'seen' => 0, 'handle' => 'leave', 'to' => [0, -60], 'sharp' => true,
        ]);
        $layer = $bent->layer('bar');
        [$from, $to] = [$layer->point($property, 0), $layer->point($property, 20)];
        $middle = $layer->point($property, 10);
        $straight = $from->mix($to, 0.5);
        self::assertGreaterThan(1.0, hypot($middle->x - $straight->x, $middle->y - $straight->y));
        // Smoothed and made sharp again, it is as straight as it was.
        $sharp = Fixture::edit($bent, 'smooth-path', [
            'keyframes' => [['layer' => 'bar', 'property' => $property, 'frames' => [0]]], 'sharp' => true,
        ]);
        self::assertEquals($straight, $sharp->layer('bar')->point($property, 10));
    }
}
