<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Handle;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Cascade\Role;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\DisplayList;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Handle\Films;
use Ricamo\Core\Tests\Fixture;
use Ricamo\Core\Time\FrameRange;

/** Small films of a layer that is on from 40 to 140. */
final class FilmsTest extends TestCase
{
    private const GROWS = ['length' => 18, 'easing' => 'linear', 'moves' => [['move' => 'grow']]];

    /** @param  array<string, mixed>  $fields */
    private static function composition(array $fields): Composition
    {
        return Fixture::composition([
            Fixture::bar(['id' => 'other', 'out' => 250]),
            Fixture::words(['in' => 40, 'out' => 140, ...$fields]),
        ], ['background' => '#123456']);
    }

    /** @param  array<string, mixed>  $fields */
    #[TestWith(['arrive', [], 40, 41])]
    #[TestWith(['arrive', ['arrive' => self::GROWS], 40, 58])]
    #[TestWith(['leave', ['leave' => self::GROWS], 121, 139])]
    #[TestWith(['leave', ['arrive' => self::GROWS, 'leave' => ['mirror' => true]], 121, 139])]
    #[TestWith(['arrive', ['arrive' => ['length' => 500] + self::GROWS], 40, 139])]
    #[TestWith(['arrive', ['arrive' => self::GROWS, 'cascades' => [
        ['id' => 'c1', 'as' => 'arrive', 'units' => 'letters', 'length' => 30, 'at' => 5],
        ['id' => 'c2', 'as' => 'leave', 'units' => 'letters', 'length' => 60],
    ]], 40, 75])]
    #[TestWith(['accent', ['accents' => [
        ['accent' => 'pulse', 'at' => 20, 'length' => 12], ['accent' => 'pulse', 'at' => 30, 'length' => 50],
    ]], 60, 72])]
    #[TestWith(['accent', [], 60, 61])]
    // One that is beyond the layer is looked at as long as there is any of it.
    #[TestWith(['accent', ['accents' => [['accent' => 'pulse', 'at' => 95, 'length' => 12]]], 135, 139, 135])]
    public function test_it_shows_the_frames_on_which_something_is_done(
        string $role, array $fields, int $from, int $last, int $playhead = 60,
    ): void {
        $range = Films::range(self::composition($fields)->layer('words'), Role::from($role), $playhead);
        self::assertSame([$from, $last], [$range->in, $range->last()]);
    }

    public function test_its_pictures_are_spread_evenly_from_the_first_frame_to_the_last(): void
    {
        $composition = self::composition(['arrive' => self::GROWS]);
        $films = Films::of($composition->layer('words'), $composition, new FrameRange(40, 59), Fixture::evaluator());
        self::assertSame(range(40, 58, 2), array_map(fn (DisplayList $list): int => $list->frame, $films));
        self::assertSame(
            [40, 41, 42],
            array_map(
                fn (DisplayList $list): int => $list->frame,
                Films::of($composition->layer('words'), $composition, new FrameRange(40, 43), Fixture::evaluator()),
            ),
        );
        // It grows from nothing, evenly: by a ninth each.
        $whole = $films[9]->toJson()['items'];
        foreach ($films as $step => $list) {
            $items = $list->toJson()['items'];
            self::assertNull($list->background);
            // Of nothing, nothing is drawn; and of the other layer nothing at any time.
            self::assertCount($step === 0 ? 0 : count($whole), $items, "picture $step");
            self::assertEqualsWithDelta($step / 9, ($items[0]['matrix'][0] ?? 0) / $whole[0]['matrix'][0], 1e-9, "picture $step");
        }
    }

    public function test_the_picture_that_stands_for_it_is_one_on_which_something_is_seen(): void
    {
        $dot = new Fill(Outline::of(Path::rectangle(new Box(0, 0, 9, 9))), new Affine, new Colour(255, 0, 0));
        $list = fn (bool $isSeen): DisplayList => new DisplayList(0, 64, 36, null, $isSeen ? [$dot] : []);
        $film = fn (string $seen): array => array_map(fn (string $one): DisplayList => $list($one === '1'), str_split($seen));
        // Of ten, 0.6 of the way is the sixth but one, 0.4 the fifth.
        self::assertSame([5, 4, 4], array_map(
            fn (Role $role): int => Films::still($film('1111111111'), $role), [Role::Arrive, Role::Leave, Role::Accent],
        ));
        self::assertSame(3, Films::still($film('1111000000'), Role::Arrive), 'the nearest before it');
        self::assertSame(8, Films::still($film('0000000011'), Role::Arrive), 'else the first after it');
        self::assertSame(0, Films::still($film('0000000000'), Role::Arrive));
        self::assertSame([0, 9], [Films::still($film('1111111111'), Role::Leave, 0.0), Films::still($film('1111111111'), Role::Leave, 1.0)]);
        self::assertSame(0, Films::still([], Role::Arrive));
    }

    public function test_what_lies_beyond_the_composition_is_left_out(): void
    {
        $composition = self::composition(['in' => 240, 'out' => 300, 'arrive' => self::GROWS]);
        $of = fn (FrameRange $range): array => array_map(
            fn (DisplayList $list): int => $list->frame,
            Films::of($composition->layer('words'), $composition, $range, Fixture::evaluator()),
        );
        self::assertSame(range(240, 249), $of(new FrameRange(240, 259)));
        self::assertSame([], $of(new FrameRange(281, 300)));
    }

    public function test_a_layer_that_adjusts_is_seen_by_what_lies_beneath(): void
    {
        $composition = Fixture::composition([
            Fixture::bar(['id' => 'beneath', 'size' => [400, 300]]),
            ['id' => 'adjusts', 'kind' => 'adjusting', 'name' => 'Adjusts', 'in' => 0, 'out' => 100,
                'effects' => [['id' => 'e1', 'effect' => 'invert']]],
        ]);
        $films = Films::of($composition->layer('adjusts'), $composition, new FrameRange(0, 2), Fixture::evaluator());
        self::assertCount(2, $films);
        self::assertNotEmpty($films[0]->toJson()['items']);
    }
}
