<?php

namespace Ricamo\Core\Tests\Mask;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Mask\FreeForm;
use Ricamo\Core\Mask\MaskPlaces;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

/** Masks of one's own form, on a bar of 200 × 100 with its middle at (500, 300), twice as large. */
final class FreeFormTest extends TestCase
{
    private function drawn(array $points, array $layer = []): Composition
    {
        $composition = Fixture::composition([Fixture::bar(['size' => [200, 100], 'position' => [500, 300], 'scale' => [200, 200], ...$layer])]);

        return Fixture::edit($composition, 'add-mask', ['layers' => ['bar'], 'form' => 'free', 'points' => $points, 'frame' => 0]);
    }

    /** @return list<array{float, float}> where the points are in the picture */
    private function places(Composition $composition, int $frame = 0): array
    {
        return MaskPlaces::of($composition->layer('bar'), $composition, $frame)[0]['corners'];
    }

    public function test_it_lies_where_it_was_drawn_however_its_layer_stands(): void
    {
        foreach ([[], ['rotation' => 37], ['masks' => [['id' => 'm4', 'form' => 'ellipse', 'on' => false]]]] as $layer) {
            $points = [[420, 250], [610, 270], [560, 380]];
            self::assertEqualsWithDelta($points, $this->places($this->drawn($points, $layer)), 0.01);
        }
        $composition = $this->drawn([[420, 250], [610, 270], [560, 380]]);
        $items = Fixture::evaluator()->frame($composition, 0)->toJson();
        $fill = $items['items'][0]['masks'][0]['items'][0];
        self::assertSame('MLLZ', preg_replace('/[^A-Z]/', '', $items['paths'][$fill['path']]));
        $json = $composition->layer('bar')->toJson();
        self::assertSame(3, $json['masks'][0]['points']);
        self::assertSame($json, Layer::read(new Node($json))->toJson());
    }

    public function test_two_points_enclose_nothing(): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('too few');
        $this->drawn([[420, 250], [610, 270]]);
    }

    public function test_undrawn_it_begins_with_points_around_the_middle(): void
    {
        $composition = Fixture::edit(Fixture::composition([Fixture::bar()]), 'add-mask', ['layers' => ['bar'], 'form' => 'free']);
        self::assertSame(6, $composition->layer('bar')->masks[0]->points);
        self::assertEqualsWithDelta([0, -150], [$composition->layer('bar')->point('m1.point1', 0)->x, $composition->layer('bar')->point('m1.point1', 0)->y], 1e-6);
    }

    public function test_a_point_is_moved_and_keyframed_alone(): void
    {
        $composition = $this->drawn([[420, 250], [610, 270], [560, 380]]);
        $composition = Fixture::edit($composition, 'add-keyframe', ['layers' => ['bar'], 'property' => 'm1.point2', 'frame' => 0]);
        $composition = Fixture::edit($composition, 'pull-mask', ['layer' => 'bar', 'mask' => 'm1', 'point' => 2, 'frame' => 10, 'by' => [40, -20]]);
        self::assertEqualsWithDelta([[420, 250], [630, 260], [560, 380]], $this->places($composition, 5), 0.01);
        self::assertEqualsWithDelta([[420, 250], [650, 250], [560, 380]], $this->places($composition, 30), 0.01);
    }

    public function test_a_point_that_is_put_in_changes_nothing_until_it_is_moved(): void
    {
        $composition = $this->drawn([[400, 200], [600, 200], [600, 400], [400, 400]]);
        $composition = Fixture::edit($composition, 'add-keyframe', ['layers' => ['bar'], 'property' => 'm1.point4', 'frame' => 0]);
        $composition = Fixture::edit($composition, 'pull-mask', ['layer' => 'bar', 'mask' => 'm1', 'point' => 4, 'frame' => 20, 'by' => [-100, 0]]);
        // Between the last and the first, of which one moves.
        $added = Fixture::edit($composition, 'pull-mask', ['layer' => 'bar', 'mask' => 'm1', 'after' => 4, 'frame' => 0, 'by' => [0, 0]]);
        self::assertEqualsWithDelta([400, 300], $this->places($added)[4], 0.01);
        self::assertEqualsWithDelta([350, 300], $this->places($added, 20)[4], 0.01);
        self::assertEqualsWithDelta($this->places($composition, 10), array_slice($this->places($added, 10), 0, 4), 0.01);
        // Put in before others, those keep what they have.
        $added = Fixture::edit($composition, 'pull-mask', ['layer' => 'bar', 'mask' => 'm1', 'after' => 1, 'frame' => 0, 'by' => [0, -30]]);
        self::assertEqualsWithDelta([[400, 200], [500, 170], [600, 200], [600, 400], [300, 400]], $this->places($added, 20), 0.01);
        $removed = Fixture::edit($added, 'remove-mask-point', ['layer' => 'bar', 'mask' => 'm1', 'point' => 2]);
        self::assertSame($composition->layer('bar')->toJson(), $removed->layer('bar')->toJson());
    }

    public function test_three_points_are_the_least_and_points_that_are_not_there_are_refused(): void
    {
        $composition = $this->drawn([[420, 250], [610, 270], [560, 380]]);
        foreach ([
            ['remove-mask-point', ['point' => 1], 'needs 3 points'],
            ['remove-mask-point', ['point' => 4], 'no such point'],
            ['pull-mask', ['point' => 4, 'frame' => 0, 'by' => [1, 1]], 'no such point'],
            ['pull-mask', ['after' => 9, 'frame' => 0, 'by' => [1, 1]], 'no such point'],
        ] as [$edit, $args, $message]) {
            try {
                Fixture::edit($composition, $edit, ['layer' => 'bar', 'mask' => 'm1', ...$args]);
                self::fail("$edit was not refused");
            } catch (Refusal $refusal) {
                self::assertStringContainsString($message, $refusal->getMessage());
            }
        }
    }

    public function test_smooth_it_still_goes_through_its_points_and_bends_as_its_neighbours_lie(): void
    {
        $points = [new Point(0, 0), new Point(100, 0), new Point(100, 100), new Point(0, 100)];
        $path = FreeForm::path($points, 1);
        self::assertSame('MCCCCZ', $path->commands);
        // From the first point a sixth of the way from the last to the second.
        self::assertEqualsWithDelta([0, 0, 100 / 6, -100 / 6, 100 - 100 / 6, -100 / 6, 100, 0], array_slice($path->coordinates, 0, 8), 1e-9);
        self::assertEqualsWithDelta([0 + 0.5 * 100 / 6, -0.5 * 100 / 6], array_slice(FreeForm::path($points, 0.5)->coordinates, 2, 2), 1e-9);
        self::assertSame('MLLLZ', FreeForm::path($points, 0)->commands);
    }

    public function test_it_grows_by_a_line_around_it_and_shrinks_by_its_edge(): void
    {
        $part = function (float $grow): array {
            $composition = Fixture::composition([Fixture::bar(['masks' => [['id' => 'm1', 'form' => 'free', 'points' => 3, 'grow' => $grow]]])]);

            return Fixture::evaluator()->frame($composition, 0)->toJson()['items'][0]['masks'][0]['items'];
        };
        self::assertSame(['fill', 'stroke'], array_column($part(10), 'op'));
        self::assertEquals([20, 'round'], [$part(10)[1]['width'], $part(10)[1]['join']]);
        self::assertSame('subtract', $part(-10)[0]['masks'][0]['mode']);
    }
}
