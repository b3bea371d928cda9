<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\QueryText;
use App\Models\CompositionRow;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Ricamo\Core\Json\Text;

/** What lies around a bundle, for whoever works on what is placed in it. */
final class SurroundingsController
{
    public function __invoke(Request $request, int $composition): JsonResponse
    {
        $found = CompositionRow::present()->findOrFail($composition);
        $document = $found->read();
        $frame = max(0, min($document->range()->last(), QueryText::int($request, 'frame')));
        $list = $found->evaluator()->around($document, QueryText::of($request, 'layer') ?? '', $frame);

        return JsonResponse::fromJsonString(Text::object(['list' => $list->encode()]));
    }
}
