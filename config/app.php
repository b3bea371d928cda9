<?php

declare(strict_types=1);

use App\Settings\Settings;

return [
    'name' => 'Ricamo',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => Settings::url('APP_URL', 'http://127.0.0.1:8900'),
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'key' => env('APP_KEY'),
    'cipher' => 'AES-256-CBC',
    'maintenance' => ['driver' => 'file'],
];
