<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Line;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Tests\Fixture;

/** More outlines and fills than the layer's own. */
final class CoatsTest extends TestCase
{
    use DrawnLines;

    public function test_more_outlines_lie_outside_of_the_edge_beneath_all_or_inside_over_it(): void
    {
        $outlines = [
            ['id' => 'o1', 'colour' => '#ff0000', 'width' => 12],
            ['id' => 'o2', 'side' => 'inside', 'join' => 'miter', 'colour' => '#0000ff', 'width' => 3, 'opacity' => 50],
            ['id' => 'o3', 'side' => 'centre', 'width' => 5], ['id' => 'o4', 'on' => false],
        ];
        $square = self::square(['fill' => '#00ff0080', 'outlines' => $outlines]);
        $items = self::rawItems($square);
        self::assertSame(['group', 'stroke', 'fill', 'stroke', 'group'], array_column($items, 'op'));
        // Twice as wide as it is seen, of which the half on the other side of the edge is cut off.
        self::assertEquals(
            [24, '#ff0000', 'subtract', 'round'],
            [$items[0]['items'][0]['width'], $items[0]['items'][0]['colour'], $items[0]['masks'][0]['mode'], $items[0]['items'][0]['join']],
        );
        self::assertEquals(
            [6, '#0000ff80', 'miter'],
            [$items[4]['items'][0]['width'], $items[4]['items'][0]['colour'], $items[4]['items'][0]['join']],
        );
        self::assertSame('fill', $items[4]['masks'][0]['items'][0]['op']);
        self::assertEquals(5, $items[1]['width']);
        self::assertEquals($square->toJson(), Composition::read(new Node($square->toJson()))->toJson());
        $words = Fixture::composition([Fixture::words(['typeSize' => 100, 'outlines' => [['id' => 'o1', 'width' => 4]]])]);
        self::assertEquals([80, 'fill'], [self::rawItems($words)[0]['items'][0]['width'], self::rawItems($words)[1]['op']]);
        $set = Fixture::edit(self::square(), 'set-outlines', ['layers' => ['bar'], 'outlines' => [['id' => 'o7']]]);
        self::assertSame(8.0, $set->layer('bar')->number('o7.width', 0));
        $this->expectExceptionMessage('has no outline');
        Fixture::edit(Fixture::composition([Fixture::clip()]), 'set-outlines', ['layers' => ['clip'], 'outlines' => [['id' => 'o7']]]);
    }

    public function test_more_fills_lie_beneath_all_or_over_the_fill_and_may_be_shifted(): void
    {
        $square = self::square(['fill' => '#00ff00', 'outlineWidth' => 0, 'outlines' => [
            ['id' => 'o1', 'side' => 'beneath', 'width' => 6, 'colour' => '#102030', 'shift' => [12, 8]],
            ['id' => 'o2', 'side' => 'over', 'width' => 0, 'colour' => '#ffffff', 'opacity' => 25],
            ['id' => 'o3', 'side' => 'beneath', 'width' => 0, 'colour' => '#c0392b'],
        ]]);
        $items = self::rawItems($square);
        self::assertSame(
            [['stroke', '#102030'], ['fill', '#102030'], ['fill', '#c0392b'], ['fill', '#00ff00'], ['fill', '#ffffff40']],
            array_map(fn (array $one): array => [$one['op'], $one['colour']], $items),
        );
        self::assertEquals([12, 12, 8], [$items[0]['width'], ...array_slice($items[0]['matrix'], 4)]);
        self::assertEquals($square->toJson(), Composition::read(new Node($square->toJson()))->toJson());
        // All letters of one lie beneath all letters of the next.
        $words = Fixture::composition([Fixture::words(['text' => 'Hi', 'typeSize' => 100, 'fill' => '#00ff00', 'cascades' => [[
            'id' => 'c1', 'as' => 'arrive', 'units' => 'letters', 'length' => 90, 'position' => [0, 5], 'opacity' => 100,
        ]], 'outlines' => [
            ['id' => 'o1', 'side' => 'beneath', 'width' => 0, 'colour' => '#111111', 'shift' => [10, 0]],
            ['id' => 'o2', 'side' => 'beneath', 'width' => 0, 'colour' => '#222222'],
        ]])]);
        $fills = self::rawItems($words);
        self::assertSame(['#111111', '#111111', '#222222', '#222222', '#00ff00', '#00ff00'], array_column($fills, 'colour'));
        self::assertEqualsWithDelta(10, $fills[0]['matrix'][4] - $fills[4]['matrix'][4], 1e-6);
    }

    public function test_each_of_more_outlines_has_a_paint_of_its_own(): void
    {
        $square = self::square([
            'fill' => '#00ff00', 'outlineWidth' => 0,
            'outlines' => [
                ['id' => 'o1', 'side' => 'centre', 'width' => 6, 'colour' => '#c0392b'],
                ['id' => 'o2', 'side' => 'beneath', 'opacity' => 50],
            ],
        ]);
        $painted = Fixture::edit($square, 'set-gradient', ['layers' => ['bar'], 'of' => 'o1', 'form' => 'linear']);
        self::assertSame('#c0392b', $painted->layer('bar')->colour('go1.colour1', 0)->__toString());
        $items = self::rawItems($painted);
        self::assertSame('#c0392b', $items[0]['gradient']['stops'][0][1]);
        // Of the other one it is a picture, half seen, that is cut out of where the fill would be.
        $painted = Fixture::edit($painted, 'set-gradient', ['layers' => ['bar'], 'of' => 'o2', 'form' => 'picture', 'media' => 'm1']);
        $items = self::rawItems($painted);
        self::assertEquals(['group', 0.5], [$items[1]['op'], $items[1]['opacity']]);
        self::assertStringContainsString('"media":"m1"', (string) json_encode($items[1]));
        self::assertEquals($painted->toJson(), Composition::read(new Node($painted->toJson()))->toJson());
        // What is taken away takes its paint along.
        $fewer = Fixture::edit($painted, 'set-outlines', ['layers' => ['bar'], 'outlines' => [['id' => 'o2']]]);
        self::assertSame(['o2'], array_map(fn ($one): string => $one->of->name, $fewer->layer('bar')->attached->gradients));
        self::assertArrayNotHasKey('go1.colour1', $fewer->layer('bar')->properties);
        $this->expectExceptionMessage('there is no outline o9');
        self::square(['gradients' => [['of' => 'o9', 'form' => 'linear']]]);
    }
}
