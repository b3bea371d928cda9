<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Display;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Blend;
use Ricamo\Core\Display\Cap;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\FillRule;
use Ricamo\Core\Display\Filter\Blur;
use Ricamo\Core\Display\Gradient;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Image;
use Ricamo\Core\Display\Join;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Display\Pen;
use Ricamo\Core\Display\Stroke;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Size;

/** How fills and strokes are written, as `docs/display-list.md` says. */
final class OperationsTest extends TestCase
{
    private static function outline(): Outline
    {
        return Outline::of(new Path('ML', [0, 0, 10, 20]));
    }

    public function test_what_is_usual_is_left_out(): void
    {
        $fill = json_decode((new Fill(self::outline(), new Affine, Colour::parse('#c0392b')))->encode(), true);
        self::assertSame(['op', 'path', 'matrix', 'colour'], array_keys($fill));
        $stroke = json_decode((new Stroke(self::outline(), new Affine, Colour::parse('#c0392b'), new Pen(2, Join::Round)))->encode(), true);
        self::assertSame(['op', 'path', 'matrix', 'colour', 'width', 'join'], array_keys($stroke));
    }

    public function test_pens_and_the_other_rule_are_written(): void
    {
        $pen = new Pen(3, Join::Bevel, Cap::Square, [4.0, 1.5], 2);
        $stroke = json_decode((new Stroke(self::outline(), new Affine, Colour::parse('#c0392b'), $pen))->encode(), true);
        self::assertEquals(
            ['width' => 3, 'join' => 'bevel', 'cap' => 'square', 'dashes' => [4, 1.5], 'offset' => 2],
            array_intersect_key($stroke, array_flip(['width', 'join', 'cap', 'dashes', 'offset'])),
        );
        self::assertSame(
            'evenodd',
            json_decode((new Fill(self::outline(), new Affine, Colour::parse('#c0392b'), FillRule::EvenOdd))->encode(), true)['rule'],
        );
    }

    public function test_gradients_stand_in_the_place_of_a_colour_and_fade_as_a_whole(): void
    {
        $gradient = new Gradient(
            new Affine(2, 0, 0, 2, 5, 6), [[0.0, Colour::parse('#ff0000')], [0.25, Colour::parse('#0000ff80')]],
            new Point(0.5, 0),
        );
        $fill = json_decode((new Fill(self::outline(), new Affine, $gradient))->faded(0.5)->encode(), true);
        self::assertArrayNotHasKey('colour', $fill);
        self::assertEquals(
            ['type' => 'radial', 'matrix' => [2, 0, 0, 2, 5, 6], 'stops' => [[0, '#ff000080'], [0.25, '#0000ff40']], 'focus' => [0.5, 0]],
            $fill['gradient'],
        );
    }

    public function test_a_line_reaches_as_far_as_its_corners_and_ends_may(): void
    {
        self::assertSame(8.0, (new Pen(4, Join::Miter))->reach());
        self::assertSame(2.0, (new Pen(4, Join::Round))->reach());
        self::assertEqualsWithDelta(2 * M_SQRT2, (new Pen(4, Join::Round, Cap::Square))->reach(), 1e-12);
        self::assertSame(
            [-2.0, -2.0, 12.0, 22.0],
            (new Stroke(self::outline(), new Affine, Colour::parse('#000000'), new Pen(4, Join::Round)))->extent()?->toJson(),
        );
    }

    public function test_a_picture_that_covers_all_that_it_is_cut_to_is_all_there_is_to_draw(): void
    {
        // 320 × 180, twice as large: from (10, 20) to (650, 380).
        $picture = fn (float $opacity = 1.0, float $scale = 2.0): Image => new Image(
            'm1', 0, new Size(320, 180), new Affine($scale, 0, 0, 2, 10, 20), $opacity, alpha: false,
        );
        $clip = fn (
            float $left, float $top, float $right, float $bottom,
        ): Outline => Outline::of(Path::rectangle(new Box($left, $top, $right, $bottom)));
        $of = fn (Group $group): bool => $group->coveringImage() !== null;
        self::assertTrue($of(new Group([$picture()], clip: $clip(10, 20, 650, 380))));
        self::assertTrue($of(new Group([$picture()], clip: $clip(50, 60, 600, 300))));
        foreach ([[9, 20, 650, 380], [10, 19, 650, 380], [10, 20, 651, 380], [10, 20, 650, 381]] as $wider) {
            self::assertFalse($of(new Group([$picture()], clip: $clip(...$wider))), json_encode($wider) ?: '');
        }
        $inner = $clip(50, 60, 600, 300);
        self::assertFalse($of(new Group([$picture()])));
        self::assertFalse($of(new Group([], clip: $inner)));
        self::assertFalse($of(new Group([$picture(), $picture()], clip: $inner)));
        self::assertFalse($of(new Group([new Fill(self::outline(), new Affine, Colour::parse('#000000'))], clip: $inner)));
        self::assertFalse($of(new Group([$picture(0.5)], clip: $inner)));
        self::assertFalse($of(new Group([$picture(1.0, 0.0)], clip: $inner)));
        self::assertFalse($of(new Group([$picture()], 0.5, $inner)));
        self::assertFalse($of(new Group([$picture()], clip: $inner, blend: Blend::Multiply)));
        self::assertFalse($of(new Group([$picture()], clip: $inner, filters: [new Blur(2)])));
    }
}
