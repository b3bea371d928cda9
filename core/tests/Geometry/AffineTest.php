<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Geometry;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Refusal;

final class AffineTest extends TestCase
{
    public function test_degrees_turn_clockwise_with_y_down(): void
    {
        $turned = Affine::rotation(90)->apply(new Point(1, 0));
        self::assertSame([0.0, 1.0], [$turned->x, $turned->y]);
        $turned = Affine::rotation(30)->apply(new Point(2, 0));
        self::assertEqualsWithDelta(sqrt(3), $turned->x, 1e-12);
        self::assertEqualsWithDelta(1, $turned->y, 1e-12);
    }

    public function test_full_turns_are_exact(): void
    {
        foreach ([-720.0, -360.0, 0.0, 360.0, 3600.0] as $degrees) {
            self::assertEquals(new Affine, Affine::rotation($degrees));
        }
        self::assertEquals(Affine::rotation(270), Affine::rotation(-90));
    }

    public function test_the_inner_matrix_comes_first(): void
    {
        $point = Affine::translation(10, 0)->after(Affine::scaling(2, 3))->apply(new Point(1, 1));
        self::assertSame([12.0, 3.0], [$point->x, $point->y]);
    }

    public function test_the_inverse_takes_back(): void
    {
        $matrix = Affine::translation(7, -3)->after(Affine::rotation(37))->after(Affine::scaling(-2, 0.5));
        self::assertTrue($matrix->inverse()->after($matrix)->nearly(new Affine, 1e-9));
    }

    public function test_a_flattened_plane_has_no_inverse(): void
    {
        $this->expectException(Refusal::class);
        Affine::scaling(0, 1)->inverse();
    }

    public function test_the_bounds_hold_all_corners(): void
    {
        $bounds = Affine::rotation(45)->bounds(Box::centred(2, 2));
        self::assertEqualsWithDelta(-sqrt(2), $bounds->left, 1e-12);
        self::assertEqualsWithDelta(sqrt(2), $bounds->bottom, 1e-12);
    }

    public function test_the_stretch_is_the_largest_singular_value(): void
    {
        self::assertEqualsWithDelta(3, Affine::rotation(20)->after(Affine::scaling(3, 0.5))->stretch(), 1e-12);
        // A shear by 1 has the golden ratio for its largest singular value.
        self::assertEqualsWithDelta((1 + sqrt(5)) / 2, (new Affine(1, 0, 1, 1))->stretch(), 1e-12);
    }
}
