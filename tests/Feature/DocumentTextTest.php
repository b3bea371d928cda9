<?php

namespace Tests\Feature;

use App\Editing\DocumentText;
use App\Models\Composition;
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

    public function test_it_is_json_with_a_line_for_each_layer(): void
    {
        foreach ([$this->three(), Fixture::composition()] as $document) {
            $text = DocumentText::encode($document);
            self::assertEquals($document, Document::read(Node::decode($text)));
            self::assertSame(max(1, count($document->layers)) + 2, count(explode("\n", $text)));
        }
    }

    public function test_after_any_change_it_is_what_would_be_written_anew(): void
    {
        $before = $this->three();
        $edits = [
            ['rename-layer', ['layer' => 'b', 'name' => 'Other']], ['remove-layers', ['layers' => ['a']]], ['remove-layers', ['layers' => ['a', 'b', 'c']]],
            ['reorder-layer', ['layer' => 'a', 'to' => 2]], ['duplicate-layers', ['layers' => ['b']]], ['set-composition', ['name' => 'X', 'length' => 9]],
            ['add-layer', ['layer' => ['kind' => 'shape', 'form' => 'ellipse']]],
        ];
        foreach ($edits as [$edit, $args]) {
            $after = Fixture::edit($before, $edit, $args);
            self::assertSame(DocumentText::encode($after), DocumentText::changed(DocumentText::encode($before), $before, $after), $edit);
            $onOneLine = (string) json_encode($before->toJson());
            self::assertSame(DocumentText::encode($after), DocumentText::changed($onOneLine, $before, $after), "$edit, from one line");
        }
        $empty = Fixture::composition();
        $after = Fixture::edit($empty, 'add-layer', ['layer' => ['kind' => 'shape', 'form' => 'ellipse']]);
        self::assertSame(DocumentText::encode($after), DocumentText::changed(DocumentText::encode($empty), $empty, $after));
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
        self::assertSame($composition->refresh()->document, Composition::encode($composition->read()));
    }
}
