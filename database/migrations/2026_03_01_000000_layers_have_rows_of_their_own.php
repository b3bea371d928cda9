<?php

use App\Editing\DocumentText;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Json\Node;

/** A change to one layer of hundreds is written without the others. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('layers', function (Blueprint $table): void {
            $table->foreignId('composition_id')->constrained()->cascadeOnDelete();
            $table->string('layer');
            $table->longText('json');
            $table->primary(['composition_id', 'layer']);
        });
        Schema::table('compositions', fn (Blueprint $table) => $table->renameColumn('document', 'head'));
        foreach (DB::table('compositions')->get(['id', 'head']) as $row) {
            $text = DocumentText::of(Composition::read(Node::decode($row->head)));
            DB::table('compositions')->where('id', $row->id)->update(['head' => $text->head]);
            DB::table('layers')->insert($text->rows($row->id));
        }
    }

    public function down(): void
    {
        foreach (DB::table('compositions')->get(['id', 'head']) as $row) {
            $layers = DB::table('layers')->where('composition_id', $row->id)->pluck('json', 'layer')->all();
            DB::table('compositions')->where('id', $row->id)->update(['head' => (new DocumentText($row->head, $layers))->whole()]);
        }
        Schema::table('compositions', fn (Blueprint $table) => $table->renameColumn('head', 'document'));
        Schema::dropIfExists('layers');
    }
};
