<?php

namespace App\Http\Controllers;

use App\Http\JsonBody;
use App\Models\Composition;
use App\Models\Render;
use App\Rendering\Renders;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Ricamo\Core\Refusal;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

final class RenderController
{
    public function __construct(private readonly Renders $renders)
    {
    }

    public function index(int $composition): JsonResponse
    {
        return new JsonResponse(['renders' => Render::present()->with('pieces')
            ->where('composition_id', $composition)->latest('id')->limit(20)->get()
            ->map(fn (Render $render): array => $render->summary())]);
    }

    /** The body may say from and to, in frames; without them the whole composition is rendered. */
    public function store(Request $request, int $composition): JsonResponse
    {
        $found = Composition::present()->findOrFail($composition);
        $body = JsonBody::of($request)->allow(['from', 'to']);
        $length = $found->read()->length;
        $from = $body->optional('from')?->int(0, $length - 1) ?? 0;
        $to = $body->optional('to')?->int($from + 1, $length) ?? $length;

        return new JsonResponse($this->renders->begin($found, $from, $to)->summary(), 201);
    }

    public function show(Render $render): JsonResponse
    {
        return new JsonResponse($render->summary());
    }

    public function cancel(Render $render): JsonResponse
    {
        $this->renders->cancel($render);

        return new JsonResponse($render->refresh()->summary());
    }

    public function resume(Render $render): JsonResponse
    {
        $this->renders->resume($render);

        return new JsonResponse($render->refresh()->summary());
    }

    public function file(Render $render): BinaryFileResponse
    {
        if ($render->state !== 'finished' || ! is_file($render->file())) {
            throw new Refusal('the render is not finished');
        }

        BinaryFileResponse::trustXSendfileTypeHeader();

        return response()->download($render->file(), $render->name, ['Content-Type' => 'video/mp4']);
    }

    /** Removes it with its file, to be brought back if wished; one that is under way is ended. */
    public function destroy(Render $render): JsonResponse
    {
        $this->renders->cancel($render);
        $render->remove();

        return new JsonResponse(['removed' => ['kind' => 'render', 'id' => $render->id]]);
    }
}
