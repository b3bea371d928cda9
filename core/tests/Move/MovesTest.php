<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Move;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Moves;
use Ricamo\Core\Move\Scenery;
use Ricamo\Core\Tests\Fixture;

/** A quarter of the way in, of a layer of 200 × 100 about (200, 450) in a frame of 1920 × 1080: every move, worked out by hand. */
final class MovesTest extends TestCase
{
    private const STILL = [1, 0, 0, 1, 0, false];

    /** A quarter of its size about its middle. */
    private const SMALL = [0.25, 0, 0, 0.25, 150, 337.5];

    /** @param  array<string, float>  $more  settings other than the move's own */
    private static function change(string $move, float $p, array $more = []): Change
    {
        $chosen = Moves::all()[$move];
        $settings = array_map(floatval(...), [...array_column($chosen->settings(), 'default', 'name'), ...$more]);

        return $chosen->at($p, $settings, new Scenery(new Box(100, 400, 300, 500), new Point(200, 450), 1920, 1080));
    }

    /**
     * @return iterable<string, array{string, list<float|int>, float, ?list<float|int>, bool}> the matrix, the opacity, the box
     *     of what is left of it, and whether something is done to it
     */
    public static function quarters(): iterable
    {
        yield 'fade' => ['fade', self::STILL, 0.25, null, false];
        yield 'light: nothing of it covers what lies beneath' => ['light', self::STILL, 0.0, null, false];
        yield 'slide: 300 px to the left are out of the frame' => ['slide', [1, 0, 0, 1, -225, 0], 1.0, null, false];
        yield 'push: a frame to the right' => ['push', [1, 0, 0, 1, 1440, 0], 1.0, null, false];
        yield 'drift: 90 px below' => ['drift', [1, 0, 0, 1, 0, 67.5], 0.25, null, false];
        yield 'lift: its own height below, within its own box' => ['lift', [1, 0, 0, 1, 0, 75], 1.0, [100, 400, 300, 500], false];
        yield 'drop: 500 px above' => ['drop', [1, 0, 0, 1, 0, -375], 1.0, null, false];
        yield 'grow' => ['grow', self::SMALL, 1.0, null, false];
        yield 'emerge: a quarter of its size about the middle of the lower edge' => ['emerge', [0.25, 0, 0, 0.25, 720, 810], 1.0, null, false];
        yield 'overshoot' => ['overshoot', self::SMALL, 1.0, null, false];
        yield 'spring' => ['spring', self::SMALL, 1.0, null, false];
        yield 'settle: from 160 %' => ['settle', [1.45, 0, 0, 1.45, -90, -202.5], 0.25, null, false];
        yield 'widen' => ['widen', [0.25, 0, 0, 1, 150, 0], 1.0, null, false];
        yield 'heighten' => ['heighten', [1, 0, 0, 0.25, 0, 337.5], 1.0, null, false];
        yield 'stretch: from three times as long, about its right edge' => ['stretch', [2.5, 0, 0, 0.25, -450, 300], 0.75, null, false];
        yield 'turn: 67.5° before it rests' => ['turn', [0.382683, -0.92388, 0.92388, 0.382683, -292.28248, 462.56836], 0.25, null, false];
        yield 'spin in: 270° before it rests, which is a quarter' => ['spin-in', [0, 0.25, -0.25, 0, 312.5, 400], 1.0, null, false];
        yield 'swing: 60° about the middle of its upper edge' => [
            'swing', [0.5, 0.866025, -0.866025, 0.5, 446.41016, 26.79492], 1.0, null, false,
        ];
        yield 'hinged: in the plane, nothing moves' => ['hinged', self::STILL, 1.0, null, false];
        yield 'flip over: likewise' => ['flip-over', self::STILL, 1.0, null, false];
        yield 'cube turn: likewise' => ['cube-turn', self::STILL, 1.0, null, false];
        yield 'swing doors: likewise' => ['swing-doors', self::STILL, 1.0, null, false];
        yield 'page turn: likewise' => ['page-turn', self::STILL, 1.0, null, false];
        yield 'unfold: likewise' => ['unfold', self::STILL, 1.0, null, false];
        yield 'split flap: likewise' => ['split-flap', self::STILL, 1.0, null, false];
        yield 'from afar: likewise' => ['afar', self::STILL, 0.5, null, false];
        yield 'tumble: 500 px above, as far as it lies flat' => ['tumble', [1, 0, 0, 1, 0, -375], 1.0, null, false];
        yield 'wipe: a quarter of it from its left edge, and one pixel more' => [
            'wipe', self::STILL, 1.0, [99, 337.19660, 150, 562.80340], false,
        ];
        yield 'iris: a quarter of half its diagonal' => ['iris', self::STILL, 1.0, [172.04915, 422.04915, 227.95085, 477.95085], false];
        yield 'doors' => ['doors', self::STILL, 1.0, [175, 400, 225, 500], false];
        yield 'blinds: six strips' => ['blinds', self::STILL, 1.0, [100, 400, 300, 487.5], false];
        yield 'clock: from above to the right' => ['clock', self::STILL, 1.0, [200, 226.39320, 423.60680, 450], false];
        yield 'focus' => ['focus', self::STILL, 0.5, null, true];
        yield 'flash' => ['flash', self::STILL, 0.75, null, true];
        yield 'streak: half of 300 px to the left' => ['streak', [1, 0, 0, 1, -150, 0], 0.5, null, true];
        yield 'copies: itself where it rests' => ['copies', self::STILL, 0.75, null, false];
    }

    /**
     * @param  list<float|int>  $matrix
     * @param  ?list<float|int>  $left
     */
    #[DataProvider('quarters')]
    public function test_a_quarter_of_the_way_it_is_where_it_was_worked_out(
        string $move, array $matrix, float $opacity, ?array $left, bool $isFiltered,
    ): void {
        $change = self::change($move, 0.25);
        $is = $change->matrix;
        self::assertEqualsWithDelta($matrix, [$is->a, $is->b, $is->c, $is->d, $is->e, $is->f], 1e-4);
        self::assertEqualsWithDelta($opacity, $change->opacity, 1e-9);
        self::assertSame($isFiltered, $change->filters !== []);
        self::assertEqualsWithDelta($left, $change->clips === [] ? null : Path::joined($change->clips)->bounds()?->toJson(), 1e-4);
    }

    public function test_there_is_no_move_that_was_not_worked_out(): void
    {
        self::assertSame(
            array_keys(Moves::which(false)),
            array_values(array_intersect(array_keys(Moves::which(false)), array_column(iterator_to_array(self::quarters(), false), 0))),
        );
    }

    public function test_what_is_out_of_focus_and_too_bright_is_so_by_as_much(): void
    {
        // 30 px of blur, three quarters of them left; four stops of light, three of them left: eight times.
        self::assertStringContainsString('22.5', self::change('focus', 0.25)->filters[0]->encode());
        self::assertMatchesRegularExpression('/\b8\b/', self::change('flash', 0.25)->filters[0]->encode());
    }

    public function test_light_is_added_first_and_what_lies_beneath_goes_after(): void
    {
        $at = fn (float $p): array => [($change = self::change('light', $p))->opacity, $change->light];
        self::assertEqualsWithDelta([0.0, 0.5], $at(0.25), 1e-12);
        self::assertEqualsWithDelta([0.0, 1.0], $at(0.5), 1e-12);
        self::assertEqualsWithDelta([0.5, 0.5], $at(0.75), 1e-12);
        self::assertEqualsWithDelta([1.0, 0.0], $at(1.0), 1e-12);
        // Beside another that is half opaque, all of it is half as much.
        $both = self::change('light', 0.75)->and((new Change)->faded(0.5));
        self::assertEqualsWithDelta([0.25, 0.25], [$both->opacity, $both->light], 1e-12);
    }

    public function test_copies_are_spread_evenly_and_the_farther_the_clearer(): void
    {
        $seen = fn (Change $change): array => array_map(
            fn (Change $one): array => [$one->matrix->a, $one->matrix->e, $one->opacity], $change->each(),
        );
        // Half of 600 px to the left is left, in two steps; a third and two thirds of what itself is.
        $copies = self::change('copies', 0.5, ['copies' => 2]);
        self::assertEqualsWithDelta([[1, -300, 1 / 3], [1, -150, 2 / 3], [1, 0, 1]], $seen($copies), 1e-9);
        self::assertEqualsWithDelta([[1, 0, 1]], $seen(self::change('copies', 1.0)), 1e-9);

        // Half as large about x = 200, that is moved by 100: so are the steps, where it is made smaller afterwards.
        $half = Change::scaled(new Point(200, 450), 0.5, 0.5);
        self::assertEqualsWithDelta(
            [[0.5, -50, 1 / 3], [0.5, 25, 2 / 3], [0.5, 100, 1]], $seen($copies->and($half)), 1e-9,
        );
        self::assertEqualsWithDelta(
            [[0.5, -200, 1 / 3], [0.5, -50, 2 / 3], [0.5, 100, 1]], $seen($half->and($copies)), 1e-9,
        );
        // Copies of copies: 400 px to the left, and of both 100 px to the right; the opacities are multiplied.
        $one = fn (float $angle, float $distance): Change => self::change(
            'copies', 0.5, ['copies' => 1, 'distance' => 2 * $distance, 'angle' => $angle],
        );
        self::assertEqualsWithDelta(
            [[1, -300, 0.25], [1, 100, 0.5], [1, -400, 0.5], [1, 0, 1]], $seen($one(180, 400)->and($one(0, 100))), 1e-9,
        );
        // What is nothing has none.
        self::assertSame([], $copies->and(Change::scaled(new Point(0, 0), 0, 0))->copies);
    }

    public function test_what_swings_hangs_at_the_edge_that_it_is_told(): void
    {
        // At the middle of its right edge, (300, 450), a quarter turned: what is 200 to the left of that is as far above it.
        $is = self::change('swing', 0.0, ['angle' => 0, 'turn' => 90])->matrix;
        self::assertEqualsWithDelta([300, 250], [$is->a * 100 + $is->c * 450 + $is->e, $is->b * 100 + $is->d * 450 + $is->f], 1e-9);
    }

    /** @return iterable<string, array{array<string, mixed>, float}> one more outline, and how far it reaches beyond the edge */
    public static function further(): iterable
    {
        yield 'outside' => [['side' => 'outside', 'width' => 40], 40.0];
        yield 'along the edge' => [['side' => 'centre', 'width' => 40], 20.0];
        yield 'inside' => [['side' => 'inside', 'width' => 40], 0.0];
        yield 'beneath, and shifted' => [['side' => 'beneath', 'width' => 10, 'shift' => [30, 40]], 60.0];
        yield 'not seen' => [['side' => 'outside', 'width' => 40, 'opacity' => 0], 0.0];
        yield 'off' => [['side' => 'outside', 'width' => 40, 'on' => false], 0.0];
    }

    /** @param  array<string, mixed>  $outline */
    #[DataProvider('further')]
    public function test_what_slides_in_begins_with_all_of_its_outlines_beyond_the_frame(array $outline, float $reach): void
    {
        foreach (['shape', 'window'] as $kind) {
            $composition = Fixture::composition([Fixture::bar([
                'kind' => $kind, 'size' => [200, 100], 'position' => [960, 540],
                'arrive' => ['moves' => [['move' => 'slide', 'angle' => 180]], 'length' => 20, 'easing' => 'linear'],
                'outlines' => [['id' => 'o1', ...$outline]],
            ])]);
            $change = Fixture::evaluator()->change($composition->layer('bar'), $composition, 0);
            // Its right edge, at 1060, and what reaches beyond that come to lie at 0.
            self::assertEqualsWithDelta(-1060 - $reach, $change->matrix->e, 1e-6, $kind);
        }
    }
}
