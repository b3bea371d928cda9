<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit;

use Attribute;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Json\Field;

/** A frame of the composition, or so many frames; those before its beginning and after its end count, too. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Frame extends Field
{
    public function __construct(string $says = '', ?string $as = null)
    {
        parent::__construct($says, -Composition::LONGEST, 2 * Composition::LONGEST, as: $as);
    }
}
