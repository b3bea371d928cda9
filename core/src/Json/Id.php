<?php

declare(strict_types=1);

namespace Ricamo\Core\Json;

use Attribute;

/** The id of something in a document. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Id extends Field
{
    public const LONGEST = 64;

    public function __construct(string $says = '', ?string $as = null)
    {
        parent::__construct($says, longest: self::LONGEST, as: $as);
    }
}
