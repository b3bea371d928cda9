<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Footage;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\MediaFacts;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Kind\Playing\Heard;
use Ricamo\Core\Kind\Playing\Pace;
use Ricamo\Core\Kind\Playing\Played;
use Ricamo\Core\Kind\Playing\PlaysMedia;
use Ricamo\Core\Kind\Replaceable;
use Ricamo\Core\Kind\SaysIdle;
use Ricamo\Core\Time\FrameRate;

/** A clip or a picture, played at a pace. */
final readonly class FootageContent implements Heard, Played, Replaceable, SaysIdle
{
    use PlaysMedia;

    /** @param  bool  $sound  whether the clip's sound is heard */
    public function __construct(public string $media, public Pace $pace = new Pace, public bool $sound = true)
    {
    }

    public function replacedIn(Layer $layer, ?Media $old, Media $new): Layer
    {
        assert($old !== null);
        $new->checkPicture();
        [$was, $is] = [$old->size(), $new->size()];
        // Both sides alike, so that the new picture keeps its own shape; the larger, so that it leaves nothing uncovered.
        $factor = max($was->width / $is->width, $was->height / $is->height);
        $resized = fn (string $property, float $by): Property => $layer->properties[$property]->mapPoints(
            fn (Point $value): Point => new Point($value->x * $by, $value->y * $by),
        );
        $from = $this->pace->from->times($new->known()->rate->per($old->known()->rate));

        return $layer->with([
            'content' => new self($new->id, $this->pace->with(from: $from), $this->sound),
            'properties' => [...$layer->properties, 'scale' => $resized('scale', $factor), 'anchor' => $resized('anchor', 1 / $factor)],
        ]);
    }

    /** The frame of the clip that is shown $after frames of the composition after the layer's in point; null for none. */
    public function frameShownAfter(int $after, MediaFacts $facts, FrameRate $composition): ?int
    {
        return $this->pace->beyond->shown(
            $this->pace->from->plusTimesFloored($after, $this->pace->step($facts->rate, $composition)), $facts->frames,
        );
    }

    /** What makes no sound has no level. */
    public function idle(Layer $layer, MediaLibrary $media): array
    {
        return $media->has($this->media) && $media->get($this->media)->facts?->sound === true ? [] : ['level'];
    }

    public function toJson(): array
    {
        return ['media' => $this->media, ...$this->pace->toJson(), 'sound' => $this->sound];
    }
}
