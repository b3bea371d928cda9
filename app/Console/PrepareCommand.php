<?php

declare(strict_types=1);

namespace App\Console;

use App\Settings\Checks;
use Illuminate\Console\Command;

final class PrepareCommand extends Command
{
    protected $signature = 'ricamo:prepare';

    protected $description = 'Checks the settings and makes the database ready; says what stands in the way, and ends with 2';

    public function handle(): int
    {
        $problems = Checks::problems();
        $problems = $problems === [] ? array_filter([Checks::migrate()]) : $problems;
        foreach ($problems as $problem) {
            $this->getOutput()->getErrorStyle()->writeln($problem);
        }

        return $problems === [] ? self::SUCCESS : self::INVALID;
    }
}
