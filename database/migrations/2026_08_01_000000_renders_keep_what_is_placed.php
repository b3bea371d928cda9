<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The compositions that are placed in one that is rendered, as they were when that was asked for. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('renders', fn (Blueprint $columns) => $columns->text('placed')->default('[]'));
    }
};
