<?php

namespace App\Http\Controllers;

use App\Editing\Editor;
use App\Editing\Glimpse;
use App\Http\JsonBody;
use App\Http\QueryText;
use App\Models\Composition;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Json\Text;

final class EditController
{
    public function __construct(private readonly Editor $editor)
    {
    }

    public function store(Request $request, int $composition): JsonResponse
    {
        return JsonResponse::fromJsonString($this->editor->edit($composition, JsonBody::of($request)));
    }

    public function try(Request $request, int $composition): JsonResponse
    {
        return JsonResponse::fromJsonString($this->editor->try($composition, JsonBody::of($request)));
    }

    public function undo(Request $request, int $composition): JsonResponse
    {
        return JsonResponse::fromJsonString($this->editor->undo($composition, JsonBody::of($request)));
    }

    public function redo(Request $request, int $composition): JsonResponse
    {
        return JsonResponse::fromJsonString($this->editor->redo($composition, JsonBody::of($request)));
    }

    /** What an edit shows, without an edit: at another frame, or of another selection. */
    public function glimpse(Request $request, int $composition): JsonResponse
    {
        $found = Composition::present()->findOrFail($composition);
        $show = Glimpse::read(new Node([
            'frame' => QueryText::int($request, 'frame'),
            'layers' => array_values(array_filter(explode(',', QueryText::of($request, 'layers') ?? ''))),
        ]));

        return JsonResponse::fromJsonString(Text::object(['revision' => (string) $found->revision, 'glimpse' => $show->of($found->read(), $found->evaluator())]));
    }

    public function changes(Request $request, int $composition): JsonResponse
    {
        return new JsonResponse($this->editor->since($composition, QueryText::int($request, 'since')));
    }
}
