<?php

namespace Ricamo\Core\Document;

use Ricamo\Core\Document\Content\Content;
use Ricamo\Core\Document\Content\FootageContent;
use Ricamo\Core\Document\Content\ShapeContent;
use Ricamo\Core\Document\Content\TextContent;
use Ricamo\Core\Json\Node;

enum LayerKind: string
{
    case Footage = 'footage';
    case Shape = 'shape';
    case Text = 'text';

    /** @return class-string<Content> */
    private function content(): string
    {
        return match ($this) {
            self::Footage => FootageContent::class,
            self::Shape => ShapeContent::class,
            self::Text => TextContent::class,
        };
    }

    public function readContent(Node $node): Content
    {
        return $this->content()::read($node);
    }

    /** @return list<string> the fields, besides properties, that only this kind has */
    public function contentFields(): array
    {
        return $this->content()::fields();
    }

    /** @return array<string, PropertyDefinition> every property of this kind by its name */
    public function properties(): array
    {
        return PropertyDefinitions::of($this);
    }

    /** Type and pictures keep their proportions until the producer unlinks them; a shape is there to be stretched. */
    public function linksScale(): bool
    {
        return $this !== self::Shape;
    }
}
