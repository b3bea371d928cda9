<?php

declare(strict_types=1);

namespace Ricamo\Core\Value\Type;

use Attribute;

/** SVG path data. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class PathData extends OfType
{
    /** @param  string  $says  what its numbers count, and what it is */
    public function __construct(string $says = 'in composition pixels')
    {
        parent::__construct(new PathType, "SVG path data $says");
    }
}
