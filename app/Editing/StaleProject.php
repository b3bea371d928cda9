<?php

declare(strict_types=1);

namespace App\Editing;

use RuntimeException;

/** Something of a project was changed between being read and being written: what was worked out from it is worked out again. */
final class StaleProject extends RuntimeException
{
}
