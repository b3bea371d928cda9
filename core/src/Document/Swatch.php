<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Name;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Value\Type\ColourType;
use Ricamo\Core\Value\Type\OfType;

/** A colour that a project keeps at hand. */
final readonly class Swatch
{
    public function __construct(
        #[Name] public string $name,
        #[OfType(new ColourType)] public Colour $colour,
    ) {
    }

    public static function read(Node $node): self
    {
        return Fields::of(self::class)->read($node);
    }

    /** @return array{name: string, colour: string} */
    public function toJson(): array
    {
        return ['name' => $this->name, 'colour' => (string) $this->colour];
    }
}
