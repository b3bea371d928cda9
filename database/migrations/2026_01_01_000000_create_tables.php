<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('projects', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->timestamps();
        });
        Schema::create('compositions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('project_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->longText('document');
            $table->unsignedBigInteger('revision')->default(0);
            $table->timestamp('opened_at')->nullable();
            $table->timestamps();
        });
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
            $table->index(['composition_id', 'kind', 'state', 'revision']);
        });
        Schema::create('media', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('project_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->string('hash');
            $table->text('clip');
            $table->string('state')->default('waiting');
            $table->unsignedInteger('prepared')->default(0);
            $table->string('problem')->nullable();
            $table->timestamps();
            $table->unique(['project_id', 'hash']);
        });
        Schema::create('renders', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('composition_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->longText('document');
            $table->unsignedInteger('from');
            $table->unsignedInteger('to');
            $table->string('state')->default('waiting');
            $table->string('problem')->nullable();
            $table->timestamp('heard_at')->nullable();
            $table->timestamp('started_at')->nullable();
            $table->timestamps();
        });
        Schema::create('render_pieces', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('render_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('from');
            $table->unsignedInteger('to');
            $table->unsignedInteger('drawn')->default(0);
            $table->boolean('finished')->default(false);
        });
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
    }

    public function down(): void
    {
        array_map(Schema::dropIfExists(...), ['jobs', 'render_pieces', 'renders', 'media', 'changes', 'compositions', 'projects']);
    }
};
