<?php

declare(strict_types=1);

use App\Editing\LayerRow;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\StoredLayer;
use Ricamo\Core\Json\Node;

/** What others need to know of a layer stands beside it, so that nothing is looked for in its JSON. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('layers', function (Blueprint $table): void {
            $table->string('kind')->default('');
            $table->string('within')->nullable();
            $table->boolean('marked')->default(false);
            // Lists of ids, JSON; null for none.
            foreach (['compositions', 'layers', 'media'] as $list) {
                $table->text($list)->nullable();
            }
        });
        DB::transaction(function (): void {
            foreach (DB::table('layers')->orderBy('composition_id')->orderBy('layer')->cursor() as $row) {
                $layer = StoredLayer::of(Layer::read(Node::decode($row->json)));
                DB::table('layers')->where(
                    'composition_id', $row->composition_id,
                )->where('layer', $row->layer)->update(LayerRow::facts($layer));
            }
        });
    }

    public function down(): void
    {
        Schema::table(
            'layers',
            fn (Blueprint $table) => $table->dropColumn(['kind', 'within', 'marked', 'compositions', 'layers', 'media']),
        );
    }
};
