<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Kind;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

/** The bar is 200 × 100 at (500, 300): its own space reaches from (−100, −50) to (100, 50). */
final class PaintTest extends TestCase
{
    public function test_a_linear_gradient_counts_in_per_cent_of_the_box(): void
    {
        [$fill] = $this->items([[
            'of' => 'fill', 'form' => 'linear', 'stops' => 3, 'colour1' => '#ff0000', 'colour2' => '#00ff00', 'at2' => 25,
            'colour3' => '#0000ff', 'from' => [0, 50], 'to' => [100, 100],
        ]]);
        self::assertSame('linear', $fill['gradient']['type']);
        // From (−100, 0) to (100, 50).
        self::assertEqualsWithDelta([200, 50, -50, 200, -100, 0], $fill['gradient']['matrix'], 1e-4);
        self::assertEquals([[0, '#ff0000'], [0.25, '#00ff00'], [1, '#0000ff']], $fill['gradient']['stops']);
    }

    public function test_a_radial_one_is_a_circle_about_its_centre(): void
    {
        [$fill] = $this->items([[
            'of' => 'fill', 'form' => 'radial', 'centre' => [25, 50], 'radius' => 50, 'colour1' => '#ffffff',
            'colour2' => '#000000',
        ]]);
        self::assertEqualsWithDelta([50, 0, 0, 50, -50, 0], $fill['gradient']['matrix'], 1e-4);
        self::assertEquals([0, 0], $fill['gradient']['focus']);
    }

    public function test_four_corners_span_the_box_and_an_outline_s_all_that_it_covers(): void
    {
        $corners = [
            'form' => 'corners', 'topLeft' => '#ff0000', 'topRight' => '#00ff00', 'bottomLeft' => '#0000ff',
            'bottomRight' => '#ffffff',
        ];
        [$fill, $stroke] = $this->items([['of' => 'fill', ...$corners], ['of' => 'outline', ...$corners]], ['outlineWidth' => 20]);
        self::assertEqualsWithDelta([200, 0, 0, 100, -100, -50], $fill['gradient']['matrix'], 1e-4);
        self::assertEqualsWithDelta([220, 0, 0, 120, -110, -60], $stroke['gradient']['matrix'], 1e-4);
        self::assertSame(['#ff0000', '#00ff00', '#0000ff', '#ffffff'], $fill['gradient']['colours']);
    }

    public function test_colours_around_a_point_are_a_strip_that_is_pulled_around_it(): void
    {
        [$group] = $this->items([[
            'of' => 'fill', 'form' => 'sweep', 'centre' => [75, 50], 'angle' => 90, 'colour1' => '#ff0000',
            'colour2' => '#0000ff',
        ]]);
        [$mask] = $group['masks'];
        self::assertSame(['fill', '#ffffff'], [$mask['items'][0]['op'], $mask['items'][0]['colour']]);
        [$sheet] = $group['items'];
        [$strip, $again] = $sheet['items'];
        self::assertEquals([[0, '#ff0000'], [1, '#0000ff']], $strip['gradient']['stops']);
        self::assertSame('#ff0000', $again['colour']);
        [$warp] = $sheet['filters'];
        [$from, $to] = [array_chunk($warp['from'], 2), array_chunk($warp['to'], 2)];
        // A quarter of the way along the strip is a quarter of the way around, from below the centre to the left of it.
        $ray = $warp['columns'] + 1 + $warp['columns'] / 4;
        self::assertEqualsWithDelta(0.25, ($from[$ray][0] - $from[0][0]) / ($from[$warp['columns']][0] - $from[0][0]), 1e-4);
        self::assertEqualsWithDelta([550, 300], $to[0], 0.01);
        self::assertEqualsWithDelta(-1.0, ($to[$ray][0] - 550) / hypot($to[$ray][0] - 550, $to[$ray][1] - 300), 1e-4);
        // As far as the farthest corner, 150 and 50 away, at least.
        self::assertGreaterThan(hypot(150, 50), hypot($to[$ray][0] - 550, $to[$ray][1] - 300));
        self::assertCount(0, $this->items([['of' => 'fill', 'form' => 'sweep', 'colour1' => '#00000000', 'colour2' => '#00000000']]));
    }

    public function test_a_clip_as_paint_covers_the_box_is_framed_in_it_and_plays_on(): void
    {
        $paint = ['of' => 'fill', 'form' => 'picture', 'media' => 'm1', 'pan' => [10, -5], 'zoom' => 200];
        [$group] = $this->items([$paint], ['in' => 4], 12);
        self::assertSame(['image', 8], [$group['items'][0]['op'], $group['items'][0]['frame']]);
        self::assertSame('fill', $group['masks'][0]['items'][0]['op']);
        // 1920 × 1080 covers 200 × 100 at 200/1920, twice that when zoomed; its middle is at (510, 295).
        $scale = 2 * 200 / 1920;
        self::assertEqualsWithDelta([$scale, 0, 0, $scale, 510 - 960 * $scale, 295 - 540 * $scale], $group['items'][0]['matrix'], 0.01);
        // Or all of it is seen: it is as high as the box.
        [$fitted] = $this->items([[...$paint, 'fitting' => 'fit', 'zoom' => 100]]);
        self::assertEqualsWithDelta(100 / 1080, $fitted['items'][0]['matrix'][0], 1e-5);
        // It is dragged in the picture as what is in a window is, all of it seen faintly meanwhile.
        $shape = Fixture::composition([Fixture::bar([
            'size' => [200, 100], 'position' => [500, 300], 'rotation' => 90, 'gradients' => [$paint],
        ])]);
        $panned = Fixture::edit($shape, 'pan-window', ['layer' => 'bar', 'frame' => 0, 'by' => [0, 40]])->layer('bar');
        self::assertEqualsWithDelta([50, -5], [$panned->point('g1.pan', 0)->x, $panned->point('g1.pan', 0)->y], 1e-6);
        $beyond = Fixture::evaluator()->beyond($shape, 'bar', 0)->toJson()['items'];
        self::assertSame(['image', 0.35], [$beyond[0]['op'], $beyond[0]['opacity']]);
        // An outline takes the same; and words, all their lines at once.
        [, $line] = $this->items([[...$paint, 'of' => 'outline']], ['outlineWidth' => 10, 'fill' => '#000000']);
        self::assertSame('stroke', $line['masks'][0]['items'][0]['op']);
        $composition = Fixture::composition([Fixture::words(['text' => "Depot\nNine", 'gradients' => [$paint]])]);
        self::assertCount(2, Fixture::evaluator()->frame($composition, 0)->toJson()['items'][0]['masks'][0]['items']);
        self::assertSame(['gradients.fill' => 'm1'], $composition->layer('words')->media());
        $dropped = Fixture::edit(Fixture::composition([Fixture::words()]), 'show-instead', ['layers' => ['words'], 'media' => 'm2']);
        self::assertSame('m2', $dropped->layer('words')->attached->gradients[0]->media);
        $again = Fixture::edit(
            Fixture::edit(
                $dropped, 'set-values',
                ['frame' => 0, 'values' => [['layer' => 'words', 'property' => 'g1.zoom', 'value' => 150]]],
            ),
            'show-instead', ['layers' => ['words'], 'media' => 'm1'],
        );
        self::assertSame(
            ['m1', 150.0],
            [$again->layer('words')->attached->gradients[0]->media, $again->layer('words')->number('g1.zoom', 0)],
        );
        $linear = Fixture::edit($again, 'set-gradient', ['layers' => ['words'], 'of' => 'fill', 'form' => 'linear']);
        self::assertNull($linear->layer('words')->attached->gradients[0]->media);
    }

    public function test_every_value_takes_keyframes_and_stops_may_pass_each_other(): void
    {
        $gradient = [
            'of' => 'fill', 'form' => 'linear', 'colour1' => Fixture::keyframes([0, '#000000'], [10, '#0000ff']),
            'at1' => Fixture::keyframes([0, 0], [10, 100]), 'at2' => 50, 'colour2' => '#ff0000',
        ];
        self::assertEquals([[0.2, '#000033'], [0.5, '#ff0000']], $this->items([$gradient], [], 2)[0]['gradient']['stops']);
        self::assertEquals([[0.5, '#ff0000'], [0.8, '#0000cc']], $this->items([$gradient], [], 8)[0]['gradient']['stops']);
    }

    public function test_colours_are_spread_evenly_where_nothing_else_is_said(): void
    {
        [$fill] = $this->items([['of' => 'fill', 'form' => 'linear', 'stops' => 5]]);
        self::assertEquals([0, 0.25, 0.5, 0.75, 1], array_column($fill['gradient']['stops'], 0));
    }

    public function test_words_share_one_gradient_over_all_their_lines(): void
    {
        $composition = Fixture::composition([Fixture::words([
            'text' => "Depot\nNine", 'typeSize' => 100,
            'gradients' => [['of' => 'fill', 'form' => 'linear', 'from' => [0, 0], 'to' => [0, 100]]],
        ])]);
        $box = Fixture::evaluator()->pose($composition->layer('words'), $composition, 0)->box;
        foreach (Fixture::evaluator()->frame($composition, 0)->toJson()['items'] as $line) {
            [, $b, , , , $f] = $line['gradient']['matrix'];
            [, , , $s, , $y] = $line['matrix'];
            // Led through the line's own matrix, both run from the top of the box to its bottom.
            self::assertEqualsWithDelta([$box->top, $box->bottom], [$s * $f + $y, $s * ($b + $f) + $y], 0.05);
        }
    }

    public function test_a_gradient_begins_with_the_layer_s_colour_and_keeps_what_it_has_had(): void
    {
        $plain = Fixture::composition([Fixture::bar(['fill' => '#123456'])]);
        $linear = $this->set($plain, ['form' => 'linear']);
        self::assertSame(['#123456', '#c9973f'], $this->colours($linear));
        $three = $this->set($linear, ['form' => 'linear', 'stops' => 3]);
        // Half way in colour, too, so that nothing is seen of it so far.
        self::assertSame(['#123456', '#6e664b', '#c9973f'], $this->colours($three));
        self::assertEquals(
            [0, 50, 100],
            array_map(fn (int $stop): mixed => Fixture::json($three, 'bar')['gradients'][0]["at$stop"], [1, 2, 3]),
        );
        $own = Fixture::edit(
            $three, 'set-values',
            [
                'frame' => 0,
                'values' => [
                    ['layer' => 'bar', 'property' => 'g1.colour2', 'value' => '#ffffff'],
                    ['layer' => 'bar', 'property' => 'g1.at2', 'value' => 30],
                ],
            ],
        );
        self::assertSame(['#123456', '#ffffff', '#c9973f'], $this->colours($this->set($own, ['form' => 'radial'])));
        $fewer = $this->set($own, ['form' => 'linear', 'stops' => 2]);
        self::assertSame(['#123456', '#c9973f'], $this->colours($fewer));
        self::assertEquals(100, Fixture::json($fewer, 'bar')['gradients'][0]['at2']);
        self::assertSame(['#123456', '#ffffff', '#e4cb9f', '#c9973f'], $this->colours($this->set($own, ['form' => 'corners'])));
        self::assertSame($plain->toJson(), $this->set($own, ['form' => null])->toJson());
    }

    public function test_other_settings_stay_when_paint_is_set(): void
    {
        $blurred = Fixture::edit(
            Fixture::composition([Fixture::bar(['effects' => [['id' => 'e1', 'effect' => 'blur', 'radius' => 7]]])]),
            'set-gradient', ['layers' => ['bar'], 'of' => 'outline', 'form' => 'corners'],
        );
        self::assertEquals(7, Fixture::json($blurred, 'bar')['effects'][0]['radius']);
        $masked = Fixture::edit($blurred, 'set-masks', ['layers' => ['bar'], 'masks' => []]);
        self::assertSame('outline', Fixture::json($masked, 'bar')['gradients'][0]['of']);
        $this->expectExceptionObject(new Refusal('“Clip” has no fill to be painted'));
        Fixture::edit(Fixture::composition([Fixture::clip()]), 'set-gradient', ['layers' => ['clip'], 'form' => 'linear']);
    }

    public function test_what_cannot_be_painted_is_refused_with_its_place(): void
    {
        foreach ([
            'layers[0].gradients: a footage layer has no fill' => Fixture::clip(['gradients' => []]),
            'layers[0].gradients[0].stops: 99' => Fixture::bar(['gradients' => [['of' => 'fill', 'form' => 'linear', 'stops' => 99]]]),
            'layers[0].gradients[0].colour3' => Fixture::bar(['gradients' => [[
                'of' => 'fill', 'form' => 'linear', 'colour3' => '#ffffff',
            ]]]),
        ] as $message => $layer) {
            try {
                Fixture::composition([$layer]);
                self::fail($message);
            } catch (Refusal $refusal) {
                self::assertStringStartsWith($message, $refusal->getMessage());
            }
        }
    }

    /**
     * @param  list<array<string, mixed>>  $gradients
     * @param  array<string, mixed>  $fields
     * @return list<array<string, mixed>>
     */
    private function items(array $gradients, array $fields = [], int $frame = 0): array
    {
        $composition = Fixture::composition([Fixture::bar([
            'size' => [200, 100], 'position' => [500, 300], 'gradients' => $gradients, ...$fields,
        ])]);

        return Fixture::evaluator()->frame($composition, $frame)->toJson()['items'];
    }

    /** @param  array<string, mixed>  $args */
    private function set(Composition $composition, array $args): Composition
    {
        return Fixture::edit($composition, 'set-gradient', ['layers' => ['bar'], ...$args]);
    }

    /** @return list<string> */
    private function colours(Composition $composition): array
    {
        return array_values(array_filter(
            Fixture::json($composition, 'bar')['gradients'][0],
            fn (mixed $value): bool => is_string($value) && str_starts_with($value, '#'),
        ));
    }
}
