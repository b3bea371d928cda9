<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Playing;

use Ricamo\Core\Document\Media;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRate;

/** A part of a clip, or of a sound, that was chosen by its first frame and the one after its last. */
final readonly class Stretch
{
    private function __construct(private Media $media, public int $from, private int $to)
    {
    }

    /**
     * @param  ?int  $from  the beginning of all where null
     * @param  ?int  $to  the end of all where null
     * @return ?self null where both are
     *
     * @throws Refusal where that is no part of it
     */
    public static function of(Media $media, ?int $from, ?int $to): ?self
    {
        if ($from === null && $to === null) {
            return null;
        }
        $facts = $media->known();
        if ($facts->isStill() || $facts->font !== null) {
            throw new Refusal("“{$media->name}” does not play, so there is no stretch of it");
        }
        [$from, $to] = [$from ?? 0, $to ?? $facts->frames];
        if ($from >= $to || $to > $facts->frames) {
            throw new Refusal("frames $from to $to are no stretch of “{$media->name}”, which has $facts->frames");
        }

        return new self($media, $from, $to);
    }

    /** @return int how many frames it lasts at a rate, to the nearest, and one at least */
    public function length(FrameRate $rate): int
    {
        return max(1, (int) round(($this->to - $this->from) * $rate->perSecond() / $this->media->known()->rate->perSecond()));
    }
}
