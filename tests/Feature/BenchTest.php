<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Tests\TestCase;

final class BenchTest extends TestCase
{
    public function test_beside_its_figures_it_says_what_the_machine_did_before_and_after(): void
    {
        self::assertSame(0, Artisan::call('ricamo:bench', ['--only' => 'evaluation']));
        $printed = Artisan::output();
        self::assertMatchesRegularExpression('/evaluation, 20 layers .*\| [1-9]\d* frames a second/', $printed);
        self::assertMatchesRegularExpression('/of what the bare loop does +\| × \d+\.\d\d/', $printed);
        self::assertMatchesRegularExpression(
            '/the machine, a bare loop over 20 layers +\| [1-9]\d* and [1-9]\d* frames a second/', $printed,
        );
    }
}
