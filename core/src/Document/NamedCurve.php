<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Animation\Easing\Easing;
use Ricamo\Core\Animation\Easing\Easings;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Name;
use Ricamo\Core\Json\Node;

/** An easing that a project keeps at hand under a name. */
final readonly class NamedCurve
{
    public function __construct(
        #[Name] public string $name,
        #[Field(of: Easings::class, ref: 'Easing')] public Easing $easing,
    ) {
    }

    public static function read(Node $node): self
    {
        return Fields::of(self::class)->read($node);
    }

    /** @return array{name: string, easing: string} */
    public function toJson(): array
    {
        return ['name' => $this->name, 'easing' => (string) $this->easing];
    }
}
