<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Evaluate;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Evaluate\DepthOrder;
use Ricamo\Core\Evaluate\Standing;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Tests\Fixture;

/** What is nearer covers what is farther away among layers that have left the picture's plane. */
final class DepthOrderTest extends TestCase
{
    private const COLOURS = ['a' => '#aa0000', 'b' => '#00bb00', 'c' => '#0000cc'];

    /**
     * @param  array<string, array<string, mixed>>  $layers  fields by id, from the bottom to the top
     * @return list<array<string, mixed>>
     */
    private static function bars(array $layers): array
    {
        return array_map(fn (string $id, array $fields): array => Fixture::bar([
            'id' => $id, 'name' => $id, 'size' => [600, 400], 'position' => [960, 540], 'fill' => self::COLOURS[$id], ...$fields,
        ]), array_keys($layers), $layers);
    }

    /** @param  array<string, array<string, mixed>>  $layers  fields by id, from the bottom to the top */
    private static function composition(array $layers): Composition
    {
        return Fixture::composition(self::bars($layers));
    }

    /** @return string the ids of layers in the order in which they are drawn, by their colours */
    private static function drawn(Composition $composition, int $frame = 0): string
    {
        $list = Fixture::evaluator()->frame($composition, $frame)->encode();
        // As they are looked at while working, where each is worked out by itself.
        $looked = Fixture::evaluator()->look($composition, $frame)->list();
        self::assertSame(json_decode($list, true)['items'], json_decode($looked, true)['items']);

        return self::ids($list);
    }

    private static function ids(string $list): string
    {
        preg_match_all('/#(aa0000|00bb00|0000cc)/', $list, $found);

        return implode('', array_map(fn (string $colour): string => (string) array_search($colour, self::COLOURS, true), $found[0]));
    }

    /** @return iterable<string, array{array<string, array<string, mixed>>, string}> */
    public static function stacks(): iterable
    {
        yield 'nearer beneath in the stack' => [['a' => ['z' => -100], 'b' => ['z' => 50], 'c' => ['z' => 300]], 'cba'];
        yield 'as they are stacked' => [['a' => ['z' => 300], 'b' => ['z' => 50], 'c' => ['z' => -100]], 'abc'];
        yield 'equally far' => [['a' => ['z' => 50], 'b' => ['z' => 50], 'c' => ['z' => 50]], 'abc'];
        yield 'side by side' => [['a' => ['z' => -100, 'position' => [300, 540]], 'b' => ['z' => 50, 'position' => [1600, 540]]], 'ab'];
        yield 'a flat one between' => [['a' => ['z' => -100], 'b' => [], 'c' => ['z' => 300]], 'abc'];
        yield 'two beneath a flat one' => [['a' => ['z' => -100], 'b' => ['z' => 100], 'c' => []], 'bac'];
        yield 'a hidden one between' => [['a' => ['z' => -100], 'b' => ['visible' => false], 'c' => ['z' => 300]], 'ca'];
        // A card that stands on a floor: all of it is on the viewer's side of the floor, whichever middle is nearer.
        yield 'on a floor' => [
            [
                'a' => ['tiltX' => -10, 'position' => [960, 700], 'size' => [200, 200]],
                'b' => ['tiltX' => 85, 'position' => [960, 820], 'size' => [3000, 1500]],
            ],
            'ba',
        ];
        // Two that go through one another: that of the stack.
        yield 'through one another' => [['a' => ['tiltY' => 40], 'b' => ['tiltY' => -40]], 'ab'];
    }

    /** @param  array<string, array<string, mixed>>  $layers */
    #[DataProvider('stacks')]
    public function test_what_is_nearer_is_drawn_later(array $layers, string $drawn): void
    {
        self::assertSame($drawn, self::drawn(self::composition($layers)));
    }

    /** @param  array<string, array<string, mixed>>  $layers */
    #[DataProvider('stacks')]
    public function test_it_is_the_same_within_a_group_and_in_a_bundle(array $layers, string $drawn): void
    {
        $members = array_map(fn (array $fields): array => [...$fields, 'group' => 'g'], $layers);
        $group = ['id' => 'g', 'kind' => 'group', 'name' => 'G', 'in' => 0, 'out' => 100];
        self::assertSame($drawn, self::drawn(Fixture::composition([...self::bars($members), $group])));
        $inner = [...self::composition($layers)->toJson(), 'id' => 'c2', 'background' => null];
        $project = Project::read(new Node([
            'format' => 'ricamo-project', 'version' => 1, 'name' => 'P', 'media' => [], 'compositions' => [
                Fixture::composition([['id' => 'x', 'kind' => 'bundle', 'name' => 'X', 'in' => 0, 'out' => 100, 'composition' => 'c2']])->toJson(),
                $inner,
            ],
        ]));
        $list = Fixture::evaluator()->showing($project->library())->frame($project->composition('c1'), 0)->encode();
        self::assertSame($drawn, self::ids($list));
    }

    public function test_members_without_depth_part_those_of_a_tilted_group_as_of_any_other(): void
    {
        $composition = Fixture::composition([
            ['id' => 'g', 'kind' => 'group', 'name' => 'G', 'in' => 0, 'out' => 100, 'tiltY' => 60, 'position' => [960, 540]],
            Fixture::bar(['id' => 'a', 'group' => 'g', 'position' => [-200, 0], 'fill' => self::COLOURS['a']]),
            Fixture::bar(['id' => 'b', 'group' => 'g', 'position' => [0, 0], 'fill' => self::COLOURS['b']]),
            Fixture::bar(['id' => 'c', 'group' => 'g', 'position' => [100, 0], 'z' => 80, 'fill' => self::COLOURS['c']]),
        ]);
        self::assertSame('abc', self::drawn($composition));
    }

    public function test_a_group_has_its_place_by_its_own_plane(): void
    {
        $stack = fn (float $away): Composition => Fixture::composition([
            ['id' => 'g', 'kind' => 'group', 'name' => 'G', 'in' => 0, 'out' => 100, 'position' => [960, 540], 'z' => $away],
            ...self::bars(['a' => ['group' => 'g', 'position' => [0, 0], 'z' => 900], 'b' => ['z' => 50]]),
        ]);
        self::assertSame(['ba', 'ab'], [self::drawn($stack(-100)), self::drawn($stack(100))]);
    }

    public function test_they_change_places_as_one_flies_past_the_other(): void
    {
        $composition = self::composition(['a' => ['z' => Fixture::keyframes([0, 400], [40, -400])], 'b' => ['z' => 10]]);
        self::assertSame(['ab', 'ba'], [self::drawn($composition, 5), self::drawn($composition, 35)]);
    }

    public function test_a_circle_of_three_is_drawn_all_the_same(): void
    {
        // Each lies with one end over the next and with the other beneath the one before.
        $beam = fn (float $turn): Standing => new Standing(array_map(function (array $corner) use ($turn): array {
            [$x, $y, $z] = $corner;
            [$cos, $sin] = [cos(deg2rad($turn)), sin(deg2rad($turn))];

            return [960 + $x * $cos - $y * $sin, 540 + $x * $sin + $y * $cos, $z];
        }, [[-400, -220, 60], [400, -220, -60], [400, -150, -60], [-400, -150, 60]]));
        $order = DepthOrder::of([$beam(0), $beam(120), $beam(240)], [960, 540, -2667]);
        self::assertEqualsCanonicalizing([0, 1, 2], $order ?? [0, 1, 2]);
    }
}
