<?php

namespace Ricamo\Core\Display;

use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Json\Text;

/** Operations drawn together on a clear sheet, which is then laid over what is beneath at one opacity. */
final readonly class Group implements Operation
{
    /**
     * @param  list<Operation>  $operations
     * @param  ?Outline  $clip  in composition pixels: what is outside of it is not seen
     */
    public function __construct(public array $operations, public float $opacity, public ?Outline $clip = null)
    {
    }

    public function encode(): string
    {
        $items = Text::list(array_map(fn (Operation $operation): string => $operation->encode(), $this->operations));
        $clip = $this->clip === null ? '' : "\"clip\":\"{$this->clip->key}\",";

        return '{"op":"group","opacity":'.Text::number($this->opacity, 5).",$clip\"items\":$items}";
    }

    public function faded(float $opacity): self
    {
        return new self($this->operations, $this->opacity * $opacity, $this->clip);
    }

    public function extent(): ?Box
    {
        return DisplayList::extentOf($this->operations);
    }

    public function outlines(): iterable
    {
        if ($this->clip !== null) {
            yield $this->clip;
        }
        foreach ($this->operations as $operation) {
            yield from $operation->outlines();
        }
    }
}
