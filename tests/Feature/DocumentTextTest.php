<?php

namespace Tests\Feature;

use App\Editing\DocumentText;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Ricamo\Core\Document\Composition as Document;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Tests\Fixture;
use Tests\TestCase;

final class DocumentTextTest extends TestCase
{
    private function three(): Document
    {
        return Fixture::composition([Fixture::bar(['id' => 'a', 'name' => "Line\nbreak"]), Fixture::words(['id' => 'b', 'text' => "two\nlines"]), Fixture::bar(['id' => 'c'])]);
    }

    public function test_its_parts_make_up_the_whole(): void
    {
        foreach ([$this->three(), Fixture::composition()] as $document) {
            $text = DocumentText::of($document);
            self::assertEquals($document, Document::read(Node::decode($text->whole())));
            self::assertCount(count($document->layers), $text->layers);
        }
        // In the order of the head, whatever the order of the parts.
        $text = DocumentText::of($this->three());
        self::assertSame($text->whole(), (new DocumentText($text->head, array_reverse($text->layers)))->whole());
    }

    public function test_after_any_change_it_is_what_would_be_written_anew(): void
    {
        $before = $this->three();
        $edits = [
            ['rename-layer', ['layer' => 'b', 'name' => 'Other'], ['b'], []], ['remove-layers', ['layers' => ['a']], [], ['a']],
            ['remove-layers', ['layers' => ['a', 'b', 'c']], [], ['a', 'b', 'c']], ['reorder-layer', ['layer' => 'a', 'to' => 2], [], []],
            ['duplicate-layers', ['layers' => ['b']], ['l1'], []], ['set-composition', ['name' => 'X', 'length' => 9], [], []],
            ['add-layer', ['layer' => ['kind' => 'shape', 'form' => 'ellipse']], ['l1'], []],
        ];
        foreach ($edits as [$edit, $args, $written, $gone]) {
            $after = Fixture::edit($before, $edit, $args);
            $text = DocumentText::of($before)->changed($before, $after);
            self::assertEquals(DocumentText::of($after), $text, $edit);
            self::assertSame($written, array_keys($text->written(DocumentText::of($before))), $edit);
            self::assertSame($gone, $text->gone(DocumentText::of($before)), $edit);
        }
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
        self::assertCount(3, $statements[0]);
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
        self::assertSame($composition->refresh()->document, DocumentText::of($composition->read())->whole());
    }
}
