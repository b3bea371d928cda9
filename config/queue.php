<?php

declare(strict_types=1);

return [
    'default' => 'database',
    'connections' => [
        'sync' => ['driver' => 'sync'],
        'database' => [
            'driver' => 'database',
            'table' => 'jobs',
            'queue' => 'default',
            // A job whose worker was killed is taken up again after this long; longer than any one job may take.
            'retry_after' => 7500,
            // The same file: what is kept and what is to be done about it are kept together, or neither.
            'after_commit' => false,
        ],
    ],
    'failed' => ['driver' => 'null'],
];
