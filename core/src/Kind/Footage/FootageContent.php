<?php

namespace Ricamo\Core\Kind\Footage;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Evaluate\SoundCue;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Content;
use Ricamo\Core\Kind\Heard;
use Ricamo\Core\Kind\Played;
use Ricamo\Core\Kind\Replaceable;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\Fraction;
use Ricamo\Core\Time\FrameRate;

/** A clip, played from a moment of it at the layer's in point. */
final readonly class FootageContent implements Content, Heard, Played, Replaceable
{
    /** The last frame that a clip can be played from. */
    public const LATEST = 100_000_000;

    /**
     * @param  Fraction  $from  in the clip's frames, exact: a composition of another rate cuts within them
     * @param  bool  $sound  whether the clip's sound is heard
     */
    public function __construct(public string $media, public Fraction $from = new Fraction(0), public bool $sound = true)
    {
    }

    /** @param  Node  $node a whole frame, or a fraction such as "5/12" */
    public static function readFrom(Node $node): Fraction
    {
        if (! is_string($node->value)) {
            return new Fraction($node->int(0, self::LATEST));
        }
        try {
            $from = Fraction::parse($node->value);
        } catch (Refusal $refusal) {
            $node->refuse($refusal->getMessage());
        }

        return $from->numerator >= 0 && $from->floor() <= self::LATEST ? $from : $node->refuse("\"{$node->value}\" is outside 0..".self::LATEST);
    }

    public function media(): array
    {
        return ['media' => $this->media];
    }

    public function usingMedia(array $ids): static
    {
        return new self($ids[$this->media] ?? $this->media, $this->from, $this->sound);
    }

    public function replacedIn(Layer $layer, Media $old, Media $new): Layer
    {
        [$was, $is] = [$old->size(), $new->size()];
        // Both sides alike, so that the new picture keeps its own shape; the larger, so that it leaves nothing uncovered.
        $factor = max($was->width / $is->width, $was->height / $is->height);
        $resized = fn (string $property, float $by): Property => $layer->properties[$property]->mapValues(
            fn (mixed $value): mixed => $value instanceof Point ? new Point($value->x * $by, $value->y * $by) : $value,
        );
        $from = $this->from->times($new->known()->rate->per($old->known()->rate));

        return $layer->with([
            'content' => new self($new->id, $from, $this->sound),
            'properties' => [...$layer->properties, 'scale' => $resized('scale', $factor), 'anchor' => $resized('anchor', 1 / $factor)],
        ]);
    }

    /** The frame of the clip, of $rate, that is shown $after frames of the composition after the layer's in point. */
    public function frameShownAfter(int $after, FrameRate $rate, FrameRate $composition): int
    {
        return $this->from->plusTimesFloored($after, $rate->per($composition));
    }

    public function room(FrameRate $rate, MediaLibrary $media): int
    {
        return $this->from->dividedBy($media->get($this->media)->known()->rate->per($rate))->floor();
    }

    public function begunLater(int $frames, FrameRate $rate, MediaLibrary $media): static
    {
        $later = $this->from->plus($media->get($this->media)->known()->rate->per($rate)->times(new Fraction($frames)));

        return new self($this->media, $later->numerator < 0 ? new Fraction(0) : $later, $this->sound);
    }

    public function cue(float $after, float $length, float $at, MediaLibrary $media): ?SoundCue
    {
        $facts = $media->get($this->media)->known();
        $from = $facts->rate->seconds($this->from->toFloat()) + $after;
        $length = min($length, $facts->soundSeconds() - $from);

        return $this->sound && $facts->sound && $length > 0 ? new SoundCue($this->media, $from, $at, $length) : null;
    }

    public function toJson(): array
    {
        return ['media' => $this->media, 'from' => $this->from->toJson(), 'sound' => $this->sound];
    }
}
