<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\QueryText;
use App\Models\CompositionRow;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Handle\EffectSamples;
use Ricamo\Core\Json\Text;

/** A layer with each of the effects that it could have, for small pictures. */
final class EffectController
{
    public function __invoke(Request $request, int $composition): JsonResponse
    {
        $found = CompositionRow::present()->findOrFail($composition);
        $document = $found->read();
        $evaluator = $found->evaluator();
        $layer = $document->layer(QueryText::of($request, 'layer') ?? '');
        $frame = EffectSamples::seenAt($layer, $document, QueryText::int($request, 'frame'));
        $bounds = $layer->kind->adjusts()
            ? new Box(0, 0, $document->width, $document->height)
            : $evaluator->pose($layer, $document, $frame)->bounds();
        $samples = [];
        $known = [];
        foreach (EffectSamples::of($layer, $document, $frame, $evaluator) as $name => $list) {
            $samples[$name] = $list->encode($known);
            // A path is told once.
            $known += array_map(fn (): bool => true, $list->paths());
        }

        return JsonResponse::fromJsonString(Text::object(['bounds' => Text::of($bounds->toJson()), 'samples' => Text::object($samples)]));
    }
}
