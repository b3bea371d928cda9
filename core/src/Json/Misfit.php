<?php

declare(strict_types=1);

namespace Ricamo\Core\Json;

use Ricamo\Core\Refusal;

/** That a field does not go together with others. */
final class Misfit extends Refusal
{
    public function __construct(public readonly string $field, string $reason)
    {
        parent::__construct($reason);
    }

    public static function missing(string $field): self
    {
        return new self($field, 'is missing');
    }
}
