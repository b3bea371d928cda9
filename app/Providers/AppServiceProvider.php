<?php

namespace App\Providers;

use App\Database\ImmediateSQLiteConnector;
use App\Demo\DemoFootage;
use App\Editing\CachedShaper;
use App\Editing\ProjectFonts;
use App\Editing\SharedMemory;
use App\Samples\Made;
use App\Samples\Shelf;
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
        $this->app->singleton(Shaper::class, fn (): Shaper => new CachedShaper(new HarfBuzzShaper(new ProjectFonts), storage_path('framework/cache/shaped')));
        $this->app->singleton(TextBlocks::class);
        $this->app->singleton(Shelf::class, fn (): Shelf => new Shelf(new DemoFootage(storage_path('demo')), new Made(storage_path('demo'))));
        $this->app->bind(Memory::class, function_exists('apcu_enabled') && apcu_enabled() ? SharedMemory::class : NoMemory::class);
    }
}
