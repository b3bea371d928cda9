<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    private const REMOVABLE = ['projects', 'compositions', 'media', 'renders'];

    public function up(): void
    {
        foreach (self::REMOVABLE as $name) {
            Schema::table($name, fn (Blueprint $table) => $table->timestamp('removed_at')->nullable());
        }
        Schema::table('compositions', fn (Blueprint $table) => $table->dropColumn('opened_at'));
        Schema::table('renders', function (Blueprint $table): void {
            $table->string('attempt')->default('');
            $table->string('way')->nullable();
        });
        Schema::table('media', function (Blueprint $table): void {
            $table->string('attempt')->default('');
            // How its preview frames are made: {"every", "type", "count", "bytes"}.
            $table->text('preview')->nullable();
            $table->unsignedBigInteger('bytes')->default(0);
            // Known only once it has been looked at.
            $table->string('hash')->nullable()->change();
            $table->text('clip')->nullable()->change();
            $table->unsignedBigInteger('twin')->nullable();
        });
        Schema::create('uploads', function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->foreignId('project_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->unsignedBigInteger('size');
            // Of a project that is brought in: coming, opening, opened or refused, and what came of it.
            $table->string('state')->default('coming');
            $table->string('problem')->nullable();
            $table->unsignedBigInteger('composition_id')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('uploads');
        Schema::table('media', fn (Blueprint $table) => $table->dropColumn(['attempt', 'preview', 'bytes', 'twin']));
        Schema::table('renders', fn (Blueprint $table) => $table->dropColumn(['attempt', 'way']));
        Schema::table('compositions', fn (Blueprint $table) => $table->timestamp('opened_at')->nullable());
        foreach (self::REMOVABLE as $name) {
            Schema::table($name, fn (Blueprint $table) => $table->dropColumn('removed_at'));
        }
    }
};
