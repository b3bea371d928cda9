<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Kind\Shape\ShapeForm;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

/** Paths that are edited on the picture; the shape stands at (500, 300), twice as large. */
final class PathEditsTest extends TestCase
{
    private const BENT = 'M0 0C30 0 70 40 100 40L100 100L0 100Z';

    private static function shape(string|array $path = self::BENT, array $more = []): Composition
    {
        return Fixture::composition([Fixture::bar([
            'form' => 'path', 'path' => $path, 'position' => [500, 300], 'scale' => [200, 200], ...$more,
        ])]);
    }

    private static function path(Composition $composition, int $frame = 0): string
    {
        $path = $composition->layer('bar')->value('path', $frame);

        return $path instanceof Contours ? $path->write() : '';
    }

    private static function changed(Composition $composition, string $change, array $more = []): Composition
    {
        return Fixture::edit($composition, 'change-path', ['layer' => 'bar', 'frame' => 0, 'change' => $change, ...$more]);
    }

    private static function pulled(Composition $composition, int $knot, string $part, array $by, array $more = []): Composition
    {
        return Fixture::edit(
            $composition, 'pull-knot',
            ['layer' => 'bar', 'frame' => 0, 'contour' => 0, 'knot' => $knot, 'part' => $part, 'by' => $by, ...$more],
        );
    }

    public function test_a_point_is_pulled_with_its_handles_in_the_pixels_of_the_picture(): void
    {
        self::assertSame('M0 0C30 0 80 30 110 30L100 100L0 100Z', self::path(self::pulled(self::shape(), 1, 'at', [20, -20])));
        // Turned a quarter, to the right is up in the path.
        self::assertSame(
            'M0 0C30 0 70 30 100 30L100 100L0 100Z',
            self::path(self::pulled(self::shape(self::BENT, ['rotation' => 90]), 1, 'at', [20, 0])),
        );
    }

    public function test_the_other_handle_of_a_smooth_point_turns_along(): void
    {
        $smooth = self::shape('M0 0C0 0 70 50 100 50C120 50 200 0 200 0');
        // Its handle leads to (140, 70): the one across points the other way, as long as it was, 30.
        $handle = 30 / hypot(40, 20);
        self::assertSame(
            sprintf('M0 0C0 0 %s %s 100 50C140 70 200 0 200 0', round(100 - 40 * $handle, 3), round(50 - 20 * $handle, 3)),
            self::path(self::pulled($smooth, 1, 'out', [40, 40])),
        );
        self::assertSame(
            'M0 0C0 0 70 50 100 50C140 70 200 0 200 0',
            self::path(self::pulled($smooth, 1, 'out', [40, 40], ['broken' => true])),
        );
        // Out of a corner both are pulled.
        self::assertSame(
            'M0 0C0 0 90 45 100 50C110 55 200 0 200 0',
            self::path(self::pulled(self::shape('M0 0L100 50L200 0'), 1, 'out', [20, 10])),
        );
    }

    public function test_a_point_that_is_put_in_changes_nothing_of_the_course_and_is_taken_away_again(): void
    {
        $composition = self::shape();
        $curve = self::changed($composition, 'insert', ['knot' => 0, 'at' => 0.5]);
        self::assertSame('M0 0C15 0 32.5 10 50 20C67.5 30 85 40 100 40L100 100L0 100Z', self::path($curve));
        self::assertSame('M0 0C30 0 70 40 100 40L100 100L50 100L0 100Z', self::path(self::changed($composition, 'insert', ['knot' => 2])));
        // On the way back to the first.
        self::assertSame(
            'M0 0C30 0 70 40 100 40L100 100L0 100L0 25Z',
            self::path(self::changed($composition, 'insert', ['knot' => 3, 'at' => 0.75])),
        );
        self::assertSame('M0 0C30 0 100 100 100 100L0 100Z', self::path(self::changed($composition, 'remove', ['knot' => 1])));
    }

    public function test_points_are_smoothed_and_sharpened_and_lines_closed_opened_and_turned(): void
    {
        $line = self::shape('M0 0L90 0L90 60');
        // Along the line between its neighbours, a third of the way to each.
        [$x, $y] = [90 / hypot(90, 60), 60 / hypot(90, 60)];
        $text = fn (float ...$numbers): string => implode(' ', array_map(fn (float $one): string => (string) round($one, 3), $numbers));
        $smooth = self::changed($line, 'smooth', ['knot' => 1]);
        self::assertSame(
            'M0 0C0 0 '.$text(90 - 30 * $x, -30 * $y, 90, 0).'C'.$text(90 + 20 * $x, 20 * $y, 90, 60, 90, 60),
            self::path($smooth),
        );
        self::assertSame('M0 0L90 0L90 60', self::path(self::changed($smooth, 'sharpen', ['knot' => 1])));
        $closed = self::changed($line, 'close');
        self::assertSame('M0 0L90 0L90 60Z', self::path($closed));
        self::assertSame('M0 0L90 0L90 60', self::path(self::changed($closed, 'open')));
        self::assertSame('M90 60L90 0L0 0', self::path(self::changed($line, 'reverse')));
        self::assertSame('M0 0L90 60L90 0Z', self::path(self::changed($closed, 'reverse')));
        self::assertSame('M90 60L0 0L90 0Z', self::path(self::changed($closed, 'start', ['knot' => 2])));
    }

    public function test_lines_are_cut_and_joined(): void
    {
        $line = self::shape('M0 0L90 0L90 60L0 60');
        $cut = self::changed($line, 'cut', ['knot' => 1]);
        self::assertSame('M0 0L90 0M90 0L90 60L0 60', self::path($cut));
        self::assertSame('M0 0L90 0L90 0L90 60L0 60', self::path(self::changed($cut, 'join')));
        self::assertSame('M90 60L0 60L0 0L90 0L90 60', self::path(self::changed(self::changed($line, 'close'), 'cut', ['knot' => 2])));
        // Joined with the nearer end of the nearest, or with its own beginning.
        self::assertSame(
            'M0 0L100 0L110 0L110 50M500 0L600 0',
            self::path(self::changed(self::shape('M0 0L100 0M110 50L110 0M500 0L600 0'), 'join')),
        );
        self::assertSame('M0 0L90 0L90 60Z', self::path(self::changed(self::shape('M0 0L90 0L90 60'), 'join')));
        foreach ([
            ['cut', ['knot' => 0]], ['insert', ['knot' => 3]], ['smooth', ['knot' => 9]], ['close', ['contour' => 2]],
        ] as [$change, $more]) {
            try {
                self::changed($line, $change, $more);
                self::fail("$change was not refused");
            } catch (Refusal $refusal) {
                self::assertMatchesRegularExpression('/ends there|no point|no line/', $refusal->getMessage());
            }
        }
        $this->expectExceptionMessage('Nothing would be left');
        self::changed(self::shape('M0 0L90 0'), 'remove');
    }

    public function test_keyframes_keep_the_same_points(): void
    {
        $moving = self::shape(Fixture::keyframes([0, 'M0 0L100 0L100 100'], [20, 'M0 0L100 50L100 200'], [40, 'M0 0L1 1']));
        $changed = self::changed($moving, 'insert', ['knot' => 0]);
        self::assertSame(
            ['M0 0L50 0L100 0L100 100', 'M0 0L50 25L100 50L100 200', 'M0 0L1 1'],
            [self::path($changed), self::path($changed, 20), self::path($changed, 40)],
        );
        self::assertSame('M0 0L100 25L100 150', self::path($moving, 10));
        // Shifted as a whole where that is wanted, or one keyframe alone.
        $pulled = self::pulled($moving, 1, 'at', [20, 0], ['frame' => 20]);
        self::assertSame(['M0 0L100 0L100 100', 'M0 0L110 50L100 200'], [self::path($pulled), self::path($pulled, 20)]);
    }

    /** @return array<string, array{ShapeForm}> */
    public static function forms(): array
    {
        return array_column(
            array_map(
                fn (ShapeForm $form): array => [$form->value, [$form]],
                array_filter(ShapeForm::cases(), fn (ShapeForm $form): bool => $form !== ShapeForm::Path),
            ),
            1, 0,
        );
    }

    #[DataProvider('forms')]
    public function test_a_form_that_becomes_a_path_looks_the_same_on_every_frame(ShapeForm $form): void
    {
        $before = Fixture::composition([Fixture::bar([
            'form' => $form->value, 'rounding' => 8,
            'size' => Fixture::keyframes([0, [100, 60], 'ease-in'], [10, [240, 200]]), 'outlineWidth' => 6,
        ])]);
        $after = Fixture::edit($before, 'make-path', ['layers' => ['bar']]);
        self::assertSame('path', $after->toJson()['layers'][0]['form']);
        foreach ([0, 10, 60] as $frame) {
            $data = fn (Composition $of): array => array_values(Fixture::evaluator()->frame($of, $frame)->toJson()['paths']);
            // To a thousandth of a pixel, and a straight way back to the beginning is a closing.
            $numbers = fn (Composition $of): array => array_map(
                floatval(...),
                preg_split(
                    '/[^-0-9.]+/',
                    implode(' ', array_map(fn (string $one): string => Contours::parse($one)->write(), $data($of))), -1,
                    PREG_SPLIT_NO_EMPTY,
                ) ?: [],
            );
            self::assertEqualsWithDelta($numbers($before), $numbers($after), 0.0015, "frame $frame");
        }
    }

    public function test_a_shape_turns_into_another_as_large_in_its_place(): void
    {
        $square = Fixture::composition([Fixture::bar(['size' => [200, 200]])]);
        $turned = Fixture::edit($square, 'make-path', ['layers' => ['bar'], 'into' => 'ellipse', 'frame' => 20]);
        self::assertSame('M-100 -100L100 -100L100 100L-100 100Z', self::path($turned));
        $round = $turned->layer('bar')->value('path', 20);
        self::assertInstanceOf(Contours::class, $round);
        self::assertEqualsWithDelta(2 * M_PI * 100, $round->length(), 0.2);
        $half = $turned->layer('bar')->value('path', 10);
        self::assertInstanceOf(Contours::class, $half);
        self::assertEqualsWithDelta(100, $half->path()->bounds()->right ?? 0, 0.01);
        $third = Fixture::edit($turned, 'make-path', ['layers' => ['bar'], 'into' => 'star', 'frame' => 40]);
        self::assertSame(self::path($turned, 20), self::path($third, 20));
        $this->expectExceptionMessage('“Words” is not a shape');
        Fixture::edit(Fixture::composition([Fixture::words()]), 'make-path', ['layers' => ['words']]);
    }

    public function test_a_line_that_is_drawn_by_hand_draws_itself_at_the_pace_of_the_hand(): void
    {
        // A level line of 300 px: the first 100 in one second, the others in a quarter of one.
        $points = [
            ...array_map(fn (int $step): array => [100 + 4 * $step, 200, 5 + $step / 25], range(0, 25)),
            ...array_map(fn (int $step): array => [200 + 20 * $step, 200, 6 + $step / 40], range(1, 10)),
        ];
        $draw = fn (array $more): Composition => Fixture::edit(
            Fixture::composition(), 'draw-stroke', ['points' => $points, 'frame' => 50, ...$more],
        );
        $drawn = $draw([])->layer('l1');
        self::assertSame([50, 'path', 'round'], [$drawn->span->in, $drawn->content->toJson()['form'], $drawn->content->toJson()['cap']]);
        self::assertEqualsWithDelta(
            [0, 16.67, 33.33, 100, 100],
            array_map(fn (int|float $frame): float => $drawn->number('drawEnd', 50 + $frame), [0, 12.5, 25, 31, 60]), 2.5,
        );
        $even = $draw(['pace' => 'even'])->layer('l1');
        self::assertEqualsWithDelta(
            [0, 50, 100], array_map(fn (float $frame): float => $even->number('drawEnd', 50 + $frame), [0, 15.5, 31]), 0.01,
        );
        self::assertFalse($draw(['pace' => 'none'])->layer('l1')->properties['drawEnd']->isAnimated());
        // It lies where it was drawn, its own origin in its middle.
        $path = $even->value('path', 50);
        self::assertSame('M-150 0', substr($path instanceof Contours ? $path->write() : '', 0, 7));
        self::assertEquals([250, 200], [$even->point('position', 50)->x, $even->point('position', 50)->y]);
        // What was pressed more is wider: from nothing to twice its width along the way, wherever the hand was faster.
        $pressed = $draw([
            'pace' => 'none',
            'points' => array_map(fn (array $point): array => [...$point, ($point[0] - 100) / 300], $points),
        ])->layer('l1');
        $widths = $pressed->content->toJson()['widths'];
        self::assertEqualsWithDelta([0, 100, 200], [$widths[0], ($widths[23] + $widths[24]) / 2, $widths[47]], 0.1);
        // Pressed hardest after a tenth of the way, at a point that is nearer to the first than to the last.
        $peak = $draw(['pace' => 'none', 'points' => [[100, 200, 0, 0], [130, 200, 1, 1], [400, 200, 2, 0]]])->layer('l1');
        $share = fn (int $step): float => $step / 47;
        self::assertEqualsWithDelta(
            array_map(fn (int $step): float => 200 * min($share($step) / 0.1, (1 - $share($step)) / 0.9), range(0, 47)),
            $peak->content->toJson()['widths'], 0.051,
        );
        $composition = Fixture::composition([$pressed->toJson()]);
        $list = Fixture::evaluator()->frame($composition, 50)->toJson();
        self::assertSame('fill', $list['items'][0]['op']);
        $outline = Contours::parse($list['paths'][$list['items'][0]['path']])->path()->bounds();
        self::assertEqualsWithDelta([-12, 12], [$outline?->top, $outline?->bottom], 0.01);
        $this->expectExceptionMessage('That is no line');
        $draw(['points' => [[5, 5, 0], [5, 5, 1]]]);
    }

    public function test_hostile_paths_are_refused(): void
    {
        foreach ([
            'M0 0'.str_repeat('L1 1L2 2', 60_000) => 'is longer than', 'M0 0L1e300 5' => 'too far away',
            'hello' => 'is not path data', 'M0 0'.str_repeat('L1 1', 4001) => 'too many points',
        ] as $path => $message) {
            try {
                self::shape($path);
                self::fail($message);
            } catch (Refusal $refusal) {
                self::assertStringContainsString($message, $refusal->getMessage());
            }
        }
    }

    /** A square of 100 in twice its size at (500, 300), and one of 80 over its right half, turned a quarter. */
    private static function two(array $lower = [], array $upper = []): Composition
    {
        return Fixture::composition([
            Fixture::bar([
                'id' => 'low', 'name' => 'Low', 'size' => [100, 100], 'position' => [500, 300], 'scale' => [200, 200],
                ...$lower,
            ]),
            Fixture::words(['id' => 'between']),
            Fixture::bar(['id' => 'high', 'name' => 'High', 'size' => [80, 40], 'position' => [600, 300], 'rotation' => 90, ...$upper]),
        ]);
    }

    private static function combined(Composition $composition, string $how, array $more = []): Composition
    {
        return Fixture::edit($composition, 'combine-shapes', ['layers' => ['high', 'low'], 'how' => $how, 'frame' => 0, ...$more]);
    }

    public function test_shapes_are_combined_in_the_place_of_the_lowest(): void
    {
        $after = self::combined(self::two(), 'subtract');
        self::assertSame(['low', 'between'], $after->layers->ids());
        $low = $after->layer('low');
        $path = $low->value('path', 0);
        self::assertInstanceOf(Contours::class, $path);
        // The upper one is 40 wide and 80 high in the picture: half of that in the lower one's pixels, half of it beyond its edge.
        self::assertSame('M-50 -50L50 -50L50 -20L40 -20L40 20L50 20L50 50L-50 50Z', $path->write());
        self::assertEquals(new \Ricamo\Core\Geometry\Point(500, 300), $low->point('position', 0));
        self::assertSame('M50 -20L50 20L40 20L40 -20Z', self::combined(self::two(), 'intersect')->layer('low')->value('path', 0)->write());
    }

    public function test_what_is_rounded_or_repeated_is_combined_as_it_is_seen(): void
    {
        $after = self::combined(self::two(['rounding' => 20], ['columns' => 2, 'gaps' => [40, 0]]), 'union');
        $low = $after->layer('low');
        self::assertSame(0.0, $low->length('rounding', 0, 100));
        self::assertSame(1.0, $low->number('columns', 0));
        // Two of 80 × 40, turned: 80 above and 80 below, 40 between them, right of the edge.
        $bounds = $low->value('path', 0)->path()->bounds();
        self::assertEqualsWithDelta([-50, -50, 60, 50], [$bounds->left, $bounds->top, $bounds->right, $bounds->bottom], 1e-6);
    }

    public function test_combining_refuses_what_it_cannot_do(): void
    {
        self::assertSame(['low', 'between', 'high'], self::two()->layers->ids());
        $refused = function (array $args): string {
            try {
                Fixture::edit(self::two(upper: ['position' => [1500, 300]]), 'combine-shapes', ['frame' => 0, ...$args]);
            } catch (Refusal $refusal) {
                return $refusal->getMessage();
            }

            return 'nothing';
        };
        self::assertStringContainsString('Nothing would be left', $refused(['layers' => ['low', 'high'], 'how' => 'intersect']));
        self::assertStringContainsString('two shapes or more', $refused(['layers' => ['low', 'low'], 'how' => 'union']));
        self::assertStringContainsString('“Words” is not a shape', $refused(['layers' => ['low', 'between'], 'how' => 'union']));
    }

    public function test_the_edge_of_shapes_is_moved_at_every_keyframe(): void
    {
        $composition = Fixture::composition([Fixture::bar([
            'size' => Fixture::keyframes([0, [100, 100]], [50, [200, 100]]), 'fill' => '#aa0000',
        ])]);
        $after = Fixture::edit($composition, 'grow-shapes', ['layers' => ['bar'], 'by' => 10, 'corners' => 'sharp']);
        self::assertSame('M60 -60L60 60L-60 60L-60 -60Z', self::path($after));
        self::assertSame('M110 -60L110 60L-110 60L-110 -60Z', self::path($after, 50));
        self::assertSame('M85 -60L85 60L-85 60L-85 -60Z', self::path($after, 25));
        $this->expectExceptionMessage('Nothing would be left of “Bar”');
        Fixture::edit($composition, 'grow-shapes', ['layers' => ['bar'], 'by' => -50]);
    }
}
