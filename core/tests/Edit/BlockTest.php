<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

/** A bar and a mark that are 400 × 200 pixels together, their middle at (600, 400); the mark is in a group of half its size. */
final class BlockTest extends TestCase
{
    private function composition(): Composition
    {
        return Fixture::composition([
            Fixture::bar(['id' => 'a', 'size' => [200, 200], 'position' => [500, 400], 'outlineWidth' => 4]),
            Fixture::bar(['id' => 'b', 'size' => [200, 100], 'position' => [0, 0], 'group' => 'g', 'rotation' => 90]),
            [
                'id' => 'g', 'kind' => 'group', 'name' => 'Group', 'in' => 0, 'out' => 50, 'position' => [700, 400],
                'scale' => [100, 200], 'rotation' => 90,
            ],
        ]);
    }

    private function bounds(Composition $composition, string $layer): Box
    {
        return Fixture::evaluator()->pose($composition->layer($layer), $composition, 5)->bounds();
    }

    private function whole(Composition $composition): Box
    {
        return $this->bounds($composition, 'a')->union($this->bounds($composition, 'b'));
    }

    /** @param  array<string, mixed>  $args */
    private function edit(string $edit, array $args): Composition
    {
        return Fixture::edit($this->composition(), $edit, ['frame' => 5, 'together' => true, ...$args]);
    }

    /** @param  list<string>  $layers */
    #[TestWith([['a', 'b']])]
    #[TestWith([['a', 'g']])]
    #[TestWith([['a', 'b', 'g']])]
    public function test_a_block_is_put_into_a_corner_and_keeps_its_distances(array $layers): void
    {
        $before = $this->composition();
        $whole = $this->whole($before);
        $after = $this->edit('align-layers', ['layers' => $layers, 'x' => 'end', 'y' => 'start', 'margin' => 20]);
        $now = $this->whole($after);
        self::assertEqualsWithDelta(
            [1900, 20, $whole->width(), $whole->height()], [$now->right, $now->top, $now->width(), $now->height()], 0.01,
        );
        self::assertEqualsWithDelta(
            $this->bounds($before, 'b')->left - $this->bounds($before, 'a')->left,
            $this->bounds($after, 'b')->left - $this->bounds($after, 'a')->left,
            0.01,
        );
        self::assertSame(Fixture::json($before, 'a')['size'], Fixture::json($after, 'a')['size']);
    }

    /** @param  list<string>  $layers */
    #[TestWith([['a', 'b']])]
    #[TestWith([['a', 'g']])]
    public function test_a_block_fills_the_frame_in_its_own_shape(array $layers): void
    {
        $whole = $this->whole($this->composition());
        foreach (['fit' => min(...), 'fill' => max(...)] as $as => $of) {
            $after = $this->edit('frame-layers', ['layers' => $layers, 'as' => $as]);
            $factor = $of(1920 / $whole->width(), 1080 / $whole->height());
            $now = $this->whole($after);
            self::assertEqualsWithDelta(
                [960 - $factor * $whole->width() / 2, 540 - $factor * $whole->height() / 2, 960 + $factor * $whole->width() / 2],
                [$now->left, $now->top, $now->right],
                0.02,
            );
            // A shape by its size: its outline stays as wide as it is.
            $a = Fixture::json($after, 'a');
            self::assertEqualsWithDelta([200 * $factor, 4.0, 100], [$a['size'][0], $a['outlineWidth'], $a['scale'][0] ?? 100], 0.001);
        }
    }

    public function test_at_its_own_size_it_is_only_put_into_the_middle(): void
    {
        $after = $this->edit('frame-layers', ['layers' => ['a', 'b'], 'as' => 'original']);
        self::assertEqualsWithDelta([960, 540], [$this->whole($after)->centre()->x, $this->whole($after)->centre()->y], 0.01);
        self::assertSame(Fixture::json($this->composition(), 'a')['size'], Fixture::json($after, 'a')['size']);
    }

    public function test_a_block_is_not_stretched(): void
    {
        $this->expectExceptionObject(new Refusal('a block keeps its shape: to stretch layers, frame each by itself'));
        $this->edit('frame-layers', ['layers' => ['a', 'b'], 'as' => 'stretch']);
    }

    public function test_all_of_a_placement_is_set_back_at_once_and_nothing_else(): void
    {
        $moved = Fixture::bar([
            'size' => [200, 200], 'position' => Fixture::keyframes([0, [0, 0]], [10, [90, 0]]), 'scale' => [50, 20], 'rotation' => 30,
            'opacity' => Fixture::keyframes([0, 0], [10, 80]), 'anchor' => [4, 4], 'fill' => '#123456',
        ]);
        $after = Fixture::edit(Fixture::composition([$moved, [...$moved, 'id' => 'two']]), 'reset-placement', ['layers' => ['bar', 'two']]);
        $new = Fixture::edit(Fixture::composition(), 'add-layer', ['layer' => ['kind' => 'shape', 'form' => 'rectangle']]);
        foreach (['bar', 'two'] as $id) {
            foreach (['position', 'scale', 'rotation', 'opacity', 'anchor'] as $name) {
                self::assertEquals($new->layers[0]->properties[$name], $after->layer($id)->properties[$name], $name);
            }
            self::assertSame([[200.0, 200.0], '#123456'], [Fixture::json($after, $id)['size'], Fixture::json($after, $id)['fill']]);
        }
    }

    public function test_a_position_that_is_apart_is_set_back_as_well(): void
    {
        $apart = Fixture::edit(Fixture::composition([Fixture::bar(['position' => [3, 4]])]), 'set-axes', ['layers' => ['bar'], 'apart' => true]);
        $after = Fixture::edit($apart, 'reset-placement', ['layers' => ['bar']])->layer('bar');
        self::assertSame([960.0, 540.0], [$after->number('x', 0), $after->number('y', 0)]);
    }
}
