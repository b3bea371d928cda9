<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Sound;

use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Kind\Playing\Heard;
use Ricamo\Core\Kind\Playing\Pace;
use Ricamo\Core\Kind\Playing\Played;
use Ricamo\Core\Kind\Playing\PlaysMedia;
use Ricamo\Core\Kind\Replaceable;

/** The sound of a file, played at a pace. */
final readonly class SoundContent implements Heard, Played, Replaceable
{
    use PlaysMedia;

    /** @param  bool  $sound  whether it is heard */
    public function __construct(public string $media, public Pace $pace = new Pace, public bool $sound = true)
    {
    }

    public function replacedIn(Layer $layer, ?Media $old, Media $new): Layer
    {
        assert($old !== null);
        $new->checkSound();
        $from = $this->pace->from->times($new->known()->rate->per($old->known()->rate));

        return $layer->withContent(new self($new->id, $this->pace->with(from: $from), $this->sound));
    }

    public function toJson(): array
    {
        return ['media' => $this->media, ...$this->pace->toJson(), 'sound' => $this->sound];
    }
}
