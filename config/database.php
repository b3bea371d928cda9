<?php

declare(strict_types=1);

use App\Settings\Settings;

return [
    'default' => 'sqlite',
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => Settings::file('DB_DATABASE', storage_path('ricamo.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            // Longer than any write takes; what has to wait longer is told to try again.
            'busy_timeout' => 5_000,
            'journal_mode' => 'wal',
            // An edit that was answered survives a loss of power, too.
            'synchronous' => 'full',
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
