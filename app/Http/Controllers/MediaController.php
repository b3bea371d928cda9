<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Editing\ProjectRecord;
use App\Http\JsonBody;
use App\Media\Along;
use App\Media\Intake;
use App\Models\MediaRow;
use App\Models\ProjectRow;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\Layers\PasteLayers;
use Ricamo\Raster\Media\OriginalFrame;

final class MediaController
{
    public function index(int $project): JsonResponse
    {
        return new JsonResponse(['media' => ProjectRow::present()->findOrFail($project)->media()->orderBy('id')->get()
            ->map(fn (MediaRow $media): array => $media->summary())]);
    }

    /** Brings along what copied layers use of another project, before they are pasted. */
    public function along(Request $request, int $project, Along $along): JsonResponse
    {
        $found = ProjectRow::present()->findOrFail($project);
        $layers = array_map(Layer::read(...), JsonBody::of($request)->field('layers')->items(PasteLayers::MOST));
        $keys = array_merge(...array_map(fn (Layer $layer): array => array_values($layer->media()), $layers));

        return new JsonResponse(['media' => (object) $along->bring($found, $keys)]);
    }

    public function show(MediaRow $media): JsonResponse
    {
        return new JsonResponse($media->summary());
    }

    /** Where it is used, in words. */
    public function uses(MediaRow $media): JsonResponse
    {
        return new JsonResponse(['uses' => ProjectRecord::of($media->project_id)->document->usesOf($media->key())]);
    }

    /** Prepares a clip again whose preparation failed or was cut short. */
    public function prepare(MediaRow $media, Intake $intake): JsonResponse
    {
        $intake->prepare($this->known($media));

        return new JsonResponse($media->summary());
    }

    /** Ends its preparation; what is prepared so far stays. */
    public function cancel(MediaRow $media): JsonResponse
    {
        MediaRow::query()->whereKey($media->id)->whereIn('state', MediaRow::TO_PREPARE)->update(['state' => 'cancelled', 'attempt' => '']);

        return new JsonResponse($media->refresh()->summary());
    }

    /** One frame as the file holds it. Its address holds the content's hash, so that it never changes. */
    public function frame(MediaRow $media, string $hash, int $frame): Response
    {
        if ($this->known($media)->hash !== $hash) {
            abort(404);
        }
        $clip = $media->clip();

        return new Response(
            OriginalFrame::of($clip, $frame), 200,
            ['Content-Type' => OriginalFrame::type($clip), 'Cache-Control' => 'private, max-age=31536000, immutable'],
        );
    }

    /** Forgets a file that was refused. Media of the project are removed by an edit. */
    public function destroy(MediaRow $media): JsonResponse
    {
        if (! in_array($media->state, MediaRow::UNSEEN, true)) {
            abort(404);
        }
        $media->delete();

        return new JsonResponse(['removed' => null]);
    }

    private function known(MediaRow $media): MediaRow
    {
        return $media->clip === null ? abort(404) : $media;
    }
}
