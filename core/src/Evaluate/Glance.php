<?php

declare(strict_types=1);

namespace Ricamo\Core\Evaluate;

use Ricamo\Core\Display\Operation;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Content;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Kind\PaintedPictures;
use Ricamo\Core\Kind\Playing\Played;
use Ricamo\Core\Kind\Playing\Ramp;
use Ricamo\Core\Paint\PlacedGradient;
use Ricamo\Core\Paint\Shown;
use Ricamo\Core\Time\FrameRange;

/** What one layer comes to on one frame, as it is told to the one who looks. */
final readonly class Glance
{
    /**
     * @param  bool  $seen  whether the layer is visible and on at that frame
     * @param  Box  $bounds  the upright box around it, in composition pixels
     * @param  string  $pose  JSON
     * @param  list<string>  $items  operations, JSON
     * @param  bool  $reference  whether they are never rendered
     * @param  list<array{int, int}>  $missing  the frames, [from, to), on which what plays in it is asked for what it does not have
     * @param  array<string, mixed>  $band  what its band in the timeline shows
     * @param  array<string, ?string>  $paths  data by key; null for data that was left out
     * @param  array<string, string>  $media  the file of each of the media that it depends on
     * @param  Standing|false|null  $standing  where it stands in space; null where it lies in the picture, false where it adds nothing
     */
    private function __construct(
        public bool $seen,
        public Box $bounds,
        public string $pose,
        public array $items,
        public bool $reference,
        public array $missing,
        public array $band,
        public array $paths,
        private array $media,
        public Standing|false|null $standing,
    ) {
    }

    /** @param  list<Operation>  $operations */
    public static function of(
        Layer $layer,
        Pose $pose,
        array $operations,
        bool $isReference,
        Composition $composition,
        MediaLibrary $library,
        Standing|false|null $standing,
    ): self {
        $paths = [];
        foreach ($operations as $operation) {
            $operation->addPaths($paths);
        }
        $media = [];
        foreach ([$layer->id, ...$composition->layers->tree()->within($layer->id)] as $one) {
            foreach ($composition->layer($one)->media() as $id) {
                $media[$id] = $library->get($id)->file;
            }
        }

        // What layers are painted with plays, too.
        $shown = array_filter(array_map(fn (PlacedGradient $one): ?Shown => $one->shown(), $layer->attached->gradients));
        $played = array_filter(
            [$layer->content, ...array_map(PaintedPictures::content(...), $shown)], fn (Content $one): bool => $one instanceof Played,
        );
        $missing = array_merge(...array_map(
            fn (Played $one): array => $one->missing(
                $layer->span, $composition->rate, $library, $one === $layer->content ? Ramp::of($layer) : null,
            ),
            array_values($played),
        ));

        return new self(
            $pose->seen, $pose->bounds(), $pose->encode(), array_map(
                fn (Operation $operation): string => $operation->encode(), $operations,
            ),
            $isReference, array_map(fn (FrameRange $range): array => [$range->in, $range->out], $missing), Band::of($layer), $paths, $media,
            $standing,
        );
    }

    /** What is worth remembering: data of paths is large, and who has looked once knows it. */
    public function withoutPaths(): self
    {
        return new self(
            $this->seen,
            $this->bounds,
            $this->pose,
            $this->items,
            $this->reference,
            $this->missing,
            $this->band,
            array_map(fn (): null => null, $this->paths),
            $this->media,
            $this->standing,
        );
    }

    /**
     * Whether it holds for these media, and has the data of all paths that are needed.
     *
     * @param  ?array<string, true>  $known  keys of the paths whose data nobody needs; null for all
     */
    public function suffices(MediaLibrary $library, ?array $known): bool
    {
        foreach ($this->media as $id => $file) {
            if (! $library->has($id) || $library->get($id)->file !== $file) {
                return false;
            }
        }
        foreach ($known === null ? [] : array_diff_key($this->paths, $known) as $data) {
            if ($data === null) {
                return false;
            }
        }

        return true;
    }
}
