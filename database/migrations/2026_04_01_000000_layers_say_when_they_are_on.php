<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What draws in while something is dragged in time is known without reading hundreds of layers. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('layers', function (Blueprint $table): void {
            $table->integer('starts')->default(0);
            $table->integer('ends')->default(1);
        });
        DB::statement("update layers set starts = json_extract(json, '$.in'), ends = json_extract(json, '$.out')");
    }

    public function down(): void
    {
        Schema::table('layers', fn (Blueprint $table) => $table->dropColumn(['starts', 'ends']));
    }
};
