<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Media\Intake;
use App\Media\MediaName;
use App\Models\MediaRow;
use App\Models\ProjectRow;
use App\Models\Upload;
use App\Settings\Amount;
use App\Work\NoRoom;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRate;

/**
 * Files come in parts, after the tus resumable upload protocol 1.0 (with its extensions creation and termination), so
 * that a lost connection costs one part. What has come whole is handed on.
 */
final class UploadController
{
    private const PROTOCOL = ['Tus-Resumable' => '1.0.0', 'Cache-Control' => 'no-store'];

    /** Room that is left on the disk for everything else, in bytes. */
    private const SPARED = 100_000_000;

    public function __construct(private readonly Intake $intake)
    {
    }

    /** Announces a file: `Upload-Length`, and its name in `Upload-Metadata`; for pictures in a ZIP also their `rate`. */
    public function store(Request $request, int $project): Response
    {
        return $this->begin($request, ProjectRow::present()->findOrFail($project));
    }

    /** Announces a project file, which becomes a project of its own. */
    public function storeProject(Request $request): Response
    {
        return $this->begin($request, null);
    }

    /** What came of a project file. */
    public function outcome(string $upload): JsonResponse
    {
        $found = Upload::query()->findOrFail($upload);

        return new JsonResponse(['state' => $found->state, 'problem' => $found->problem, 'composition' => $found->composition_id]);
    }

    private function begin(Request $request, ?ProjectRow $owner): Response
    {
        $length = $request->header('Upload-Length', '');
        $metadata = $this->metadata($request);
        $name = MediaName::clean($metadata['filename'] ?? 'clip');
        if (! preg_match('/^\d{1,15}$/', $length)) {
            throw new Refusal("$name: how long the file is was not said");
        }
        $this->checkRoom($name, (int) $length);
        $upload = Upload::query()->create([
            'id' => Str::random(40), 'project_id' => $owner?->id, 'name' => $name, 'size' => (int) $length,
            'rate' => isset($metadata['rate']) ? (string) FrameRate::parse($metadata['rate']) : null,
        ]);
        if (@touch($upload->file()) === false) {
            $upload->delete();
            throw new NoRoom("$name cannot be taken in: the disk is full.");
        }

        return $this->answer(201, ['Location' => "/api/uploads/{$upload->id}", ...($upload->isComplete() ? $this->handedOn($upload) : [])]);
    }

    /** How much has come. */
    public function show(string $upload): Response
    {
        $found = Upload::query()->find($upload);
        if ($found === null) {
            // It has come whole; who asks has not heard of it.
            $media = MediaRow::query()->where('attempt', $upload)->where('state', 'checking')->firstOrFail();

            return $this->answer(
                200,
                [
                    'Upload-Offset' => (string) $media->bytes, 'Upload-Length' => (string) $media->bytes,
                    'Ricamo-Media' => (string) $media->id,
                ],
            );
        }

        return $this->answer(
            200,
            [
                'Upload-Offset' => (string) $found->offset(), 'Upload-Length' => (string) $found->size,
                ...($found->isComplete() ? $this->handedOn($found) : []),
            ],
        );
    }

    /** Takes a part, which begins where the one before it ended. */
    public function update(Request $request, string $upload): Response
    {
        $found = Upload::query()->findOrFail($upload);
        if ($request->header('Content-Type') !== 'application/offset+octet-stream') {
            return $this->answer(415);
        }
        $target = @fopen($found->file(), 'c') ?: throw self::full($found);
        if (! flock($target, LOCK_EX | LOCK_NB)) {
            return $this->answer(423);
        }
        try {
            if ($request->header('Upload-Offset') !== (string) $found->offset()) {
                return $this->answer(409, ['Upload-Offset' => (string) $found->offset()]);
            }
            $this->append($request, $target, $found);
            $found->touch();
        } finally {
            fclose($target);
        }

        return $this->answer(204, ['Upload-Offset' => (string) $found->offset(), ...($found->isComplete() ? $this->handedOn($found) : [])]);
    }

    /** Gives it up. */
    public function destroy(string $upload): Response
    {
        Upload::query()->findOrFail($upload)->discard();

        return $this->answer(204);
    }

    /**
     * What has come is on the disk when it is answered.
     *
     * @param  resource  $target
     */
    private function append(Request $request, $target, Upload $upload): void
    {
        $from = $upload->offset();
        fseek($target, $from);
        $source = $request->getContent(true);
        $copied = @stream_copy_to_stream($source, $target, $upload->size - $from);
        $isWhole = $copied !== false
            && @fflush($target)
            && @fsync($target)
            && (fread($source, 1) === '' || $copied === $upload->size - $from);
        if (! $isWhole) {
            ftruncate($target, $from);
            throw self::full($upload);
        }
    }

    private static function full(Upload $upload): NoRoom
    {
        return new NoRoom(
            "{$upload->name} is not all here: the disk is full. Once there is room, bring it in again; it goes on where it was.",
        );
    }

    /** @return array<string, string> what the uploader is told of the file that has come whole */
    private function handedOn(Upload $upload): array
    {
        $media = $this->intake->handOn($upload);

        return $media === null ? [] : ['Ricamo-Media' => (string) $media->id];
    }

    private function checkRoom(string $name, int $length): void
    {
        if ($length > config('ricamo.upload_bytes')) {
            throw new Refusal("$name cannot be used: it is larger than ".Amount::saidBytes(config('ricamo.upload_bytes')).'.');
        }
        File::ensureDirectoryExists(config('ricamo.uploads'));
        $free = @disk_free_space(config('ricamo.uploads'));
        if ($free !== false && $free < $length + self::SPARED) {
            throw new NoRoom("$name cannot be taken in: there is no room for it on the disk.");
        }
    }

    /** @return array<string, string> */
    private function metadata(Request $request): array
    {
        $metadata = [];
        foreach (explode(',', $request->header('Upload-Metadata', '')) as $pair) {
            [$key, $value] = explode(' ', trim($pair), 2) + ['', ''];
            $metadata[$key] = mb_scrub((string) base64_decode($value, true));
        }

        return $metadata;
    }

    /** @param  array<string, string>  $headers */
    private function answer(int $status, array $headers = []): Response
    {
        return new Response('', $status, [...self::PROTOCOL, ...$headers]);
    }
}
