<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Styles, parts of layers, that a project keeps at hand. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('projects', fn (Blueprint $columns) => $columns->text('styles')->default('[]'));
    }

    public function down(): void
    {
        Schema::table('projects', fn (Blueprint $columns) => $columns->dropColumn('styles'));
    }
};
