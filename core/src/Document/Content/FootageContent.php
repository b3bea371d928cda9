<?php

namespace Ricamo\Core\Document\Content;

use Ricamo\Core\Json\Node;

/** A clip, played from its frame $from at the layer's in point. */
final readonly class FootageContent implements Content
{
    /** @param  bool  $sound whether the clip's sound is heard */
    public function __construct(public string $media, public int $from = 0, public bool $sound = true)
    {
    }

    public static function fields(): array
    {
        return ['media', 'from', 'sound'];
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->field('media')->name(64),
            $node->optional('from')?->int(0, 100_000_000) ?? 0,
            $node->optional('sound')?->bool() ?? true,
        );
    }

    public function playedFrom(int $frame): self
    {
        return new self($this->media, $frame, $this->sound);
    }

    public function toJson(): array
    {
        return ['media' => $this->media, 'from' => $this->from, 'sound' => $this->sound];
    }
}
