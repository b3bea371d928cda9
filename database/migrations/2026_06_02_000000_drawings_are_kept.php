<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Of media that are drawings, what there is to draw. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('media', fn (Blueprint $columns) => $columns->longText('drawing')->nullable());
    }
};
