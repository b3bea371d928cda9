<?php

declare(strict_types=1);

namespace Ricamo\Core\Display;

use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Json\Text;

/** A picture that is drawn once, of which pieces are seen in other places, the later over the earlier. */
final readonly class Pieces implements Operation
{
    /**
     * @param  non-empty-list<Operation>  $operations  the picture
     * @param  non-empty-list<Piece>  $pieces  from the lowest to the uppermost
     */
    public function __construct(public array $operations, public array $pieces)
    {
    }

    public function encode(): string
    {
        $items = array_map(fn (Operation $operation): string => $operation->encode(), $this->operations);
        $pieces = array_map(fn (Piece $piece): string => $piece->encode(), $this->pieces);

        return '{"op":"pieces","items":'.Text::list($items).',"pieces":'.Text::list($pieces).'}';
    }

    public function faded(float $opacity): Group
    {
        return new Group([$this], $opacity);
    }

    public function extent(): ?Box
    {
        return array_reduce(
            array_map(fn (Piece $piece): ?Box => $piece->extent(), $this->pieces),
            fn (?Box $all, ?Box $one): ?Box => $one === null || $all === null ? $one ?? $all : $all->union($one),
        );
    }

    /** What of the picture is seen in any of them, in composition pixels. */
    public function source(): Box
    {
        $boxes = array_map(fn (Piece $piece): Box => $piece->part, $this->pieces);

        return array_reduce($boxes, fn (Box $all, Box $one): Box => $all->union($one), $boxes[0]);
    }

    public function addPaths(array &$paths): void
    {
        foreach ($this->operations as $operation) {
            $operation->addPaths($paths);
        }
        foreach ($this->pieces as $piece) {
            $paths[$piece->clip->key] = $piece->clip->data;
        }
    }
}
