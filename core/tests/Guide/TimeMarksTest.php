<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Guide;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Edit\Snapping;
use Ricamo\Core\Guide\TimeMarks;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Tests\Fixture;

/** A bar on 40 to 60 with keyframes on 45 and 55, another on 100 to 150, in 250 frames. */
final class TimeMarksTest extends TestCase
{
    private function composition(): Composition
    {
        return Fixture::composition([
            Fixture::bar(['in' => 40, 'out' => 60, 'opacity' => Fixture::keyframes([5, 0], [15, 100])]),
            Fixture::bar(['id' => 'other', 'in' => 100, 'out' => 150]),
        ]);
    }

    /** @param  array<string, mixed>  $args */
    private function by(string $edit, array $args): int
    {
        $settled = Edits::settled(Edits::read(new Node(['edit' => $edit, 'args' => $args])), $this->composition());
        self::assertInstanceOf(Snapping::class, $settled);

        return $settled->by();
    }

    public function test_a_playhead_is_drawn_to_ends_and_to_keyframes_of_the_layers_that_are_looked_at(): void
    {
        self::assertSame([0, 40, 60, 100, 150, 249], TimeMarks::forPlayhead($this->composition(), ['other', 'gone']));
        self::assertSame([0, 40, 45, 55, 60, 100, 150, 249], TimeMarks::forPlayhead($this->composition(), ['bar']));
    }

    public function test_marks_are_ends_and_the_playhead(): void
    {
        self::assertSame([0, 250, 77, 100, 150], TimeMarks::of($this->composition(), ['bar'], 77)->frames);
        self::assertSame([0, 250, 40, 60, 100, 150], TimeMarks::of($this->composition(), [], null)->frames);
    }

    #[TestWith([38.2, 3.0, null, 40])] // the out point, 60, comes to 98.2, near the other's in point
    #[TestWith([38.2, 1.0, null, 38])] // not as near as that
    #[TestWith([37.0, 3.0, null, 37])] // as far away as that is not near
    #[TestWith([-41.4, 2.0, null, -40])] // the in point to the beginning
    #[TestWith([20.6, 3.0, 62, 22])] // the in point, 40, comes to 60.6, near the playhead
    #[TestWith([10.5, 0.0, 51, 11])] // nothing draws in within 0; halves go up
    public function test_a_moved_layer_is_drawn_in_by_either_end(float $by, float $within, ?int $playhead, int $goes): void
    {
        self::assertSame(
            $goes,
            $this->by('move-layers', ['layers' => ['bar'], 'by' => $by, 'snap' => ['within' => $within, 'playhead' => $playhead]]),
        );
        $after = Fixture::edit(
            $this->composition(), 'move-layers',
            ['layers' => ['bar'], 'by' => $by, 'snap' => ['within' => $within, 'playhead' => $playhead]],
        );
        self::assertSame([40 + $goes, 60 + $goes], [$after->layer('bar')->span->in, $after->layer('bar')->span->out]);
    }

    public function test_keyframes_are_drawn_in_and_all_go_as_far(): void
    {
        $args = [
            'keyframes' => [['layer' => 'bar', 'property' => 'opacity', 'frames' => [45, 55]]], 'by' => 3.7,
            'snap' => ['within' => 2],
        ];
        self::assertSame(5, $this->by('move-keyframes', $args), 'the one on 55 meets the out point');
        self::assertSame(
            [10, 20],
            array_column(Fixture::json(Fixture::edit($this->composition(), 'move-keyframes', $args), 'bar')['opacity']['keyframes'], 'at'),
        );
    }

    public function test_other_keyframes_draw_in_those_that_are_moved(): void
    {
        $composition = $this->composition()->replacing(Fixture::layer(Fixture::bar([
            'id' => 'other', 'in' => 100, 'out' => 150, 'opacity' => Fixture::keyframes([20, 0]),
            'rotation' => Fixture::keyframes([31, 0], [41, 9, 'linear', 'end']),
        ])));
        $by = fn (
            array $moved, array $of, float $by,
        ): array => (fn (Snapping $settled): array => [$settled->by(), $settled->met()])(Edits::settled(Edits::read(new Node([
            'edit' => 'move-keyframes', 'args' => ['keyframes' => $moved, 'by' => $by, 'snap' => ['within' => 3, 'keyframesOf' => $of]],
        ])), $composition));
        $first = [['layer' => 'bar', 'property' => 'opacity', 'frames' => [45]]];
        // One of the other layer stands on 120, one on 131, and one that is pinned to its end on 191.
        self::assertSame([75, 120], $by($first, ['other'], 76.4));
        self::assertSame([86, 131], $by($first, ['other'], 84.0));
        self::assertSame([146, 191], $by($first, ['other'], 144.5));
        self::assertSame([76, null], $by($first, [], 76.4));
        // The next of the same property, unless it goes along.
        self::assertSame([10, 55], $by($first, ['bar'], 8.4));
        self::assertSame([20, null], $by([['layer' => 'bar', 'property' => 'opacity', 'frames' => [45, 55]]], ['bar'], 20.0));
    }

    public function test_a_dragged_trim_is_drawn_in_and_leaves_a_frame(): void
    {
        $trim = fn (array $args): array => (fn ($span): array => [$span->in, $span->out])(Fixture::edit(
            $this->composition(), 'trim-layer', ['layer' => 'bar', ...$args],
        )->layer('bar')->span);
        self::assertSame([40, 100], $trim(['out' => 98.4, 'snap' => ['within' => 2]]));
        self::assertSame([40, 98], $trim(['out' => 98.4, 'snap' => ['within' => 1]]));
        self::assertSame([59, 60], $trim(['in' => 300.2, 'snap' => ['within' => 1]]));
        self::assertSame([40, 41], $trim(['out' => -7.0, 'snap' => ['within' => 1]]));
        self::assertSame(-38, $this->by('trim-layer', ['layer' => 'bar', 'in' => 2.2, 'snap' => ['within' => 0]]));
    }
}
