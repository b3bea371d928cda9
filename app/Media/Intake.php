<?php

declare(strict_types=1);

namespace App\Media;

use App\Jobs\CheckMedia;
use App\Jobs\OpenProject;
use App\Jobs\PrepareMedia;
use App\Models\MediaRow;
use App\Models\ProjectRow;
use App\Models\Upload;
use App\Settings\Amount;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRate;
use Ricamo\Raster\Media\AnimatedWebP;
use Ricamo\Raster\Media\Clip;
use Ricamo\Raster\Media\PictureSequence;
use Ricamo\Raster\Media\PreviewPlan;
use Ricamo\Raster\Media\Probe;

/** Takes files into projects: looks at what they are, keeps each under its content's hash, and has it prepared. */
final class Intake
{
    /** At which pictures in a ZIP are shown where nobody said. */
    private const USUAL_RATE = '25/1';

    /**
     * A file that has come whole is looked at in the queue, because that may take a while; a project file is opened there.
     *
     * @return ?MediaRow what may come of it; null for a project file, and where somebody else has handed it on
     */
    public function handOn(Upload $upload): ?MediaRow
    {
        if ($upload->project_id === null) {
            DB::transaction(function () use ($upload): void {
                if (Upload::query()->whereKey($upload->id)->where('state', 'coming')->update(['state' => 'opening']) > 0) {
                    OpenProject::dispatch($upload->id);
                }
            });

            return null;
        }

        return DB::transaction(function () use ($upload): ?MediaRow {
            if (Upload::query()->whereKey($upload->id)->delete() === 0) {
                return null;
            }
            $media = MediaRow::query()->create([
                'project_id' => $upload->project_id, 'name' => $upload->name, 'state' => 'checking',
                'attempt' => $upload->id, 'bytes' => $upload->size, 'rate' => $upload->rate,
            ]);
            CheckMedia::dispatch($media->id);

            return $media;
        });
    }

    /**
     * Looks at a file that has come, and keeps it. The file stays until this has returned, so that all of it can be done again.
     *
     * @throws Refusal for one that is no usable clip
     */
    public function accept(MediaRow $media, string $path): void
    {
        if (! is_file($path)) {
            throw new Refusal('its file is not there any more');
        }
        if (PictureSequence::isZip($path)) {
            $this->acceptClip($media, $this->sequence($media, $path));
        } elseif (AnimatedWebP::is($path)) {
            $this->acceptClip(
                $media,
                $this->madeInto($media, $path, fn (string $clip) => AnimatedWebP::write($path, $clip, config('ricamo.upload_bytes'))),
            );
        } else {
            $this->acceptClip($media, $path);
        }
    }

    private function acceptClip(MediaRow $media, string $path): void
    {
        $clip = $this->probe($path);
        $hash = (string) hash_file('sha256', $path);
        $this->keep($path, MediaRow::originalOf($hash));
        try {
            $twin = MediaRow::query()->where('project_id', $media->project_id)->where('hash', $hash)->first();
            if ($twin === null) {
                $media->update([
                    'hash' => $hash, 'clip' => ClipJson::write($clip), 'drawing' => $clip->drawing,
                    'preview' => $this->plan($clip), 'state' => 'waiting', 'problem' => null,
                ]);
                $this->prepare($media);
            }
        } catch (UniqueConstraintViolationException) {
            // Another worker was at the same file in the same project, and was a little sooner.
            $media->refresh();
            $twin = MediaRow::query()->where('project_id', $media->project_id)->where('hash', $hash)->first();
        }
        if ($twin !== null) {
            // One that was removed is brought back rather than kept twice, and one whose file was missing has it again.
            $twin->restore();
            $media->update(['state' => 'twin', 'twin' => $twin->id]);
        }
        // What had the same content may have been erased while this was kept.
        $this->keep($path, MediaRow::originalOf($hash));
    }

    /**
     * Takes a file of this machine in at once; it stays where it is.
     *
     * @throws Refusal for a file that cannot be used
     */
    public function take(ProjectRow $project, string $path, string $name): MediaRow
    {
        $media = MediaRow::query()->create([
            'project_id' => $project->id, 'name' => $name, 'state' => 'checking', 'bytes' => (int) filesize($path),
        ]);
        $copy = Upload::fileOf("copy-{$media->id}");
        File::ensureDirectoryExists(dirname($copy));
        if (! @copy($path, $copy)) {
            throw new Refusal("$name cannot be used: the disk is full.");
        }
        try {
            $this->accept($media, $copy);
        } finally {
            Upload::sweep($copy);
        }

        return $media->state === 'twin' ? MediaRow::query()->findOrFail($media->twin) : $media;
    }

    /** Asks for a preparation; one that is under way gives way to it. */
    public function prepare(MediaRow $media): void
    {
        $media->update(['begun' => 0]);
        $this->takeUp($media);
    }

    /** Asks for a preparation that was begun and not ended. */
    public function takeUp(MediaRow $media): void
    {
        $attempt = bin2hex(random_bytes(6));
        $media->update(['state' => 'waiting', 'problem' => null, 'prepared' => 0, 'attempt' => $attempt]);
        PrepareMedia::dispatch($media->id, $attempt)->onQueue(PrepareMedia::queueFor($media->clip()));
    }

    /** Makes a clip of the pictures in a ZIP. @return string where it is */
    private function sequence(MediaRow $media, string $path): string
    {
        $folder = "$path.pictures";
        File::deleteDirectory($folder);
        File::ensureDirectoryExists($folder);

        return $this->madeInto($media, $path, fn (string $clip) => PictureSequence::inZip($path)
            ->write($clip, $folder, FrameRate::parse($media->rate ?? self::USUAL_RATE), config('ricamo.upload_bytes')));
    }

    /**
     * Has a clip made of a file, beside it.
     *
     * @param  callable(string): void  $write
     * @return string where it is
     */
    private function madeInto(MediaRow $media, string $path, callable $write): string
    {
        $write("$path.clip");
        $media->update(['bytes' => (int) filesize("$path.clip")]);

        return "$path.clip";
    }

    private function probe(string $path): Clip
    {
        $clip = Probe::clip($path);
        if ($clip->rate->seconds($clip->frames) > config('ricamo.clip_seconds')) {
            throw new Refusal('it is longer than '.Amount::saidSeconds(config('ricamo.clip_seconds')));
        }

        return $clip;
    }

    private function plan(Clip $clip): string
    {
        return PreviewJson::write(PreviewPlan::of($clip, PreviewJson::budget()));
    }

    /** A file that has the hash for a name is whole. */
    private function keep(string $path, string $target): void
    {
        File::ensureDirectoryExists(dirname($target));
        if (is_file($target)) {
            return;
        }
        $fresh = $target.'.'.getmypid().'.part';
        if ((! @link($path, $fresh) && ! @copy($path, $fresh)) || ! @rename($fresh, $target)) {
            @unlink($fresh);
            throw new Refusal('the disk is full');
        }
    }
}
