<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Attribute;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Value\Type\ColourType;

/** What is behind all layers: a colour, or nothing. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Background extends Field
{
    private const NONE = 'transparent';

    public function __construct()
    {
        parent::__construct(always: true);
    }

    public function read(Node $node, string $type): ?Colour
    {
        return $node->value === self::NONE ? null : (new ColourType)->read($node);
    }

    public function write(mixed $value): string
    {
        return $value instanceof Colour ? (string) $value : self::NONE;
    }

    public function schema(string $type): array
    {
        return ['anyOf' => [ColourType::SCHEMA, ['const' => self::NONE]]];
    }
}
