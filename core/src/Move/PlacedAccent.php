<?php

declare(strict_types=1);

namespace Ricamo\Core\Move;

use Ricamo\Core\Json\Node;
use Ricamo\Core\Time\FrameRate;

/** An accent with its settings, from a frame on for so many. */
final readonly class PlacedAccent
{
    /** The most that a layer has. */
    public const MOST = 200;

    /**
     * @param  int  $at  frames from the layer's in point
     * @param  array<string, float>  $settings
     */
    public function __construct(public Accent $accent, public int $at, public int $length, public array $settings)
    {
    }

    /** @param  ?FrameRate  $rate  of the composition, where a length may be left out and is the accent's own then */
    public static function read(Node $node, ?FrameRate $rate = null): self
    {
        $accent = Accents::read($node->field('accent'));
        $settings = [];
        foreach ($accent->settings() as $definition) {
            $given = $node->optional($definition->name);
            $value = $given === null ? $definition->default : $definition->read($given);
            assert(is_float($value));
            $settings[$definition->name] = $value;
        }
        $node->allow(['accent', 'at', 'length', ...array_keys($settings)]);

        return new self(
            $accent,
            $node->field('at')->int(-Phase::LONGEST, 10 * Phase::LONGEST),
            $rate === null || $node->has('length') ? $node->field('length')->int(1, Phase::LONGEST) : max(
                1, (int) round($accent->seconds() * $rate->perSecond()),
            ),
            $settings,
        );
    }

    /** @return array<string, mixed> */
    public function toJson(): array
    {
        return ['accent' => $this->accent->name(), 'at' => $this->at, 'length' => $this->length, ...$this->settings];
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

    public function movedBy(int $frames): self
    {
        return new self($this->accent, $this->at + $frames, $this->length, $this->settings);
    }

    public function inRate(FrameRate $from, FrameRate $to): self
    {
        return new self(
            $this->accent, $to->nearestFrame($this->at, $from), max(1, $to->nearestFrame($this->length, $from)), $this->settings,
        );
    }
}
