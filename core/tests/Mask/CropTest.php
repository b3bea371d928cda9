<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Mask;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Kind\MaskPlaces;
use Ricamo\Core\Path\SvgPath;
use Ricamo\Core\Tests\Fixture;

/** A layer that is cropped by its four edges: a clip of 200 × 100, drawn twice as wide and turned by a quarter. */
final class CropTest extends TestCase
{
    /** @param  array<string, mixed>  $crop */
    private function cropped(array $crop, array $layer = []): Composition
    {
        return Fixture::composition([Fixture::bar([
            'size' => [200, 100], 'position' => [500, 300], 'scale' => [200, 100], 'rotation' => 90,
            'masks' => [['id' => 'm1', 'form' => 'crop', ...$crop]], ...$layer,
        ])]);
    }

    /** @return array{float, float, float, float}|null what the mask fills: left, top, right and bottom in composition pixels */
    private function filled(Composition $composition, int $frame = 0): ?array
    {
        $list = Fixture::evaluator()->frame($composition, $frame)->toJson();
        $fill = $list['items'][0]['masks'][0]['items'][0] ?? null;
        if ($fill === null) {
            return null;
        }
        $bounds = (new Affine(...$fill['matrix']))->bounds(SvgPath::parse($list['paths'][$fill['path']], 10)->bounds());

        return [$bounds->left, $bounds->top, $bounds->right, $bounds->bottom];
    }

    /** @return array{float, float, float, float} left, top, right and bottom in the layer's own pixels */
    private function box(Composition $composition, int $frame = 0): array
    {
        $layer = $composition->layer('bar');
        $own = Fixture::evaluator()->pose($layer, $composition, $frame)->box;
        $box = MaskPlaces::box($layer->attached->masks[0], $layer, $frame, $own);

        return [$box->left, $box->top, $box->right, $box->bottom];
    }

    public function test_each_edge_lies_as_far_within_as_it_says_in_pixels_or_in_shares(): void
    {
        $composition = $this->cropped(['left' => 30, 'top' => '10%', 'right' => '25%', 'bottom' => 5]);
        self::assertSame([-70.0, -40.0, 50.0, 45.0], $this->box($composition));
        // Turned by a quarter and twice as wide: across the layer is down the picture.
        self::assertEqualsWithDelta([455, 160, 540, 400], $this->filled($composition), 0.01);
    }

    public function test_an_edge_that_crops_nothing_leaves_what_is_beyond_the_box(): void
    {
        // The frame's own edges lie nearer than where it ends.
        [$left, $top, $right, $bottom] = $this->filled($this->cropped(['left' => 30], ['rotation' => 0]));
        self::assertEqualsWithDelta(360, $left, 0.01);
        self::assertTrue($top <= 0 && $right >= 1920 && $bottom >= 1080);
    }

    public function test_it_opens_by_keyframes_and_nothing_is_left_where_edges_meet(): void
    {
        $composition = $this->cropped(['left' => Fixture::keyframes([0, '100%'], [10, 0])]);
        self::assertNull($this->filled($composition));
        self::assertSame([0.0, -50.0, 100.0, 50.0], $this->box($composition, 5));
    }

    public function test_it_follows_what_the_layer_shows(): void
    {
        $composition = $this->cropped(['right' => '50%'], ['size' => Fixture::keyframes([0, [200, 100]], [10, [400, 100]])]);
        self::assertSame([-100.0, -50.0, 0.0, 50.0], $this->box($composition, 0));
        self::assertSame([-200.0, -50.0, 0.0, 50.0], $this->box($composition, 10));
    }

    /** @param  array{float, float, float, float}  $edges  left, top, right, bottom */
    #[TestWith([['handle' => 'bottom', 'by' => [-40, 6]], [30.0, 10.0, 50.0, 0.0]])]
    // Down the picture is to the layer's right.
    #[TestWith([['handle' => 'left', 'by' => [0, 20]], [40.0, 10.0, 50.0, 5.0]])]
    #[TestWith([['handle' => 'left', 'by' => [0, 20], 'centred' => true], [40.0, 10.0, 60.0, 5.0]])]
    #[TestWith([['handle' => 'bottom-right', 'by' => [10, -60]], [30.0, 10.0, 80.0, 15.0]])]
    #[TestWith([['by' => [3, 20]], [40.0, 7.0, 40.0, 8.0]])]
    #[TestWith([['by' => [3, 20], 'straight' => true], [40.0, 10.0, 40.0, 5.0]])]
    public function test_its_edges_are_pulled_in_the_picture(array $args, array $edges): void
    {
        $before = $this->cropped(['left' => 30, 'top' => 10, 'right' => 50, 'bottom' => 5]);
        $pulled = Fixture::edit($before, 'pull-mask', ['layer' => 'bar', 'mask' => 'm1', 'frame' => 0, ...$args]);
        // The edge at the bottom of the layer is at the left of the picture: pulled by 40 beyond its box, it stays there.
        $mask = Fixture::json($pulled, 'bar')['masks'][0];
        self::assertEqualsWithDelta($edges, array_map(fn (string $edge): float => (float) ($mask[$edge] ?? 0), ['left', 'top', 'right', 'bottom']), 0.001);
    }

    public function test_no_edge_is_pulled_beyond_the_other(): void
    {
        $pulled = Fixture::edit(
            $this->cropped(['right' => 50]), 'pull-mask', ['layer' => 'bar', 'mask' => 'm1', 'frame' => 0, 'handle' => 'left', 'by' => [0, 900]],
        );
        self::assertSame(150.0, Fixture::json($pulled, 'bar')['masks'][0]['left']);
    }

    public function test_it_is_added_without_cropping_anything(): void
    {
        $added = Fixture::edit(Fixture::composition([Fixture::bar()]), 'add-mask', ['layers' => ['bar'], 'form' => 'crop']);
        self::assertSame([0.0, 0.0, 0.0, 0.0], array_map(
            fn (string $edge): float => $added->layer('bar')->length("m1.$edge", 0, 100), ['left', 'top', 'right', 'bottom'],
        ));
        self::assertSame($added->toJson(), Fixture::composition([Fixture::json($added, 'bar')])->toJson());
    }
}
