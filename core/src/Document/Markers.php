<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** The markers of a composition or of a layer in order of time, at most one on a frame. */
final readonly class Markers
{
    public const MOST = 2000;

    /** @param  array<int, Marker>  $markers  by frame, sorted */
    public function __construct(private array $markers = [])
    {
    }

    /** Of two on one frame, the later in the list counts. @throws Refusal for too many */
    public static function of(Marker ...$markers): self
    {
        $byFrame = array_column($markers, null, 'frame');
        ksort($byFrame);

        return count($byFrame) <= self::MOST ? new self($byFrame) : throw new Refusal('there are at most '.self::MOST.' markers');
    }

    /** @throws Refusal for two on one frame */
    public static function read(Node $node, bool $isOfLayer): self
    {
        $markers = [];
        foreach ($node->items(self::MOST) as $item) {
            $marker = Marker::read($item, $isOfLayer);
            if (isset($markers[$marker->frame])) {
                $item->field('frame')->refuse("there is a marker on frame $marker->frame already");
            }
            $markers[$marker->frame] = $marker;
        }

        return self::of(...array_values($markers));
    }

    public function movedBy(int $frames): self
    {
        return $frames === 0 ? $this : $this->map(fn (Marker $marker): Marker => $marker->movedBy($frames));
    }

    public function before(int $frame): self
    {
        return new self(array_filter($this->markers, fn (int $at): bool => $at < $frame, ARRAY_FILTER_USE_KEY));
    }

    public function from(int $frame): self
    {
        return new self(array_filter($this->markers, fn (int $at): bool => $at >= $frame, ARRAY_FILTER_USE_KEY));
    }

    public function isEmpty(): bool
    {
        return $this->markers === [];
    }

    /** @return list<Marker> in order of time */
    public function all(): array
    {
        return array_values($this->markers);
    }

    /** @return list<int> in order of time */
    public function frames(): array
    {
        return array_keys($this->markers);
    }

    public function has(int $frame): bool
    {
        return isset($this->markers[$frame]);
    }

    /** @throws Refusal where there is none on this frame */
    public function on(int $frame): Marker
    {
        return $this->markers[$frame] ?? throw new Refusal("there is no marker on frame $frame");
    }

    public function with(Marker ...$markers): self
    {
        return self::of(...array_values($this->markers), ...$markers);
    }

    /** @param  list<int>  $frames */
    public function without(array $frames): self
    {
        return new self(array_diff_key($this->markers, array_fill_keys($frames, true)));
    }

    /** @param  callable(Marker): Marker  $change */
    public function map(callable $change): self
    {
        return self::of(...array_map($change, array_values($this->markers)));
    }

    /** @return list<array<string, mixed>> each with a `frame`, a `name` and a `label` */
    public function toJson(): array
    {
        return array_map(fn (Marker $marker): array => $marker->toJson(), $this->all());
    }
}
