<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

final class MarkerEditsTest extends TestCase
{
    private function marked(): Composition
    {
        return Fixture::edit(
            Fixture::composition([Fixture::bar()]), 'add-markers',
            ['markers' => [['frame' => 50, 'name' => ' Bell '], ['frame' => 10, 'label' => 'woad']]],
        );
    }

    public function test_markers_stand_in_order_of_time_one_on_a_frame(): void
    {
        self::assertSame([
            ['frame' => 10, 'name' => '', 'label' => 'woad'], ['frame' => 50, 'name' => 'Bell', 'label' => 'saffron'],
        ], $this->marked()->toJson()['markers']);
        $again = Fixture::edit($this->marked(), 'add-markers', ['markers' => [['frame' => 10, 'name' => 'Beat']]]);
        self::assertSame(['Beat', 'Bell'], array_column($again->toJson()['markers'], 'name'));
    }

    public function test_a_marker_is_moved_named_and_coloured(): void
    {
        $moved = Fixture::edit($this->marked(), 'change-marker', ['marker' => 10, 'to' => 70]);
        self::assertSame([50, 70], $moved->markers->frames());
        self::assertSame('woad', $moved->markers->on(70)->label->value);
        $changed = Fixture::edit($this->marked(), 'change-marker', ['marker' => 50, 'name' => '', 'label' => 'weld']);
        self::assertSame(['frame' => 50, 'name' => '', 'label' => 'weld'], $changed->markers->on(50)->toJson());
        // Where it lands on another, that one gives way.
        self::assertSame(
            ['Bell'],
            array_column(Fixture::edit($this->marked(), 'change-marker', ['marker' => 50, 'to' => 10])->toJson()['markers'], 'name'),
        );
    }

    public function test_markers_are_taken_away(): void
    {
        self::assertSame([50], Fixture::edit($this->marked(), 'remove-markers', ['frames' => [10]])->markers->frames());
        self::assertSame([], Fixture::edit($this->marked(), 'remove-markers', [])->markers->frames());
    }

    public function test_they_keep_their_moment_when_the_rate_changes(): void
    {
        self::assertSame([24, 120], Fixture::edit($this->marked(), 'set-composition', ['rate' => '60/1'])->markers->frames());
        self::assertSame([12, 60], Fixture::edit($this->marked(), 'set-composition', ['rate' => '30000/1001'])->markers->frames());
    }

    public function test_they_draw_in_what_is_dragged_in_time(): void
    {
        $after = Fixture::edit($this->marked(), 'move-layers', ['layers' => ['bar'], 'by' => 48.6, 'snap' => ['within' => 3]]);
        self::assertSame(50, $after->layer('bar')->span->in);
    }

    public function test_a_layer_has_markers_of_its_own_that_go_where_it_goes(): void
    {
        $placed = Fixture::edit(Fixture::composition([Fixture::bar(['in' => 20, 'out' => 90])]), 'add-markers', [
            'layer' => 'bar', 'markers' => [['frame' => 30, 'name' => 'Lands'], ['frame' => 60]],
        ]);
        self::assertSame([10, 40], $placed->layer('bar')->markers->frames());
        self::assertSame([], $placed->markers->frames());
        $frames = fn (
            Composition $composition, string $id = 'bar',
        ): array => $composition->layer($id)->markers->movedBy($composition->layer($id)->span->in)->frames();
        self::assertSame([35, 65], $frames(Fixture::edit($placed, 'move-layers', ['layers' => ['bar'], 'by' => 5])));
        self::assertSame([30, 60], $frames(Fixture::edit($placed, 'trim-layer', ['layer' => 'bar', 'in' => 40])));
        self::assertSame([30, 70], $frames(Fixture::edit($placed, 'change-marker', ['layer' => 'bar', 'marker' => 60, 'to' => 70])));
        self::assertSame([60], $frames(Fixture::edit($placed, 'remove-markers', ['layer' => 'bar', 'frames' => [30]])));
        self::assertSame([72, 144], $frames(Fixture::edit($placed, 'set-composition', ['rate' => '60/1'])));

        $split = Fixture::edit($placed, 'split-layers', ['layers' => ['bar'], 'at' => 60]);
        self::assertSame([[30], [60]], [$frames($split), $frames($split, $split->layers[1]->id)]);
    }

    public function test_one_is_dropped_where_there_is_none_on_the_composition_or_on_each_layer_that_is_on(): void
    {
        $dropped = Fixture::edit($this->marked(), 'drop-markers', ['frame' => 30]);
        self::assertSame(['frame' => 30, 'name' => '', 'label' => 'saffron'], $dropped->markers->on(30)->toJson());
        self::assertSame('Bell', Fixture::edit($dropped, 'drop-markers', ['frame' => 50])->markers->on(50)->name);

        $two = Fixture::composition([
            Fixture::bar(['in' => 20, 'out' => 90, 'label' => 'woad', 'markers' => [['frame' => 10, 'name' => 'Lands']]]),
            Fixture::words(['in' => 30, 'out' => 31, 'label' => 'weld']), Fixture::clip(['in' => 31]),
        ]);
        $on = Fixture::edit($two, 'drop-markers', ['frame' => 30, 'layers' => ['bar', 'words', 'clip']]);
        self::assertSame([['frame' => 10, 'name' => 'Lands', 'label' => 'saffron']], $on->layer('bar')->markers->toJson());
        self::assertSame([['frame' => 0, 'name' => '', 'label' => 'weld']], $on->layer('words')->markers->toJson());
        self::assertSame([[], []], [$on->layer('clip')->markers->frames(), $on->markers->frames()]);
    }

    public function test_dropped_once_more_they_are_taken_away_where_all_have_one(): void
    {
        $toggle = fn (Composition $of, int $frame, array $layers = []): Composition => Fixture::edit(
            $of, 'drop-markers', ['frame' => $frame, 'layers' => $layers, 'toggle' => true],
        );
        self::assertSame([10, 30, 50], $toggle($this->marked(), 30)->markers->frames());
        self::assertSame([10], $toggle($this->marked(), 50)->markers->frames());

        $one = Fixture::composition([
            Fixture::bar(['in' => 20, 'markers' => [['frame' => 10]]]), Fixture::words(), Fixture::clip(['in' => 40]),
        ]);
        $frames = fn (Composition $of): array => [$of->layer('bar')->markers->frames(), $of->layer('words')->markers->frames()];
        $both = $toggle($one, 30, ['bar', 'words', 'clip']);
        self::assertSame([[10], [30]], $frames($both));
        self::assertSame([[], []], $frames($toggle($both, 30, ['bar', 'words', 'clip'])));
        self::assertSame([[], [30]], $frames($toggle($both, 30, ['bar'])));
    }

    public function test_those_of_other_layers_draw_in_and_its_own_do_not(): void
    {
        $two = Fixture::composition([Fixture::bar(['in' => 0, 'out' => 90]), Fixture::bar(['id' => 'other', 'in' => 100, 'out' => 190])]);
        $two = Fixture::edit($two, 'add-markers', ['layer' => 'other', 'markers' => [['frame' => 140]]]);
        self::assertSame(
            140,
            Fixture::edit($two, 'move-layers', ['layers' => ['bar'], 'by' => 138.4, 'snap' => ['within' => 3]])->layer('bar')->span->in,
        );
        self::assertSame(
            104,
            Fixture::edit($two, 'move-layers', ['layers' => ['other'], 'by' => 4, 'snap' => ['within' => 3]])->layer('other')->span->in,
        );
    }

    #[TestWith(['add-markers', ['layer' => 'bar', 'markers' => [['frame' => 500]]], 'args.markers[0].frame: 500 is outside 0..'])]
    #[TestWith(['add-markers', ['layer' => 'none', 'markers' => [['frame' => 5]]], 'there is no layer "none"'])]
    #[TestWith(['add-markers', ['markers' => [['frame' => 3], ['frame' => 250]]], 'args.markers[1].frame: 250 is outside 0..249'])]
    #[TestWith(['drop-markers', ['frame' => 250], 'frame 250 is outside 0..249'])]
    #[TestWith(['drop-markers', ['frame' => 100, 'layers' => ['bar']], 'no layer that is selected is on at frame 100'])]
    #[TestWith(['add-markers', ['markers' => []], 'args.markers: is empty'])]
    #[TestWith(['change-marker', ['marker' => 11, 'to' => 3], 'there is no marker on frame 11'])]
    #[TestWith(['change-marker', ['marker' => 10, 'to' => 250], 'args.to: 250 is outside 0..249'])]
    #[TestWith(['remove-markers', ['frames' => [10, 11]], 'there is no marker on frame 11'])]
    #[TestWith(['add-markers', ['markers' => [['frame' => 1, 'label' => 'red']]], 'args.markers[0].label: "red" is not one of'])]
    public function test_what_makes_no_sense_is_refused(string $edit, array $args, string $says): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($says);
        Fixture::edit($this->marked(), $edit, $args);
    }

    public function test_without_any_there_is_nothing_to_take_away(): void
    {
        $this->expectExceptionMessage('there are no markers');
        Fixture::edit(Fixture::composition(), 'remove-markers', []);
    }
}
