<?php

namespace Ricamo\Core\Document;

use Ricamo\Core\Animation\ValueType;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Json\Node;

/** What a property of a layer is: its type, what it is when nothing is said, and its range (of each number in it). */
final readonly class PropertyDefinition
{
    public function __construct(
        public string $name,
        public ValueType $type,
        public float|bool|Point|Size|Colour $default,
        public ?float $least = null,
        public ?float $most = null,
    ) {
    }

    public function read(Node $node): float|bool|Point|Size|Colour
    {
        return $this->type->read($node, $this->least, $this->most);
    }
}
