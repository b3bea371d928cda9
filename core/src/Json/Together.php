<?php

declare(strict_types=1);

namespace Ricamo\Core\Json;

use Attribute;

/** That a parameter is made of several fields that stand beside the others, as its own class describes them. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Together
{
}
