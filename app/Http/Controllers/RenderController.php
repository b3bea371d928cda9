<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\JsonBody;
use App\Http\QueryText;
use App\Models\CompositionRow;
use App\Models\Render;
use App\Rendering\Renders;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;
use Ricamo\Raster\Render\Format\Formats;
use Ricamo\Raster\Render\Format\Joining;
use Ricamo\Raster\Render\Format\Quality;
use Ricamo\Raster\Render\Output;
use Ricamo\Raster\Render\PictureSize;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

final class RenderController
{
    public function __construct(private readonly Renders $renders)
    {
    }

    /** All of the project, the latest first. */
    public function index(int $composition): JsonResponse
    {
        $project = CompositionRow::present()->findOrFail($composition)->project_id;

        return new JsonResponse(['renders' => Render::present()->with(['pieces', 'composition:id,name,project_id'])
            ->whereHas('composition', fn (Builder $query) => $query->where('project_id', $project))->latest('id')->limit(40)->get()
            ->map(fn (Render $render): array => $render->summary())]);
    }

    /**
     * The body may say from and to, in frames, format, quality, scale and premultiplied; without them the whole composition is
     * rendered to MP4.
     */
    public function store(Request $request, int $composition): JsonResponse
    {
        $found = CompositionRow::present()->findOrFail($composition);
        $body = JsonBody::of($request)->allow(['from', 'to', 'format', 'quality', 'scale', 'premultiplied']);
        $length = $found->read()->length;
        $from = $body->optional('from')?->int(0, $length - 1) ?? 0;
        $to = $body->optional('to')?->int($from + 1, $length) ?? $length;

        $format = Formats::get($body->optional('format')?->string(20) ?? 'mp4');
        $quality = $body->optional('quality')?->enum(Quality::class) ?? Quality::Good;
        if ($format->joining() === Joining::Picture && $to - $from > 1) {
            throw new Refusal("{$format->title()} holds one frame");
        }
        $scale = $body->optional('scale')?->number(0.05, 4) ?? 1.0;

        $output = new Output($format, $quality, $body->optional('premultiplied')?->bool() ?? false);

        return new JsonResponse($this->renders->begin($found, $from, $to, $output, $scale)->summary(), 201);
    }

    /** How large the file will be, in pixels and about in bytes: asked for with format, quality and scale, and how many frames. */
    public function size(Request $request, int $composition): JsonResponse
    {
        $found = CompositionRow::present()->findOrFail($composition)->read();
        $format = Formats::get(QueryText::of($request, 'format') ?? 'mp4');
        $quality = Quality::tryFrom(QueryText::of($request, 'quality') ?? 'good') ?? throw new Refusal('that is not a quality');
        $scale = (new Node((float) (QueryText::of($request, 'scale') ?? 1), 'scale'))->number(0.05, 4);
        $drawn = PictureSize::drawn($found->width, $found->height, $scale);
        $file = $drawn->in($format);
        $frames = max(1, QueryText::int($request, 'frames', $found->length));

        return new JsonResponse([
            'width' => $file->width, 'height' => $file->height, 'widened' => ! $file->is($drawn),
            'bytes' => $file->bytes($format, $quality, $frames),
        ]);
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

        return response()->download($render->file(), $render->name, ['Content-Type' => $render->output()->format->mediaType()]);
    }

    /** Removes it with its file, to be brought back if wished; one that is under way is ended. */
    public function destroy(Render $render): JsonResponse
    {
        $this->renders->cancel($render);
        $render->remove();

        return new JsonResponse(['removed' => ['kind' => 'render', 'id' => $render->id]]);
    }
}
