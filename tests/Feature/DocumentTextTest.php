<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Editing\DocumentText;
use App\Editing\Patch;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Tests\Fixture;
use stdClass;
use Tests\TestCase;

final class DocumentTextTest extends TestCase
{
    private function three(): Composition
    {
        return Fixture::composition([
            Fixture::bar(['id' => 'a', 'name' => "Line\nbreak"]), Fixture::words(['id' => 'b', 'text' => "two\nlines"]),
            Fixture::bar(['id' => 'c']),
        ]);
    }

    public function test_its_parts_make_up_the_whole(): void
    {
        foreach ([$this->three(), Fixture::composition()] as $document) {
            $rows = array_map(fn (array $row): stdClass => (object) $row, DocumentText::rows(1, $document->layers->entries()));
            // In the order of the head, whatever the order of the rows.
            $read = DocumentText::read(DocumentText::head($document), array_reverse($rows));
            self::assertSame($document->toJson(), $read->toJson());
            self::assertEquals($document->toJson(), json_decode(DocumentText::whole($document), true));
            self::assertEquals($document->layers->spans(), $read->layers->spans());
        }
    }

    public function test_layers_that_nobody_asks_for_are_not_read(): void
    {
        $document = $this->three();
        $rows = array_map(
            fn (array $row): stdClass => (object) [...$row, 'json' => $row['layer'] === 'b' ? $row['json'] : 'no JSON'],
            DocumentText::rows(1, $document->layers->entries()),
        );
        $read = DocumentText::read(DocumentText::head($document), $rows);
        $after = Fixture::edit($read, 'rename-layer', ['layer' => 'b', 'name' => 'Other']);
        self::assertSame(['b'], array_column($after->layers->changedFrom($read->layers), 'id'));
        self::assertStringContainsString('"Other"', Patch::between($read, $after));
        $this->expectExceptionMessage('not valid JSON');
        $read->layer('a');
    }

    public function test_only_what_an_edit_touches_is_written(): void
    {
        $composition = $this->composition();
        foreach (['a', 'b', '7'] as $id) {
            $this->addBar($composition, ['id' => $id])->assertOk();
        }
        $statements = [];
        DB::listen(function (QueryExecuted $query) use (&$statements): void {
            if (str_contains($query->sql, '"layers"') && ! str_starts_with($query->sql, 'select')) {
                $statements[] = $query->bindings;
            }
        });
        $this->edit($composition, 'rename-layer', ['layer' => '7', 'name' => 'Seven'])->assertOk();
        self::assertCount(1, $statements);
        self::assertContains('7', $statements[0]);
        self::assertSame([], array_intersect(['a', 'b'], array_map(strval(...), $statements[0])));
        $statements = [];
        $this->edit($composition, 'reorder-layer', ['layer' => 'a', 'to' => 2])->assertOk();
        self::assertSame([], $statements);
        self::assertSame(['b', '7', 'a'], array_column($this->document($composition)['layers'], 'id'));
    }

    public function test_what_is_stored_by_edits_reads_back(): void
    {
        $composition = $this->composition();
        foreach (['a', 'b', 'c'] as $id) {
            $this->addBar($composition, ['id' => $id])->assertOk();
        }
        $this->edit($composition, 'remove-layers', ['layers' => ['b']])->assertOk();
        $this->postJson("/api/compositions/{$composition->id}/undo", ['revision' => 4])->assertOk();
        self::assertSame(['a', 'b', 'c'], array_column($this->document($composition)['layers'], 'id'));
        self::assertSame($composition->refresh()->document, DocumentText::whole(Composition::read(Node::decode($composition->document))));
    }
}
