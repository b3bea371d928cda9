<?php

declare(strict_types=1);

namespace App\Console;

use App\Demo\DemoFootage;
use App\Demo\DemoProject;
use Illuminate\Console\Command;

final class DemoCommand extends Command
{
    protected $signature = 'ricamo:demo';

    protected $description = 'Makes the demo project, "Depot Nine", unless it is there';

    public function handle(DemoProject $demo): int
    {
        if (! $demo->exists()) {
            $this->line('Drawing the demo clips (about a minute, once)…');
            $demo->create(new DemoFootage(storage_path('demo')));
        }

        return self::SUCCESS;
    }
}
