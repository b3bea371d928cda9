<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Evaluate\Pose;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

/** Layers that are drawn in the picture, from one corner to the other. */
final class DrawLayerTest extends TestCase
{
    private const FRAME = 12;

    /**
     * @param  array<string, mixed>  $layer
     * @param  array<string, mixed>  $args
     */
    private function drawn(
        array $layer, array $from, array $to, array $args = [], ?Composition $in = null,
    ): Layer {
        $composition = Fixture::edit(
            $in ?? Fixture::composition(), 'draw-layer', ['layer' => $layer, 'frame' => self::FRAME, 'from' => $from, 'to' => $to, ...$args],
        );

        return $composition->layers[count($composition->layers) - 1];
    }

    private function pose(Layer $layer): Pose
    {
        return Fixture::evaluator()->pose($layer, Fixture::composition([$layer->toJson()]), self::FRAME);
    }

    /** @param  array{float, float, float, float}  $expected  left, top, right, bottom */
    private function assertBounds(array $expected, Layer $layer): void
    {
        $bounds = $this->pose($layer)->bounds();
        self::assertEqualsWithDelta($expected, [$bounds->left, $bounds->top, $bounds->right, $bounds->bottom], 0.01);
    }

    #[TestWith([['kind' => 'shape', 'form' => 'rectangle', 'rounding' => 20, 'size' => [800, 180]]])]
    #[TestWith([['kind' => 'shape', 'form' => 'ellipse']])]
    #[TestWith([['kind' => 'window', 'form' => 'rectangle']])]
    public function test_what_has_a_form_fills_the_box_from_wherever_it_is_drawn(array $layer): void
    {
        foreach ([[[100, 200], [400, 260]], [[400, 260], [100, 200]], [[100, 260], [400, 200]]] as [$from, $to]) {
            $drawn = $this->drawn($layer, $from, $to);
            $this->assertBounds([100, 200, 400, 260], $drawn);
            self::assertSame([12, 250], [$drawn->span->in, $drawn->span->out]);
        }
        // Both sides as long as the longer one, on the side that it is drawn to.
        $this->assertBounds([100, -100, 400, 200], $this->drawn($layer, [100, 200], [400, 190], ['even' => true]));
        $this->assertBounds([-200, 140, 400, 260], $this->drawn($layer, [100, 200], [400, 260], ['centred' => true]));
    }

    public function test_a_line_leads_from_one_point_to_the_other(): void
    {
        $line = ['kind' => 'shape', 'form' => 'line', 'size' => [800, 0], 'outlineWidth' => 6];
        $drawn = $this->drawn($line, [100, 200], [400, 600]);
        self::assertSame([500.0, 0.0], [$drawn->size('size', 0)->width, $drawn->size('size', 0)->height]);
        self::assertEqualsWithDelta(rad2deg(atan2(400, 300)), $drawn->number('rotation', 0), 1e-3);
        $this->assertBounds([100, 200, 400, 600], $drawn);
        // Nearly level: level, and as long.
        $even = $this->drawn($line, [100, 200], [400, 210], ['even' => true]);
        self::assertSame(0.0, $even->number('rotation', 0));
        $this->assertBounds([100, 200, 100 + hypot(300, 10), 200], $even);
        self::assertEqualsWithDelta(-135, $this->drawn($line, [100, 200], [10, 100], ['even' => true])->number('rotation', 0), 1e-9);
    }

    #[TestWith(['left', 100.0])]
    #[TestWith(['centre', 250.0])]
    #[TestWith(['right', 400.0])]
    public function test_words_break_within_the_box_and_begin_at_its_top(string $align, float $x): void
    {
        $words = ['kind' => 'text', 'text' => 'The last tram leaves Depot Nine at midnight', 'typeSize' => 40, 'align' => $align];
        $drawn = $this->drawn($words, [400, 260], [100, 200]);
        self::assertSame([300.0, $x], [$drawn->number('boxWidth', 0), $drawn->point('position', 0)->x]);
        $bounds = $this->pose($drawn)->bounds();
        self::assertEqualsWithDelta(200, $bounds->top, 0.01);
        self::assertGreaterThan(320, $bounds->bottom, 'it has several lines');
        self::assertTrue($bounds->left >= 99.9 && $bounds->right <= 400.1);
    }

    public function test_a_click_places_it_as_it_is(): void
    {
        $drawn = $this->drawn(['kind' => 'shape', 'form' => 'rectangle', 'size' => [80, 40]], [300, 200], [300.9, 199.5]);
        $this->assertBounds([260, 180, 340, 220], $drawn);
        self::assertSame(0.0, $this->drawn(['kind' => 'text', 'text' => 'Depot'], [300, 200], [300, 200])->number('boxWidth', 0));
    }

    public function test_the_second_corner_is_drawn_to_a_guide(): void
    {
        $in = Fixture::composition([], ['guides' => [['axis' => 'x', 'at' => 405]]]);
        $bar = ['kind' => 'shape', 'form' => 'rectangle'];
        $this->assertBounds([100, 200, 405, 260], $this->drawn($bar, [100, 200], [401, 260], ['snap' => 6], $in));
        $this->assertBounds([100, 200, 401, 260], $this->drawn($bar, [100, 200], [401, 260], ['snap' => 3], $in));
    }

    public function test_what_is_only_heard_cannot_be_drawn(): void
    {
        $this->expectExceptionObject(new Refusal('args.layer.kind: has no place in the picture'));
        $this->drawn(['kind' => 'sound', 'media' => 'm1'], [0, 0], [9, 9]);
    }
}
