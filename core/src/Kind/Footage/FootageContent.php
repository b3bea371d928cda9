<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Footage;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Kind\Playing\Heard;
use Ricamo\Core\Kind\Playing\Pace;
use Ricamo\Core\Kind\Playing\Played;
use Ricamo\Core\Kind\Playing\PlaysMedia;
use Ricamo\Core\Kind\Playing\Ramp;
use Ricamo\Core\Kind\Replaceable;
use Ricamo\Core\Kind\SaysIdle;

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

    /** What makes no sound has no level, and what stands still no speed. */
    public function idle(Layer $layer, MediaLibrary $media): array
    {
        $facts = $media->has($this->media) ? $media->get($this->media)->facts : null;

        return [
            ...($facts?->sound === true ? [] : ['level']),
            ...($facts === null || $facts->isStill() || $this->pace->speed->numerator === 0 ? [Ramp::PROPERTY] : []),
        ];
    }

    public function toJson(): array
    {
        return ['media' => $this->media, ...$this->pace->toJson(), 'sound' => $this->sound];
    }
}
