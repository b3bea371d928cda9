<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Json;

use Ricamo\Core\Json\Field;

/** A field that stands beside those of another. */
final readonly class Beside
{
    public function __construct(#[Field(least: 0, most: 10)] public int $at = 5)
    {
    }
}
