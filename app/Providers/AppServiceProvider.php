<?php

declare(strict_types=1);

namespace App\Providers;

use App\Database\ImmediateSQLiteConnector;
use App\Demo\DemoFootage;
use App\Editing\CachedShaper;
use App\Editing\ProjectFonts;
use App\Editing\SharedMemory;
use App\Samples\Made;
use App\Samples\Shelf;
use App\Settings\Settings;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Support\ServiceProvider;
use Ricamo\Core\Evaluate\Memory;
use Ricamo\Core\Evaluate\NoMemory;
use Ricamo\Core\Kind\Text\TextBlocks;
use Ricamo\Core\Text\Shaper;
use Ricamo\Raster\Text\HarfBuzzShaper;
use RuntimeException;

final class AppServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        TrustProxies::at(config('ricamo.proxies'));
        // By name, port and prefix a request is known here; what a proxy says of the client's address and protocol is believed.
        TrustProxies::withHeaders(Request::HEADER_X_FORWARDED_FOR | Request::HEADER_X_FORWARDED_PROTO);
        $problems = Settings::problems();
        if ($problems !== [] && ! $this->app->runningInConsole()) {
            throw new RuntimeException(implode(' ', $problems));
        }
    }

    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', ImmediateSQLiteConnector::class);
        $this->app->singleton(
            Shaper::class,
            fn (): Shaper => new CachedShaper(new HarfBuzzShaper(new ProjectFonts), storage_path('framework/cache/shaped')),
        );
        $this->app->singleton(TextBlocks::class);
        $this->app->singleton(
            Shelf::class, fn (): Shelf => new Shelf(new DemoFootage(storage_path('demo')), new Made(storage_path('demo'))),
        );
        $this->app->bind(Memory::class, function_exists('apcu_enabled') && apcu_enabled() ? SharedMemory::class : NoMemory::class);
    }
}
