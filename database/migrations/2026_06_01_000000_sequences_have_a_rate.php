<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Pictures in a ZIP become a clip; how many of them are shown in a second is said when they are brought in. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (['uploads', 'media'] as $table) {
            Schema::table($table, fn (Blueprint $columns) => $columns->string('rate', 24)->nullable());
        }
    }
};
