<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The folder that a composition is filed in stands beside its name, so that lists need not read what is in it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('compositions', fn (Blueprint $columns) => $columns->string('folder')->nullable());
    }

    public function down(): void
    {
        Schema::table('compositions', fn (Blueprint $columns) => $columns->dropColumn('folder'));
    }
};
