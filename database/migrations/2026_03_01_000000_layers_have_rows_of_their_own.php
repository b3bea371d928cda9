<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A change to one layer of hundreds is written without the others. */
return new class extends Migration
{
    private const JSON = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES;

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
            $document = json_decode($row->head);
            foreach ($document->layers as $layer) {
                DB::table('layers')->insert([
                    'composition_id' => $row->id, 'layer' => $layer->id, 'json' => json_encode($layer, self::JSON),
                ]);
            }
            $document->layers = array_column($document->layers, 'id');
            DB::table('compositions')->where('id', $row->id)->update(['head' => json_encode($document, self::JSON)]);
        }
    }

    public function down(): void
    {
        foreach (DB::table('compositions')->get(['id', 'head']) as $row) {
            $document = json_decode($row->head);
            $layers = DB::table('layers')->where('composition_id', $row->id)->pluck('json', 'layer')->all();
            $document->layers = array_map(fn (string $id): mixed => json_decode($layers[$id]), $document->layers);
            DB::table('compositions')->where('id', $row->id)->update(['head' => json_encode($document, self::JSON)]);
        }
        Schema::table('compositions', fn (Blueprint $table) => $table->renameColumn('head', 'document'));
        Schema::dropIfExists('layers');
    }
};
