<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Json\Node;

/** A move that a project keeps at hand under a name. */
final readonly class NamedMotion
{
    public function __construct(public string $name, public Motion $motion)
    {
    }

    public static function read(Node $node): self
    {
        $node->allow(['name', 'motion']);

        return new self($node->field('name')->name(), Motion::read($node->field('motion')));
    }

    /** @return array{name: string, motion: array<string, mixed>} */
    public function toJson(): array
    {
        return ['name' => $this->name, 'motion' => $this->motion->toJson()];
    }
}
