<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Editing\Asked;
use App\Editing\Editor;
use App\Editing\Glimpse;
use App\Http\JsonBody;
use App\Http\QueryText;
use App\Models\CompositionRow;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Json\Text;

/** Changes that are asked for from within a composition. */
final class EditController
{
    public function __construct(private readonly Editor $editor)
    {
    }

    public function store(Request $request, int $composition): JsonResponse
    {
        $body = JsonBody::of($request);

        return JsonResponse::fromJsonString($this->editor->edit(Asked::inComposition($composition, $body), $body));
    }

    public function try(Request $request, int $composition): JsonResponse
    {
        return JsonResponse::fromJsonString($this->editor->try(
            CompositionRow::present()->findOrFail($composition), JsonBody::of($request),
        ));
    }

    public function undo(Request $request, int $composition): JsonResponse
    {
        $body = JsonBody::of($request);

        return JsonResponse::fromJsonString($this->editor->undo(Asked::inComposition($composition, $body), $body));
    }

    public function redo(Request $request, int $composition): JsonResponse
    {
        $body = JsonBody::of($request);

        return JsonResponse::fromJsonString($this->editor->redo(Asked::inComposition($composition, $body), $body));
    }

    /** Goes along the history to right after a step, or to its beginning with step 0. */
    public function go(Request $request, int $composition, int $step): JsonResponse
    {
        $body = JsonBody::of($request);

        return JsonResponse::fromJsonString($this->editor->go(Asked::inComposition($composition, $body), $step, $body));
    }

    /** What an edit shows, without an edit: at another frame, or of another selection. */
    public function glimpse(Request $request, int $composition): JsonResponse
    {
        $found = CompositionRow::present()->findOrFail($composition);
        $vantage = QueryText::of($request, 'vantage');
        $show = Glimpse::read(new Node([
            'frame' => QueryText::int($request, 'frame'),
            'layers' => array_values(array_filter(explode(',', QueryText::of($request, 'layers') ?? ''))),
            'through' => QueryText::of($request, 'through') ?? '',
            ...($vantage === null ? [] : ['vantage' => Node::decode($vantage)->value]),
        ]));
        $document = $found->read();

        return JsonResponse::fromJsonString(Text::object([
            'revision' => (string) $found->revision, 'glimpse' => $show->of($document, $found->evaluator()),
        ]));
    }

    public function changes(Request $request, int $composition): JsonResponse
    {
        $window = QueryText::of($request, 'window') ?? '';

        return new JsonResponse($this->editor->since(
            CompositionRow::present()->findOrFail($composition), QueryText::int($request, 'since'), $window,
        ));
    }
}
