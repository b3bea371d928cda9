<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\CompositionRow;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Ricamo\Core\Interchange\MarkerCsv;
use Ricamo\Core\Interchange\WebVtt;

/** A composition's markers as a file. */
final class MarkerController
{
    public function __invoke(int $composition, string $ending): Response
    {
        $document = CompositionRow::present()->findOrFail($composition)->read();
        [$text, $type] = $ending === 'vtt'
            ? [WebVtt::write($document->markers, $document->rate), 'text/vtt']
            : [MarkerCsv::write($document->markers, $document->rate), 'text/csv'];
        $name = Str::slug($document->name) ?: 'markers';

        return new Response(
            $text, 200,
            ['Content-Type' => "$type; charset=utf-8", 'Content-Disposition' => "attachment; filename=\"$name.$ending\""],
        );
    }
}
