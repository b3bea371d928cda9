<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** What was stored earlier is brought to where it is known as what is stored now. */
final class MigrationTest extends TestCase
{
    public function test_layers_of_before_say_what_they_are(): void
    {
        $composition = $this->composition();
        $this->edit(
            $composition, 'add-layer', ['layer' => ['kind' => 'text', 'text' => '#', 'counts' => ['group' => 'comma']]],
        )->assertOk();
        $this->addBar($composition)->assertOk();
        $this->edit($composition, 'group-layers', ['layers' => ['l2'], 'frame' => 0, 'name' => 'Folder'])->assertOk();
        $this->edit($composition, 'add-mask', ['layers' => ['l2'], 'form' => 'layer', 'layer' => 'l1'])->assertOk();
        $this->edit($composition, 'add-markers', ['layer' => 'l2', 'markers' => [['frame' => 3, 'name' => 'Bell']]])->assertOk();
        $facts = fn (): array => DB::table('layers')->orderBy('layer')->get([
            'layer', 'kind', 'within', 'marked', 'compositions', 'layers', 'media',
        ])->map(fn (object $row): array => (array) $row)->all();
        $before = $facts();
        self::assertSame(['l1', 'text', null, 0, null, null, null], array_values($before[0]));
        self::assertSame(['l2', 'shape', 'l3', 1, null, '["l1"]', null], array_values($before[1]));
        self::assertSame(['l3', 'group', null, 0, null, null, null], array_values($before[2]));
        Artisan::call('migrate:rollback', ['--step' => 4, '--force' => true]);
        Artisan::call('migrate', ['--force' => true]);
        self::assertSame($before, $facts());
    }
}
