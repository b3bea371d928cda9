<?php

declare(strict_types=1);

namespace Ricamo\Core\Display;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Json\Text;

/** Everything that is visible on one frame, resolved, from the bottom to the top. */
final readonly class DisplayList
{
    public const VERSION = 1;

    /**
     * @param  ?Colour  $background  null for a transparent one
     * @param  list<Operation>  $operations
     * @param  list<Operation>  $reference  what is looked at beside it or over it, and never rendered
     */
    public function __construct(
        public int $frame,
        public int $width,
        public int $height,
        public ?Colour $background,
        public array $operations,
        public array $reference = [],
    ) {
    }

    /**
     * As `docs/display-list.md` says, JSON.
     *
     * @param  array<string, true>  $known  keys of paths that the reader has already
     */
    public function encode(array $known = []): string
    {
        return self::write(
            $this, array_diff_key($this->paths(), $known), self::encoded($this->operations), self::encoded($this->reference),
        );
    }

    /**
     * A display list of operations that are encoded already.
     *
     * @param  self  $frame  whose own operations do not matter
     * @param  array<string, string>  $paths  data by key
     * @param  list<string>  $items  JSON
     * @param  list<string>  $reference  JSON
     */
    public static function write(self $frame, array $paths, array $items, array $reference = []): string
    {
        $background = $frame->background === null ? 'null' : "\"$frame->background\"";
        $more = $reference === [] ? '' : ',"reference":'.Text::list($reference);

        return '{"version":'.self::VERSION
            .",\"frame\":$frame->frame,\"width\":$frame->width,\"height\":$frame->height,\"background\":$background,"
            .'"paths":'.Text::of((object) $paths).',"items":'.Text::list($items).$more.'}';
    }

    /**
     * @param  list<Operation>  $operations
     * @return list<string> JSON
     */
    private static function encoded(array $operations): array
    {
        $encoded = [];
        foreach ($operations as $operation) {
            $encoded[] = $operation->encode();
        }

        return $encoded;
    }

    /**
     * The display list as arrays and scalars, decoded from its JSON.
     *
     * @param  array<string, true>  $known
     * @return array<string, mixed>
     */
    public function toJson(array $known = []): array
    {
        /** @var array<string, mixed> */
        return json_decode($this->encode($known), true, flags: JSON_THROW_ON_ERROR);
    }

    /** @return array<string, string> path data by key */
    public function paths(): array
    {
        $paths = [];
        foreach ([$this->operations, $this->reference] as $operations) {
            foreach ($operations as $operation) {
                $operation->addPaths($paths);
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
        $left = $top = INF;
        $right = $bottom = -INF;
        foreach ($operations as $operation) {
            $box = $operation->extent();
            if ($box !== null) {
                $left = $box->left < $left ? $box->left : $left;
                $top = $box->top < $top ? $box->top : $top;
                $right = $box->right > $right ? $box->right : $right;
                $bottom = $box->bottom > $bottom ? $box->bottom : $bottom;
            }
        }

        return $left === INF ? null : new Box($left, $top, $right, $bottom);
    }
}
