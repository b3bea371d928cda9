<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The compositions that are placed in one that is rendered, as they were when that was asked for, and what it is rendered to. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('renders', function (Blueprint $columns): void {
            $columns->text('placed')->default('[]');
            $columns->string('format')->default('mp4');
            $columns->string('quality')->default('good');
            $columns->float('scale')->default(1);
        });
    }
};
