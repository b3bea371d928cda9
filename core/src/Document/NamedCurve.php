<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Animation\Easing\Easing;
use Ricamo\Core\Animation\Easing\Easings;
use Ricamo\Core\Json\Node;

/** An easing that a project keeps at hand under a name. */
final readonly class NamedCurve
{
    public function __construct(public string $name, public Easing $easing)
    {
    }

    public static function read(Node $node): self
    {
        $node->allow(['name', 'easing']);

        return new self($node->field('name')->name(), Easings::read($node->field('easing')));
    }

    /** @return array{name: string, easing: string} */
    public function toJson(): array
    {
        return ['name' => $this->name, 'easing' => (string) $this->easing];
    }
}
