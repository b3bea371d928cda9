<?php

namespace Ricamo\Core\Display;

use Ricamo\Core\Geometry\Box;

/** Operations drawn together on a clear sheet, which is then laid over what is beneath at one opacity. */
final readonly class Group implements Operation
{
    /** @param  list<Operation>  $operations */
    public function __construct(public array $operations, public float $opacity)
    {
    }

    public function toJson(): array
    {
        return [
            'op' => 'group',
            'opacity' => round($this->opacity, 5),
            'items' => array_map(fn (Operation $operation): array => $operation->toJson(), $this->operations),
        ];
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
