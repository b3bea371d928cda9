<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\QueryText;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Ricamo\Core\Animation\Easing\Easings;
use Ricamo\Core\Animation\Easing\Handles;
use Ricamo\Core\Refusal;

/** How an easing that is named as `text` runs, to be drawn and pulled: null for one that has no two handles. */
final class EasingController
{
    private const LONGEST = 20_000;

    /** @throws Refusal for what is no easing */
    public function __invoke(Request $request): JsonResponse
    {
        $text = QueryText::of($request, 'text') ?? '';
        $easing = strlen($text) > self::LONGEST ? throw new Refusal('an easing is not as long as that') : Easings::parse($text);

        return new JsonResponse(['text' => (string) $easing, 'curve' => Handles::of($easing)?->curve()->handles()]);
    }
}
