<?php

declare(strict_types=1);

namespace Ricamo\Core\Drawing;

use Ricamo\Core\Display\MaskPart;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Json\Node;

/** What parts of a drawing are seen through: as opaque as these are, or as bright. */
final readonly class DrawnMask
{
    /** @param  list<Drawn>  $parts */
    public function __construct(public array $parts, public bool $byBrightness)
    {
    }

    public static function read(Node $node): self
    {
        return new self(array_map(Drawn::read(...), $node->field('parts')->items()), $node->field('brightness')->bool());
    }

    /** @return array<string, mixed> */
    public function toJson(): array
    {
        return ['parts' => array_map(fn (Drawn $part): array => $part->toJson(), $this->parts), 'brightness' => $this->byBrightness];
    }

    public function finer(float $fineness): self
    {
        return new self(array_map(fn (Drawn $part): Drawn => $part->finer($fineness), $this->parts), $this->byBrightness);
    }

    /** @return list<Operation> */
    public function operations(Affine $matrix): array
    {
        $operations = array_merge(...array_map(fn (Drawn $part): array => $part->operations($matrix), $this->parts));

        return $this->byBrightness ? MaskPart::bright($operations) : $operations;
    }
}
