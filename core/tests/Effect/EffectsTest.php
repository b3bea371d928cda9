<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Effect;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Display\Filter\ColourMatrix;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Effect\Effects;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

final class EffectsTest extends TestCase
{
    /** @param  array<string, mixed>  $effect */
    private function item(array $effect, array $layer = [], int $frame = 0): array
    {
        $composition = Fixture::composition([Fixture::bar([
            'size' => [200, 100], 'position' => [500, 300], 'effects' => [['id' => 'e1', ...$effect]], ...$layer,
        ])]);

        return Fixture::evaluator()->frame($composition, $frame)->toJson()['items'];
    }

    /** What a colour becomes, 0 to 1, as SVG's feColorMatrix has it. */
    private function recoloured(array $effect, array $colour): array
    {
        $values = $this->item($effect)[0]['filters'][0]['values'];
        $in = [...$colour, ...(count($colour) === 3 ? [1] : []), 1];

        return array_map(
            fn (int $row): float => array_sum(array_map(fn (int $i): float => $values[5 * $row + $i] * $in[$i], range(0, 4))),
            range(0, 2),
        );
    }

    /** @return iterable<string, array{array<string, mixed>, list<float>, list<float>}> */
    public static function colours(): iterable
    {
        yield 'contrast about middle grey' => [
            ['effect' => 'brightness', 'brightness' => 0, 'contrast' => 100], [0.5, 0.6, 0.3], [0.5, 0.7, 0.1],
        ];
        yield 'brightness is added' => [
            ['effect' => 'brightness', 'brightness' => 25, 'contrast' => 0], [0.5, 0.6, 0.3], [0.75, 0.85, 0.55],
        ];
        yield 'without saturation, BT.709 grey' => [['effect' => 'saturation', 'amount' => 0], [1, 0, 0], [0.2126, 0.2126, 0.2126]];
        yield 'as saturated as it was' => [['effect' => 'saturation', 'amount' => 100], [0.9, 0.4, 0.1], [0.9, 0.4, 0.1]];
        // hue-rotate(90deg) of red, by the matrix of Filter Effects Module Level 1.
        yield 'a quarter turn of hue' => [['effect' => 'hue', 'turn' => 90], [1, 0, 0], [0, 0.356, -0.574]];
        yield 'a whole turn is none' => [['effect' => 'hue', 'turn' => 360], [0.8, 0.3, 0.2], [0.8, 0.3, 0.2]];
        yield 'all in one colour' => [['effect' => 'one-colour', 'colour' => '#336699'], [0.8, 0.3, 0.2], [0.2, 0.4, 0.6]];
        yield 'the dark tone' => [['effect' => 'duotone', 'dark' => '#336699', 'bright' => '#ffffff'], [0, 0, 0], [0.2, 0.4, 0.6]];
        yield 'the bright tone' => [['effect' => 'duotone', 'dark' => '#336699', 'bright' => '#ffcc00'], [1, 1, 1], [1, 0.8, 0]];
        yield 'inverted' => [['effect' => 'invert'], [0.8, 0.3, 0.2], [0.2, 0.7, 0.8]];
        yield 'half inverted is grey' => [['effect' => 'invert', 'amount' => 50], [0.8, 0.3, 0.2], [0.5, 0.5, 0.5]];
        yield 'tinted whole' => [['effect' => 'tint', 'colour' => '#ff0000', 'amount' => 100], [1, 1, 1], [1, 0, 0]];
        yield 'warm' => [['effect' => 'temperature', 'warmth' => 100], [0.4, 0.5, 0.4], [0.5, 0.52, 0.3]];
    }

    #[DataProvider('colours')]
    public function test_colours_become_what_they_are_to(array $effect, array $from, array $to): void
    {
        self::assertEqualsWithDelta($to, $this->recoloured($effect, $from), 0.001);
    }

    /** What a brightness becomes by the last of an effect's filters, 0 to 255. @param  array<string, mixed>  $filter */
    private static function table(array $filter, int $value, string $channel = 'red'): int
    {
        return $filter[$channel][$value];
    }

    /** Middle grey, 18 % of the light, is 118; a stop more is 36 % (162), one less 9 % (85), by the formulas of IEC 61966-2-1. */
    public function test_a_stop_is_twice_as_much_light(): void
    {
        $table = fn (float $stops): array => $this->item(['effect' => 'exposure', 'stops' => $stops])[0]['filters'][0];
        self::assertSame(
            [162, 85, 255, 0],
            [self::table($table(1), 118), self::table($table(-1), 118), self::table($table(2.6), 118), self::table($table(9), 0)],
        );
        self::assertSame(range(0, 255), $table(0)['red']);
        // Two stops are one after another.
        self::assertEqualsWithDelta(self::table($table(2), 60), self::table($table(1), self::table($table(1), 60)), 1);
    }

    public function test_a_curve_goes_through_its_points_and_never_turns_back(): void
    {
        [$item] = $this->item(['effect' => 'curves', 'dark' => 10, 'shadows' => 20, 'middle' => 80, 'lights' => 80, 'bright' => 95]);
        [$tables] = $item['filters'];
        foreach ([0 => 10, 64 => 20, 128 => 80, 191 => 80, 255 => 95] as $value => $percent) {
            self::assertEqualsWithDelta(255 * $percent / 100, self::table($tables, $value), 2);
        }
        for ($value = 1; $value < 256; $value++) {
            self::assertGreaterThanOrEqual(self::table($tables, $value - 1), self::table($tables, $value));
        }
        self::assertSame([$tables['red'], $tables['red']], [$tables['green'], $tables['blue']]);
        $straight = $this->item(['effect' => 'curves'])[0]['filters'][0];
        self::assertSame(range(0, 255), $straight['red']);
    }

    public function test_one_matrix_after_another_is_one(): void
    {
        $one = new ColourMatrix([0.5, 0.1, 0, 0.2, 0.05, 0, 0.7, 0.3, 0, 0.1, 0.2, 0, 0.9, 0, -0.1, 0.1, 0, 0, 0.8, 0.15]);
        $other = new ColourMatrix([0, 1, 0.2, 0, 0.1, 0.3, 0, 0, 0.5, 0, 0, 0.4, 0.6, 0, 0.2, 0, 0, 0.1, 0.9, -0.05]);
        $through = function (ColourMatrix $matrix, array $colour): array {
            return array_map(
                fn (int $row): float => array_sum(array_map(
                    fn (int $i): float => $matrix->values[5 * $row + $i] * [...$colour, 1][$i], range(0, 4),
                )),
                range(0, 3),
            );
        };
        $colour = [0.3, 0.6, 0.1, 0.8];
        self::assertEqualsWithDelta($through($other, $through($one, $colour)), $through($one->then($other), $colour), 1e-12);
    }

    public function test_posterised_there_are_as_many_tones_as_steps(): void
    {
        $tables = $this->item(['effect' => 'posterise', 'steps' => 4])[0]['filters'][0];
        self::assertSame([0, 85, 170, 255], array_values(array_unique($tables['red'])));
        self::assertSame([0, 85], [self::table($tables, 42), self::table($tables, 43)]);
    }

    public function test_a_threshold_parts_what_is_bright_from_what_is_dark(): void
    {
        [$grey, $tables] = $this->item(['effect' => 'threshold', 'level' => 40])[0]['filters'];
        self::assertEqualsWithDelta([0.2126, 0.7152, 0.0722], array_slice($grey['values'], 5, 3), 1e-4);
        self::assertSame([0, 255], [self::table($tables, 101), self::table($tables, 103)]);
        $soft = $this->item(['effect' => 'threshold', 'level' => 40, 'softness' => 20])[0]['filters'][1];
        self::assertEqualsWithDelta([0, 128, 255], [self::table($soft, 76), self::table($soft, 102), self::table($soft, 128)], 2);
    }

    public function test_a_line_around_what_is_opaque_lies_where_a_blurred_edge_is_as_thin_as_it_says(): void
    {
        $line = $this->item(['effect' => 'edge-line', 'width' => 10], ['scale' => [200, 200]])[0];
        [, $blur, $tables] = $line['items'][0]['filters'];
        // The layer is twice as large, so the line is 20 px wide; of an edge that is blurred by 14 px, 7.66 % are left there.
        self::assertEqualsWithDelta(14, $blur['deviation'], 1e-6);
        self::assertLessThan(40, self::table($tables, 18, 'alpha'));
        self::assertGreaterThan(215, self::table($tables, 21, 'alpha'));
        self::assertCount(1, $this->item(['effect' => 'edge-line', 'width' => 0]));
    }

    public function test_an_inner_shadow_is_where_the_layer_is_and_its_light_is_not(): void
    {
        [$bar, $shadow] = $this->item(['effect' => 'inner-shadow', 'distance' => 10, 'angle' => 0, 'softness' => 4, 'colour' => '#102030']);
        self::assertSame(['fill', 'group'], [$bar['op'], $shadow['op']]);
        self::assertSame('subtract', $shadow['masks'][0]['mode']);
        self::assertEqualsWithDelta([10, 0], array_slice($shadow['masks'][0]['items'][0]['filters'][1]['matrix'], 4), 1e-6);
    }

    public function test_a_long_shadow_covers_its_whole_way(): void
    {
        [$shadow] = $this->item(['effect' => 'long-shadow', 'length' => 126, 'angle' => 90]);
        [, $along] = $shadow['items'][0]['filters'];
        self::assertEqualsWithDelta(126, array_sum(array_map(fn (array $matrix): float => $matrix[5], $along['matrices'])), 1e-6);
        self::assertTrue($along['over']);
    }

    public function test_a_vignette_darkens_nothing_but_its_layer(): void
    {
        [$bar, $dark] = $this->item(['effect' => 'vignette', 'radius' => 400, 'softness' => 25, 'amount' => 50]);
        self::assertSame($bar, $dark['masks'][0]['items'][0]);
        self::assertEquals([[0.75, '#00000000'], [1, '#00000080']], $dark['items'][0]['gradient']['stops']);
        self::assertEqualsWithDelta(400, $dark['items'][0]['gradient']['matrix'][0], 1e-6);
    }

    public function test_keys_take_away_what_is_dark_and_what_has_their_colour(): void
    {
        $kept = function (array $effect, array $colour): int {
            [$matrix, $tables] = $this->item($effect)[0]['masks'][0]['items'][0]['filters'];
            $alpha = array_sum(array_map(
                fn (int $index): float => $matrix['values'][15 + $index] * [...$colour, 1, 1][$index], range(0, 4),
            ));

            return self::table($tables, (int) round(255 * max(0, min(1, $alpha))), 'alpha');
        };
        $dark = ['effect' => 'brightness-key', 'level' => 30, 'softness' => 10];
        self::assertSame([0, 255], [$kept($dark, [0.2, 0.2, 0.2]), $kept($dark, [0.5, 0.4, 0.4])]);
        self::assertSame(
            [255, 0],
            [$kept([...$dark, 'bright' => 100], [0.2, 0.2, 0.2]), $kept([...$dark, 'bright' => 100], [0.5, 0.4, 0.4])],
        );
        $green = ['effect' => 'colour-key', 'colour' => '#2fb34a'];
        self::assertSame(
            [0, 255, 255, 255],
            [
                $kept($green, [0x2F / 255, 0xB3 / 255, 0x4A / 255]), $kept($green, [0.8, 0.6, 0.5]),
                $kept($green, [0.5, 0.5, 0.5]), $kept($green, [0, 0, 0]),
            ],
        );
        // A key without a colour takes nothing away.
        self::assertSame('fill', $this->item(['effect' => 'colour-key', 'colour' => '#808080'])[0]['op']);
    }

    public function test_a_blur_grows_with_its_layer_and_reaches_beyond_it(): void
    {
        [$plain] = $this->item(['effect' => 'blur', 'radius' => 10]);
        self::assertSame([['filter' => 'blur', 'deviation' => 10]], $plain['filters']);
        self::assertEquals([400 - 30, 250 - 30, 600 + 30, 350 + 30], $plain['extent']);
        [$grown] = $this->item(['effect' => 'blur', 'radius' => 10], ['scale' => [300, 300], 'rotation' => 40]);
        self::assertEquals(30, $grown['filters'][0]['deviation']);
        self::assertSame('fill', $this->item(['effect' => 'blur', 'radius' => 0])[0]['op']);
    }

    public function test_a_shadow_falls_the_same_way_however_the_layer_turns(): void
    {
        foreach ([0, 90, 213] as $rotation) {
            [$shadow, $bar] = $this->item(
                ['effect' => 'drop-shadow', 'distance' => 20, 'angle' => 90, 'softness' => 4, 'colour' => '#ff000080'],
                ['rotation' => $rotation, 'scale' => [200, 200]],
            );
            self::assertSame(['matrix', 'blur', 'move'], array_column($shadow['filters'], 'filter'));
            self::assertEqualsWithDelta([1, 0, 0, 1, 0, 40], $shadow['filters'][2]['matrix'], 0.001);
            self::assertEquals(8, $shadow['filters'][1]['deviation']);
            self::assertSame('fill', $bar['op']);
        }
    }

    public function test_pictures_of_a_movement_are_spread_evenly_about_where_the_layer_is(): void
    {
        [$group] = $this->item(['effect' => 'directional-blur', 'length' => 64, 'angle' => 0]);
        [$first, $means] = $group['filters'];
        $places = [$first['matrix'][4]];
        foreach ($means['matrices'] as $matrix) {
            $places = [...$places, ...array_map(fn (float $place): float => $place + $matrix[4], $places)];
        }
        sort($places);
        self::assertEqualsWithDelta(array_map(fn (int $i): float => $i - 31.5, range(0, 63)), $places, 1e-6);
    }

    public function test_a_zoom_and_a_spin_keep_their_centre(): void
    {
        foreach ([['effect' => 'zoom-blur'], ['effect' => 'spin-blur', 'angle' => 90]] as $effect) {
            [$group] = $this->item([...$effect, 'centre' => [50, 0]], ['scale' => [200, 200]]);
            foreach ([$group['filters'][0]['matrix'], ...$group['filters'][1]['matrices']] as [$a, $b, $c, $d, $e, $f]) {
                // 50 px beside the layer's origin, twice as large: at (600, 300).
                self::assertEqualsWithDelta([600, 300], [$a * 600 + $c * 300 + $e, $b * 600 + $d * 300 + $f], 0.01);
            }
        }
    }

    public function test_an_effect_begins_in_the_middle_of_its_layer_and_as_large(): void
    {
        $added = fn (string $effect, array $layer): Layer => Fixture::edit(
            Fixture::composition([$layer]), 'add-effect', ['layers' => [$layer['id']], 'effect' => $effect],
        )->layer($layer['id']);
        $bar = $added('twirl', Fixture::bar(['size' => [200, 100], 'anchor' => [20, 0]]));
        self::assertEquals([0, 0, 50], [$bar->point('e1.centre', 0)->x, $bar->point('e1.centre', 0)->y, $bar->number('e1.radius', 0)]);
        // What is long is turned as a whole; words begin at their left, on their line.
        self::assertEquals(300, $added('bulge', Fixture::bar(['size' => [600, 100]]))->number('e1.radius', 0));
        self::assertGreaterThan(20, $added('zoom-blur', Fixture::words())->point('e1.centre', 0)->x);
        self::assertSame(12.0, $added('blur', Fixture::bar())->number('e1.radius', 0));
    }

    public function test_settings_are_keyframed_like_anything_else(): void
    {
        $composition = Fixture::composition([Fixture::bar(['effects' => [
            ['id' => 'e1', 'effect' => 'blur', 'radius' => 4], ['id' => 'e2', 'effect' => 'exposure', 'on' => false],
        ]])]);
        $edited = Fixture::edit($composition, 'add-keyframe', ['layers' => ['bar'], 'property' => 'e1.radius', 'frame' => 0]);
        $edited = Fixture::edit(
            $edited, 'set-values',
            ['frame' => 20, 'values' => [['layer' => 'bar', 'property' => 'e1.radius', 'value' => '12*2']]],
        );
        self::assertSame(14.0, $edited->layer('bar')->number('e1.radius', 10));
        $json = $edited->layer('bar')->toJson();
        self::assertSame(['id' => 'e2', 'effect' => 'exposure', 'on' => false, 'stops' => 0.5], $json['effects'][1]);
        self::assertSame($json, Layer::read(new Node($json))->toJson());
        // Switched off it does nothing.
        self::assertCount(1, Fixture::evaluator()->frame($edited, 10)->toJson()['items'][0]['filters']);
    }

    public function test_effects_are_added_put_in_order_and_taken_away(): void
    {
        $ids = fn (Composition $composition): array => array_map(
            fn (array $one): string => "{$one['id']} {$one['effect']}", Fixture::json($composition, 'bar')['effects'] ?? [],
        );
        $composition = Fixture::composition([Fixture::bar(['masks' => [['id' => 'm1', 'form' => 'ellipse', 'feather' => 9]]])]);
        foreach (array_keys(Effects::all()) as $name) {
            self::assertSame(["e1 $name"], $ids(Fixture::edit($composition, 'add-effect', ['layers' => ['bar'], 'effect' => $name])));
        }
        foreach (array_slice(array_keys(Effects::all()), 0, 5) as $name) {
            $composition = Fixture::edit($composition, 'add-effect', ['layers' => ['bar'], 'effect' => $name]);
        }
        self::assertCount(5, $ids($composition));
        $effects = Fixture::json($composition, 'bar')['effects'];
        $fewer = Fixture::edit($composition, 'set-effects', ['layers' => ['bar'], 'effects' => [$effects[4], $effects[0]]]);
        self::assertSame(['e5 drop-shadow', 'e1 blur'], $ids($fewer));
        // What belongs to the mask stays, and nothing of what is gone.
        self::assertSame(9.0, $fewer->layer('bar')->number('m1.feather', 0));
        self::assertArrayNotHasKey('e2.length', $fewer->layer('bar')->properties);
        self::assertSame(
            ['e5 drop-shadow', 'e1 blur', 'e6 tint'],
            $ids(Fixture::edit($fewer, 'add-effect', ['layers' => ['bar'], 'effect' => 'tint'])),
        );
        $this->expectExceptionObject(new Refusal('effects[1].id: "e1" is there already'));
        Fixture::edit($composition, 'set-effects', ['layers' => ['bar'], 'effects' => [$effects[0], $effects[0]]]);
    }

    public function test_shadows_of_shadows_of_shadows_have_an_end(): void
    {
        $shadows = fn (int $count): array => array_map(fn (int $i): array => ['id' => "e$i", 'effect' => 'drop-shadow'], range(1, $count));
        self::assertCount(6, Fixture::composition([Fixture::bar(['effects' => $shadows(6)])])->layer('bar')->attached->effects);
        $this->expectExceptionObject(new Refusal('layers[0].effects: would draw the layer 128 times over; 64 at most'));
        Fixture::composition([Fixture::bar(['effects' => $shadows(7)])]);
    }

    public function test_a_blur_has_a_widest(): void
    {
        [$group] = $this->item(['effect' => 'blur', 'radius' => 500], ['scale' => [10_000, 10_000]]);
        self::assertSame(500, $group['filters'][0]['deviation']);
    }

    public function test_a_thousand_are_refused(): void
    {
        $this->expectExceptionMessage('effects');
        Fixture::composition([Fixture::bar(['effects' => array_map(
            fn (int $i): array => ['id' => "e$i", 'effect' => 'blur'], range(1, 1000),
        )])]);
    }

    public function test_a_glow_lights_nothing_but_its_layer(): void
    {
        [$sheet] = $this->item(['effect' => 'glow']);
        self::assertSame(['group', null, 'screen'], [$sheet['op'], $sheet['blend'] ?? null, $sheet['items'][1]['blend']]);
    }

    public function test_a_spin_is_spread_evenly_over_its_angle(): void
    {
        [$group] = $this->item(['effect' => 'spin-blur', 'angle' => 90]);
        $turn = fn (array $matrix): float => rad2deg(atan2($matrix[1], $matrix[0]));
        self::assertEqualsWithDelta(-45 * 63 / 64, $turn($group['filters'][0]['matrix']), 1e-3);
        self::assertEqualsWithDelta(
            array_map(fn (int $times): float => $times * 90 / 64, [1, 2, 4, 8, 16, 32]),
            array_map($turn, $group['filters'][1]['matrices']), 1e-3,
        );
    }
}
