<?php

namespace App\Providers;

use App\Database\ImmediateSQLiteConnector;
use App\Editing\CachedShaper;
use App\Editing\SharedMemory;
use Illuminate\Support\ServiceProvider;
use Ricamo\Core\Evaluate\Memory;
use Ricamo\Core\Evaluate\NoMemory;
use Ricamo\Core\Evaluate\TextBlocks;
use Ricamo\Core\Text\Shaper;
use Ricamo\Raster\Text\HarfBuzzShaper;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', ImmediateSQLiteConnector::class);
        $this->app->singleton(Shaper::class, fn (): Shaper => new CachedShaper(new HarfBuzzShaper, storage_path('framework/cache/shaped')));
        $this->app->singleton(TextBlocks::class);
        $this->app->bind(Memory::class, function_exists('apcu_enabled') && apcu_enabled() ? SharedMemory::class : NoMemory::class);
    }
}
