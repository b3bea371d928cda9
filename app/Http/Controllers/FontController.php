<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Editing\ProjectFonts;
use App\Http\QueryText;
use App\Models\CompositionRow;
use App\Models\MediaRow;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Ricamo\Core\Kind\Text\TextContent;
use Ricamo\Core\Refusal;
use Ricamo\Core\Text\Shaper;
use Ricamo\Raster\Text\FontCatalogue;
use Ricamo\Raster\Text\FontCoverage;
use Ricamo\Raster\Text\FontFace;

/** The producer's own words in every font that there is, which of their characters are taken from another one, and which none has. */
final class FontController
{
    /** So many characters are shown. */
    private const SHOWN = 26;

    public function __construct(private readonly Shaper $shaper)
    {
    }

    public function __invoke(Request $request, int $composition): JsonResponse
    {
        $found = CompositionRow::present()->findOrFail($composition);
        $text = QueryText::of($request, 'text') ?? '';
        $line = trim(strtok($text, "\n") ?: '') ?: 'Aa';
        $shown = mb_substr($line, 0, self::SHOWN);
        $coverage = new FontCoverage(new ProjectFonts);
        $ids = array_map(fn (FontFace $face): string => $face->id, FontCatalogue::all());
        foreach (MediaRow::libraryOf($found->project_id)->all() as $media) {
            if ($media->known()->font !== null) {
                $ids[] = (new TextContent('', fontMedia: $media->id))->face();
            }
        }
        $seen = mb_substr($text, 0, TextContent::LONGEST);
        $samples = [];
        foreach ($ids as $id) {
            try {
                $shaped = $this->shaper->shape($shown, $id);
                $missing = $coverage->missing($seen, $id);
                $lost = $missing;
                foreach (FontCatalogue::fallbacks($id, implode($missing)) as $other) {
                    $lost = $coverage->missing(implode($lost), $other->id);
                }
                $samples[$id] = [
                    'path' => $shaped->outline(0)->data(), 'width' => round($shaped->width(0)),
                    'taken' => array_values(array_diff($missing, $lost)), 'lost' => $lost, 'axes' => $coverage->axes($id),
                ];
            } catch (Refusal) {
                // A file that is gone is not offered.
            }
        }

        return new JsonResponse([
            'samples' => $samples,
            'fallback' => implode(', ', array_map(fn (FontFace $face): string => $face->family, FontCatalogue::fallbacks('', $seen))),
        ]);
    }
}
