<?php

declare(strict_types=1);

namespace Ricamo\Core\Json;

use Attribute;

/** That a parameter is no field: whoever reads the object hands it on. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class ReadApart
{
}
