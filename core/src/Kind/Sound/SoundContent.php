<?php

namespace Ricamo\Core\Kind\Sound;

use Ricamo\Core\Kind\Playing\Heard;
use Ricamo\Core\Kind\Playing\Pace;
use Ricamo\Core\Kind\Playing\Played;
use Ricamo\Core\Kind\Playing\PlaysMedia;
use Ricamo\Core\Kind\UsesMedia;

/** The sound of a file, played at a pace. */
final readonly class SoundContent implements Heard, Played, UsesMedia
{
    use PlaysMedia;

    /** @param  bool  $sound  whether it is heard */
    public function __construct(public string $media, public Pace $pace = new Pace, public bool $sound = true)
    {
    }

    public function toJson(): array
    {
        return ['media' => $this->media, ...$this->pace->toJson(), 'sound' => $this->sound];
    }
}
