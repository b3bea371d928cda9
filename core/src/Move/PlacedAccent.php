<?php

declare(strict_types=1);

namespace Ricamo\Core\Move;

use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Json\ReadApart;
use Ricamo\Core\Time\FrameRate;

/** An accent with its settings, from a frame on for so many. */
final readonly class PlacedAccent
{
    /** The most that a layer has. */
    public const MOST = 200;

    /** @param  array<string, float>  $settings  each that the accent has */
    public function __construct(
        #[Field(of: Accents::class)]
        public Accent $accent,
        #[Field('counted from the in point', -Phase::LONGEST, 10 * Phase::LONGEST)]
        public int $at,
        #[Field(least: 1, most: Phase::LONGEST)]
        public int $length,
        #[ReadApart]
        public array $settings,
    ) {
    }

    /** @param  ?FrameRate  $rate  of the composition, where a length may be left out and is the accent's own then */
    public static function read(Node $node, ?FrameRate $rate = null): self
    {
        $accent = Accents::read($node->field('accent'));
        $apart = ['settings' => PlainSettings::read($node, $accent->settings())];
        $fields = self::described($accent);
        $node->allowKeys($fields->names() + $apart['settings']);
        if ($rate === null || $node->has('length')) {
            return $fields->readAmong($node, $apart);
        }

        return $fields->without(['length'])->readAmong($node, [
            ...$apart, 'length' => max(1, (int) round($accent->seconds() * $rate->perSecond())),
        ]);
    }

    /** @return array<string, mixed> */
    public function toJson(): array
    {
        return [...self::described($this->accent)->write($this), ...$this->settings];
    }

    /** @return array<string, mixed> the JSON Schema of any */
    public static function schema(): array
    {
        return ['anyOf' => array_map(
            fn (Accent $accent): array => self::described($accent)->schema(PlainSettings::schema($accent->settings())),
            array_values(Accents::all()),
        )];
    }

    /** @return Fields<self> what there is to say of one besides its settings */
    private static function described(Accent $accent): Fields
    {
        return Fields::of(self::class)->form($accent->name(), fn (Fields $all): Fields => $all->fixing(['accent' => $accent->name()]));
    }

    /** @param  int|float  $frame  from the layer's in point */
    public function isOn(int|float $frame): bool
    {
        return $frame >= $this->at && $frame < $this->at + $this->length;
    }

    public function change(int|float $frame, Scenery $scenery): Change
    {
        return $this->accent->at(($frame - $this->at) / $this->length, $frame - $this->at, $this->settings, $scenery);
    }

    /** How many times longer it makes the lens of a camera. */
    public function lens(int|float $frame): float
    {
        return $this->accent->lens(($frame - $this->at) / $this->length, $frame - $this->at, $this->settings);
    }

    public function movedBy(int $frames): self
    {
        return new self($this->accent, $this->at + $frames, $this->length, $this->settings);
    }

    public function inRate(FrameRate $from, FrameRate $to): self
    {
        $settings = $this->settings;
        foreach ($this->accent->settings() as $one) {
            if ($one->unit === 'f') {
                $frames = (int) round($settings[$one->name]);
                $settings[$one->name] = (float) max((int) $one->least, $to->nearestFrame($frames, $from));
            }
        }

        return new self(
            $this->accent, $to->nearestFrame($this->at, $from), max(1, $to->nearestFrame($this->length, $from)), $settings,
        );
    }
}
