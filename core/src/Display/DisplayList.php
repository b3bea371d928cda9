<?php

namespace Ricamo\Core\Display;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Box;

/** Everything that is visible on one frame, resolved, from the bottom to the top. */
final readonly class DisplayList
{
    public const VERSION = 1;

    /**
     * @param  ?Colour  $background  null for a transparent one
     * @param  list<Operation>  $operations
     */
    public function __construct(
        public int $frame,
        public int $width,
        public int $height,
        public ?Colour $background,
        public array $operations,
    ) {
    }

    /**
     * @param  array<string, true>  $known  keys of paths that the reader has already
     * @return array<string, mixed>
     */
    public function toJson(array $known = []): array
    {
        return [
            'version' => self::VERSION,
            'frame' => $this->frame,
            'width' => $this->width,
            'height' => $this->height,
            'background' => $this->background === null ? null : (string) $this->background,
            'paths' => (object) array_diff_key($this->paths(), $known),
            'items' => array_map(fn (Operation $operation): array => $operation->toJson(), $this->operations),
        ];
    }

    /** @return array<string, string> path data by key */
    public function paths(): array
    {
        $paths = [];
        foreach ($this->operations as $operation) {
            foreach ($operation->outlines() as $outline) {
                $paths[$outline->key] = $outline->data;
            }
        }

        return $paths;
    }

    /**
     * The pixels that these operations can touch.
     *
     * @param  list<Operation>  $operations
     */
    public static function extentOf(array $operations): ?Box
    {
        $extent = null;
        foreach ($operations as $operation) {
            $box = $operation->extent();
            $extent = $box === null ? $extent : ($extent?->union($box) ?? $box);
        }

        return $extent;
    }
}
