<?php

namespace Ricamo\Core\Drawing;

use Ricamo\Core\Display\Group;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Json\Node;

/** Parts that overlap each other first and are then seen through together. */
final readonly class DrawnGroup extends Drawn
{
    /** @param  list<Drawn>  $parts */
    public function __construct(public array $parts, public float $opacity)
    {
    }

    public static function read(Node $node): self
    {
        return new self(array_map(Drawn::read(...), $node->field('parts')->items()), $node->field('opacity')->number(0, 1));
    }

    public function toJson(): array
    {
        return ['parts' => array_map(fn (Drawn $part): array => $part->toJson(), $this->parts), 'opacity' => $this->opacity];
    }

    public function finer(float $fineness): static
    {
        return new self(array_map(fn (Drawn $part): Drawn => $part->finer($fineness), $this->parts), $this->opacity);
    }

    public function operations(Affine $matrix): array
    {
        $operations = array_merge(...array_map(fn (Drawn $part): array => $part->operations($matrix), $this->parts));

        return $operations === [] ? [] : [new Group($operations, $this->opacity)];
    }
}
