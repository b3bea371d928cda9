<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What is done to a project is one row of steps, whichever of its compositions and media it changes. Steps that were made
 * before, one composition at a time, cannot be undone any more; what they led to stays.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('projects', function (Blueprint $table): void {
            $table->unsignedBigInteger('revision')->default(0);
            $table->text('swatches')->default('[]');
        });
        Schema::table('compositions', function (Blueprint $table): void {
            // By which documents of the project refer to it.
            $table->string('key')->default('');
            $table->unsignedInteger('place')->default(0);
        });
        DB::statement("update compositions set key = 'c' || id, place = id, head = json_set(head, '$.id', 'c' || id)");
        Schema::table('compositions', fn (Blueprint $table) => $table->unique(['project_id', 'key']));
        Schema::table('media', fn (Blueprint $table) => $table->string('folder')->nullable());
        Schema::create('steps', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('project_id')->constrained()->cascadeOnDelete();
            $table->string('window');
            $table->string('title');
            $table->longText('request');
            $table->longText('parts');
            $table->string('state')->default('done');
            $table->string('undone_by')->nullable();
            $table->timestamp('created_at')->nullable();
            $table->index(['project_id', 'state', 'window', 'id']);
        });
        Schema::dropIfExists('changes');
        Schema::create('changes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('composition_id')->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('revision');
            $table->longText('patch');
            $table->timestamp('created_at')->nullable();
            $table->unique(['composition_id', 'revision']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('steps');
        Schema::table('media', fn (Blueprint $table) => $table->dropColumn('folder'));
        Schema::table('compositions', function (Blueprint $table): void {
            $table->dropUnique(['project_id', 'key']);
            $table->dropColumn(['key', 'place']);
        });
        Schema::table('projects', fn (Blueprint $table) => $table->dropColumn(['revision', 'swatches']));
        Schema::dropIfExists('changes');
        Schema::create('changes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('composition_id')->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('revision');
            $table->string('kind');
            $table->string('title');
            $table->longText('request')->nullable();
            $table->longText('patch');
            $table->longText('inverse');
            $table->string('state')->default('done');
            $table->timestamp('created_at')->nullable();
            $table->unique(['composition_id', 'revision']);
        });
    }
};
