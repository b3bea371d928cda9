<?php

declare(strict_types=1);

namespace Ricamo\Raster\Media;

use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Refusal;

/** The probed clips of a project, by media id. */
final class Clips
{
    /** @param  array<string, Clip>  $clips */
    public function __construct(private array $clips)
    {
    }

    /**
     * Probes every clip of a library.
     *
     * @param  string  $folder  the folder that holds all of them
     *
     * @throws Refusal for a path that leads out of the folder, and for a file that is no clip
     */
    public static function inFolder(MediaLibrary $media, string $folder): self
    {
        $clips = [];
        foreach ($media->all() as $one) {
            try {
                $clips[$one->id] = Probe::clip(Converted::of(self::confined($one->file, $folder)));
            } catch (Refusal $refusal) {
                throw new Refusal("media \"{$one->id}\" ({$one->file}): {$refusal->getMessage()}");
            }
        }

        return new self($clips);
    }

    /** @throws Refusal where there is none of this id */
    public function get(string $id): Clip
    {
        return $this->clips[$id] ?? throw new Refusal("there is no media \"$id\" in this project");
    }

    /** The library with what was found out about each clip. */
    public function describe(MediaLibrary $media): MediaLibrary
    {
        return $media->map(fn (Media $one): Media => $one->probed($this->get($one->id)->facts()));
    }

    private static function confined(string $file, string $folder): string
    {
        if (str_contains($file, "\0") || str_starts_with($file, '/') || preg_match('~(^|/)\.\.(/|$)~', $file)) {
            throw new Refusal('the path leads out of the project\'s folder');
        }
        $root = realpath($folder);
        $path = realpath("$folder/$file");
        if ($root === false || $path === false) {
            throw new Refusal('there is no such file');
        }

        return str_starts_with($path, "$root/") ? $path : throw new Refusal('the path leads out of the project\'s folder');
    }
}
