<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** A colour that a project keeps at hand. */
final readonly class Swatch
{
    public function __construct(public string $name, public Colour $colour)
    {
    }

    public static function read(Node $node): self
    {
        $node->allow(['name', 'colour']);

        return new self($node->field('name')->name(), self::readColour($node->field('colour')));
    }

    public static function readColour(Node $node): Colour
    {
        try {
            return Colour::parse($node->string());
        } catch (Refusal $refusal) {
            $node->refuse($refusal->getMessage());
        }
    }

    /** @return array{name: string, colour: string} */
    public function toJson(): array
    {
        return ['name' => $this->name, 'colour' => (string) $this->colour];
    }
}
