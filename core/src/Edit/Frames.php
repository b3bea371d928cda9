<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit;

use Attribute;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Json\Field;

/** So many frames, or a place in time, as a pointer has it: between two frames, too. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Frames extends Field
{
    public function __construct(string $says = '')
    {
        parent::__construct($says, -Composition::LONGEST, 2 * Composition::LONGEST);
    }
}
