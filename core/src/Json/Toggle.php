<?php

declare(strict_types=1);

namespace Ricamo\Core\Json;

use Attribute;

/** A switch, or a choice, that an edit sets, and what undo calls that. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Toggle extends Field
{
    /**
     * @param  string  $on  what setting it is called
     * @param  ?string  $off  what it is called to turn it off; null for the same
     */
    public function __construct(
        private string $on,
        private ?string $off = null,
        string $says = '',
        ?string $ref = null,
        bool $always = false,
    ) {
        parent::__construct($says, ref: $ref, always: $always);
    }

    public function title(mixed $value): string
    {
        return $value === false ? $this->off ?? $this->on : $this->on;
    }
}
