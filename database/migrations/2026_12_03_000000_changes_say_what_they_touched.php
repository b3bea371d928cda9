<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** An edit that was made on an older state is done on the newest where it touches something else than was changed since. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('changes', fn (Blueprint $columns) => $columns->longText('touched')->nullable());
    }

    public function down(): void
    {
        Schema::table('changes', fn (Blueprint $columns) => $columns->dropColumn('touched'));
    }
};
