<?php

declare(strict_types=1);

namespace App\Projects;

use App\Models\CompositionRow;
use App\Models\ProjectRow;
use Illuminate\Support\Facades\DB;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Markers;
use Ricamo\Core\Document\Stack;
use Ricamo\Core\Time\FrameRate;

/** A project as it begins: one empty composition of ten seconds. */
final class NewProject
{
    public static function named(string $name): CompositionRow
    {
        $document = new Composition(
            'c1', 'Composition 1', 1920, 1080, new FrameRate(25), 250, new Colour(0, 0, 0), Stack::of(), Markers::of(),
        );

        return DB::transaction(fn (): CompositionRow => CompositionRow::store(
            ProjectRow::query()->create(['name' => $name])->id, $document,
        ));
    }
}
