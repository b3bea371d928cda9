<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Name;
use Ricamo\Core\Json\Node;

/** A move that a project keeps at hand under a name. */
final readonly class NamedMotion
{
    public function __construct(
        #[Name] public string $name,
        #[Field(ref: 'Motion')] public Motion $motion,
    ) {
    }

    public static function read(Node $node): self
    {
        return Fields::of(self::class)->read($node);
    }

    /** @return array{name: string, motion: array<string, mixed>} */
    public function toJson(): array
    {
        return ['name' => $this->name, 'motion' => $this->motion->toJson()];
    }
}
