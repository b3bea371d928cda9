<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Editing\DocumentText;
use App\Editing\Patch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Tests\Fixture;
use Swaggest\JsonDiff\JsonPatch;

/** Patches against the documents they lead to, applied by a library that did not make them. */
final class PatchTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, mixed>, list<string>}> */
    public static function edits(): iterable
    {
        $named = fn (string $id): array => ['layer' => ['kind' => 'text', 'text' => $id, 'id' => $id]];
        yield 'add on top' => ['add-layer', $named('fresh'), ['add /layers/4']];
        yield 'remove from the middle' => ['remove-layers', ['layers' => ['b', 'c']], ['remove /layers/2', 'remove /layers/1']];
        yield 'duplicate' => ['duplicate-layers', ['layers' => ['a']], ['add /layers/1']];
        yield 'up' => ['reorder-layer', ['layer' => 'a', 'to' => 2], ['move /layers/2']];
        yield 'down' => ['reorder-layer', ['layer' => 'd', 'to' => 0], ['move /layers/0']];
        yield 'a value' => [
            'set-values', ['frame' => 0, 'values' => [['layer' => 'c', 'property' => 'opacity', 'value' => 40]]],
            ['replace /layers/2/opacity'],
        ];
        yield 'a first keyframe' => [
            'add-keyframe', ['layers' => ['b'], 'property' => 'position', 'frame' => 3], ['replace /layers/1/position'],
        ];
        yield 'the composition' => [
            'set-composition', ['name' => 'Intro', 'background' => 'transparent'], ['replace /name', 'replace /background'],
        ];
    }

    /**
     * @param  array<string, mixed>  $args
     * @param  list<string>  $expected
     */
    #[DataProvider('edits')]
    public function test_a_patch_says_what_changed_and_leads_there_and_back(string $edit, array $args, array $expected): void
    {
        $before = Fixture::composition(array_map(
            fn (string $id): array => Fixture::words(['id' => $id, 'text' => $id]), ['a', 'b', 'c', 'd'],
        ));
        $after = Fixture::edit($before, $edit, $args);
        $patch = Patch::between($before, $after);
        self::assertSame($expected, array_map(fn (array $one): string => "{$one['op']} {$one['path']}", json_decode($patch, true)));
        $this->assertLeads($before, $after);
        $this->assertLeads($after, $before);
    }

    public function test_a_moved_keyframe_costs_little(): void
    {
        $before = Fixture::composition([Fixture::bar(['position' => Fixture::keyframes(...array_map(
            fn (int $at): array => [$at, [$at, 7]], range(0, 990, 10),
        ))])]);
        $after = Fixture::edit(
            $before, 'move-keyframes',
            ['keyframes' => [['layer' => 'bar', 'property' => 'position', 'frames' => [500]]], 'by' => 3],
        );
        self::assertLessThan(300, strlen(Patch::between($before, $after)));
        $this->assertLeads($before, $after);
    }

    private function assertLeads(Composition $from, Composition $to): void
    {
        $led = json_decode(DocumentText::whole($from));
        JsonPatch::import(json_decode(Patch::between($from, $to)))->apply($led);
        self::assertEquals(json_decode(DocumentText::whole($to)), $led);
    }
}
