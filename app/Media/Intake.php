<?php

namespace App\Media;

use App\Jobs\PrepareMedia;
use App\Models\Media;
use App\Models\Project;
use Illuminate\Support\Facades\File;
use Ricamo\Core\Refusal;
use Ricamo\Raster\Media\Clip;
use Ricamo\Raster\Media\Probe;

/** Takes a file into a project: probes it, keeps it under its content's hash, and has it prepared. */
final class Intake
{
    private const LONGEST_NAME = 200;

    /** @throws Refusal for a file that is no usable clip; then nothing is kept */
    public function take(Project $project, string $path, string $name): Media
    {
        $name = $this->cleanName($name);
        try {
            $clip = $this->probe($path);
        } catch (Refusal $refusal) {
            throw new Refusal("$name cannot be used: {$refusal->getMessage()}.");
        }
        $hash = (string) hash_file('sha256', $path);
        $this->keep($path, config('ricamo.originals')."/$hash");
        $media = Media::query()->firstOrCreate(
            ['project_id' => $project->id, 'hash' => $hash],
            ['name' => $name, 'clip' => ClipJson::write($clip), 'state' => 'waiting'],
        );
        if ($media->wasRecentlyCreated || $media->state === 'failed') {
            PrepareMedia::dispatch($media->id);
        }

        return $media;
    }

    private function probe(string $path): Clip
    {
        if ((int) filesize($path) > config('ricamo.upload_bytes')) {
            throw new Refusal('it is larger than '.round(config('ricamo.upload_bytes') / 1024 ** 3, 1).' GB');
        }
        $clip = Probe::clip($path);
        if ($clip->rate->seconds($clip->frames) > config('ricamo.clip_seconds')) {
            throw new Refusal('it is longer than '.round(config('ricamo.clip_seconds') / 3600, 1).' hours');
        }

        return $clip;
    }

    private function keep(string $path, string $target): void
    {
        File::ensureDirectoryExists(dirname($target));
        if (is_file($target)) {
            return;
        }
        // Beside the target first: a file that has the hash for a name is whole.
        $fresh = $target.'.'.getmypid().'.part';
        if (! copy($path, $fresh) || ! rename($fresh, $target)) {
            @unlink($fresh);
            throw new Refusal('there is no room to keep it');
        }
    }

    /** The name as it is shown: without folders or control characters. */
    private function cleanName(string $name): string
    {
        $name = mb_scrub(basename(str_replace('\\', '/', $name)));
        $name = trim((string) preg_replace('/[\p{Cc}\p{Cf}]/u', '', $name));

        return mb_substr($name !== '' ? $name : 'clip', 0, self::LONGEST_NAME);
    }
}
