<?php

declare(strict_types=1);

namespace Ricamo\Core\Display;

use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Json\Text;

/** The mean of several pictures of the same thing, as it is at moments while a shutter is open: motion blur. */
final readonly class Samples implements Operation
{
    /** @param  non-empty-list<list<Operation>>  $lists  as many as a power of two, in order of time */
    public function __construct(public array $lists)
    {
    }

    public function encode(): string
    {
        $extent = $this->extent() ?? new Box(0, 0, 0, 0);
        $lists = array_map(
            fn (array $list): string => Text::list(array_map(
                fn (Operation $operation): string => $operation->encode(), $list,
            )), $this->lists,
        );

        return '{"op":"samples","extent":['.implode(
            ',', array_map(fn (float $side): string => Text::number($side, 2), $extent->toJson()),
        ).'],"lists":'.Text::list($lists).'}';
    }

    public function faded(float $opacity): Group
    {
        return new Group([$this], $opacity);
    }

    public function extent(): ?Box
    {
        return DisplayList::extentOf(array_merge(...$this->lists));
    }

    public function addPaths(array &$paths): void
    {
        foreach ($this->lists as $list) {
            foreach ($list as $operation) {
                $operation->addPaths($paths);
            }
        }
    }
}
