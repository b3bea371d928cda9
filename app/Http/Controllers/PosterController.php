<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\CompositionRow;
use Illuminate\Http\JsonResponse;
use Ricamo\Core\Json\Text;

/** The display list of the frame that stands for a composition in a small picture. */
final class PosterController
{
    public function __invoke(int $composition): JsonResponse
    {
        $found = CompositionRow::present()->findOrFail($composition);
        $document = $found->read();

        return JsonResponse::fromJsonString(Text::object(['list' => $found->evaluator()->frame(
            $document, $document->posterFrame(),
        )->encode()]));
    }
}
