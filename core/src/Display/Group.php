<?php

namespace Ricamo\Core\Display;

use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Json\Text;

/** Operations drawn together on a clear sheet, which is then laid over what is beneath at one opacity. */
final readonly class Group implements Operation
{
    /** @param  list<Operation>  $operations */
    public function __construct(public array $operations, public float $opacity)
    {
    }

    public function encode(): string
    {
        $items = Text::list(array_map(fn (Operation $operation): string => $operation->encode(), $this->operations));

        return '{"op":"group","opacity":'.Text::number($this->opacity, 5).",\"items\":$items}";
    }

    public function faded(float $opacity): self
    {
        return new self($this->operations, $this->opacity * $opacity);
    }

    public function extent(): ?Box
    {
        return DisplayList::extentOf($this->operations);
    }

    public function outlines(): iterable
    {
        foreach ($this->operations as $operation) {
            yield from $operation->outlines();
        }
    }
}
