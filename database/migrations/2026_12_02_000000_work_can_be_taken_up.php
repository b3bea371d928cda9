<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Work on files that have come goes on after any kill, and what takes how much room is known without looking. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (['media', 'uploads'] as $table) {
            // How often a worker has begun to look at it or prepare it without an end.
            Schema::table($table, fn (Blueprint $columns) => $columns->unsignedInteger('begun')->default(0));
        }
        // The upload that it is being made of, until it is whole.
        Schema::table('projects', fn (Blueprint $columns) => $columns->string('upload')->nullable());
        // Null where nobody has measured it yet.
        Schema::table('media', fn (Blueprint $columns) => $columns->unsignedBigInteger('preview_bytes')->nullable());
        Schema::table('renders', fn (Blueprint $columns) => $columns->unsignedBigInteger('bytes')->nullable());
    }

    public function down(): void
    {
        Schema::table('renders', fn (Blueprint $table) => $table->dropColumn('bytes'));
        Schema::table('media', fn (Blueprint $table) => $table->dropColumn(['begun', 'preview_bytes']));
        Schema::table('uploads', fn (Blueprint $table) => $table->dropColumn('begun'));
        Schema::table('projects', fn (Blueprint $table) => $table->dropColumn('upload'));
    }
};
