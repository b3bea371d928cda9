<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Mask;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Handle\PathPlaces;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\MaskPlaces;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

/** Masks of one's own form, on a bar of 200 × 100 with its middle at (500, 300), twice as large. */
final class FreeFormTest extends TestCase
{
    private function drawn(string $path, array $layer = []): Composition
    {
        $composition = Fixture::composition([Fixture::bar([
            'size' => [200, 100], 'position' => [500, 300], 'scale' => [200, 200], ...$layer,
        ])]);

        return Fixture::edit($composition, 'add-mask', ['layers' => ['bar'], 'form' => 'free', 'path' => $path, 'frame' => 0]);
    }

    /** @return list<array{float, float}> where the points are in the picture */
    private function places(Composition $composition, int $frame = 0): array
    {
        return array_column(PathPlaces::of($composition->layer('bar'), $composition, $frame, Fixture::media())[0]['contours'][0]['knots'], 'at');
    }

    public function test_it_lies_where_it_was_drawn_however_its_layer_stands(): void
    {
        foreach ([[], ['rotation' => 37], ['masks' => [['id' => 'm4', 'form' => 'ellipse', 'on' => false]]]] as $layer) {
            self::assertEqualsWithDelta(
                [[420, 250], [610, 270], [560, 380]], $this->places($this->drawn('M420 250L610 270L560 380', $layer)), 0.01,
            );
        }
        $composition = $this->drawn('M420 250C430 240 600 260 610 270L560 380Z');
        $items = Fixture::evaluator()->frame($composition, 0)->toJson();
        $fill = $items['items'][0]['masks'][0]['items'][0];
        self::assertSame('MCLZ', preg_replace('/[^A-Z]/', '', $items['paths'][$fill['path']]));
        $json = $composition->layer('bar')->toJson();
        self::assertSame($json, Layer::read(new Node($json))->toJson());
        self::assertSame('m1.path', PathPlaces::of($composition->layer('bar'), $composition, 0, Fixture::media())[0]['property']);
    }

    public function test_two_points_enclose_nothing(): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('encloses nothing');
        $this->drawn('M420 250L610 270');
    }

    public function test_undrawn_it_begins_round_and_half_as_large_as_the_layer(): void
    {
        $composition = Fixture::edit(
            Fixture::composition([Fixture::bar(['size' => [200, 100]])]), 'add-mask',
            ['layers' => ['bar'], 'form' => 'free'],
        );
        $path = $composition->layer('bar')->value('m1.path', 0);
        self::assertInstanceOf(Contours::class, $path);
        self::assertEquals([-50, -25, 50, 25], $path->path()->bounds()?->toJson());
    }

    public function test_its_path_is_keyframed_and_its_points_are_pulled(): void
    {
        $composition = $this->drawn('M420 250L610 270L560 380');
        $composition = Fixture::edit($composition, 'add-keyframe', ['layers' => ['bar'], 'property' => 'm1.path', 'frame' => 0]);
        $composition = Fixture::edit(
            $composition, 'pull-knot',
            ['layer' => 'bar', 'property' => 'm1.path', 'contour' => 0, 'knot' => 1, 'frame' => 10, 'by' => [40, -20]],
        );
        self::assertEqualsWithDelta([[420, 250], [630, 260], [560, 380]], $this->places($composition, 5), 0.01);
        self::assertEqualsWithDelta([[420, 250], [650, 250], [560, 380]], $this->places($composition, 30), 0.01);
    }

    public function test_pulled_by_a_handle_it_grows_from_the_side_across(): void
    {
        $composition = $this->drawn('M400 200L600 200L600 400L400 400Z');
        $corners = fn (Composition $of): array => MaskPlaces::of($of->layer('bar'), $of, 0, Box::centred(0, 0))[0]['corners'];
        self::assertEqualsWithDelta([[400, 200], [600, 200], [600, 400], [400, 400]], $corners($composition), 0.01);
        $pull = fn (array $args): Composition => Fixture::edit(
            $composition, 'pull-mask', ['layer' => 'bar', 'mask' => 'm1', 'frame' => 0, 'by' => [100, 40], ...$args],
        );
        self::assertEqualsWithDelta([[400, 200], [700, 200], [700, 440], [400, 440]], $corners($pull(['handle' => 'bottom-right'])), 0.01);
        self::assertEqualsWithDelta(
            [[300, 160], [700, 160], [700, 440], [300, 440]],
            $corners($pull(['handle' => 'bottom-right', 'centred' => true])), 0.01,
        );
        self::assertEqualsWithDelta([[500, 240], [700, 240], [700, 440], [500, 440]], $corners($pull([])), 0.01);
    }

    public function test_masks_that_were_written_point_by_point_are_read_as_the_path_that_they_were(): void
    {
        $old = [
            'id' => 'm1', 'form' => 'free', 'points' => 4, 'smooth' => 50, 'feather' => 3, 'point1' => [0, 0],
            'point2' => [100, 0], 'point3' => [100, 100], 'point4' => [0, 100],
        ];
        $layer = Layer::read(new Node(Fixture::bar(['masks' => [$old]])));
        $path = $layer->value('m1.path', 0);
        self::assertInstanceOf(Contours::class, $path);
        // From the first point half of a sixth of the way from the last to the second.
        self::assertSame(
            'M0 0C8.333 -8.333 91.667 -8.333 100 0C108.333 8.333 108.333 91.667 100 100C91.667 108.333 8.333 108.333 0 100C-8.333 91.667 -8.333 8.333 0 0Z',
            $path->write(),
        );
        self::assertSame(3.0, $layer->number('m1.feather', 0));
        // Two points that moved at other times: the path has a keyframe wherever one of them had.
        $moving = [
            ...$old, 'smooth' => 0, 'point1' => Fixture::keyframes([0, [0, 0]], [10, [50, 0]]),
            'point3' => Fixture::keyframes([5, [100, 100]], [20, [100, 160]]),
        ];
        $layer = Layer::read(new Node(Fixture::bar(['masks' => [$moving]])));
        foreach ([
            0 => 'M0 0L100 0L100 100L0 100Z', 5 => 'M25 0L100 0L100 100L0 100Z', 10 => 'M50 0L100 0L100 120L0 100Z',
            20 => 'M50 0L100 0L100 160L0 100Z',
        ] as $frame => $data) {
            $path = $layer->value('m1.path', $frame);
            self::assertSame($data, $path instanceof Contours ? $path->write() : null);
        }
        // Undrawn points were on a circle.
        $round = Layer::read(new Node(Fixture::bar(['masks' => [['id' => 'm1', 'form' => 'free', 'points' => 6]]])))->value('m1.path', 0);
        self::assertSame('M0 -150', substr($round instanceof Contours ? $round->write() : '', 0, 7));
        $this->expectExceptionMessage('layers[0].masks[0].points');
        Fixture::composition([Fixture::bar(['masks' => [[...$old, 'points' => 2]]])]);
    }

    public function test_words_are_a_mask_in_one_step(): void
    {
        $bar = Fixture::composition([Fixture::bar(['in' => 10, 'out' => 60, 'size' => [900, 400], 'position' => [700, 500]])]);
        $masked = Fixture::edit($bar, 'add-mask', ['layers' => ['bar'], 'words' => 'Depot']);
        self::assertSame(['bar', 'l1'], $masked->layers->ids());
        self::assertSame(
            ['text', false, 10, 60, 'layer', 'l1'],
            [
                $masked->layer('l1')->kind->name(), $masked->layer('l1')->switches->visible, $masked->layer('l1')->span->in,
                $masked->layer('l1')->span->out, $masked->toJson()['layers'][0]['masks'][0]['form'],
                $masked->layer('bar')->attached->masks[0]->layer,
            ],
        );
        $items = Fixture::evaluator()->frame($masked, 20)->toJson()['items'];
        self::assertSame(['group', 'fill'], [$items[0]['op'], $items[0]['masks'][0]['items'][0]['op']]);
        self::assertCount(1, $items);
        $this->expectExceptionMessage('words: are empty');
        Fixture::edit($bar, 'add-mask', ['layers' => ['bar'], 'words' => ' ']);
    }

    public function test_it_grows_by_a_line_around_it_and_shrinks_by_its_edge(): void
    {
        $part = function (float $grow): array {
            $composition = Fixture::composition([Fixture::bar(['masks' => [[
                'id' => 'm1', 'form' => 'free', 'path' => 'M0 0L50 0L50 50Z', 'grow' => $grow,
            ]]])]);

            return Fixture::evaluator()->frame($composition, 0)->toJson()['items'][0]['masks'][0]['items'];
        };
        self::assertSame(['fill', 'stroke'], array_column($part(10), 'op'));
        self::assertEquals([20, 'round'], [$part(10)[1]['width'], $part(10)[1]['join']]);
        self::assertSame('subtract', $part(-10)[0]['masks'][0]['mode']);
    }
}
