<?php

declare(strict_types=1);

namespace App\Editing;

use RuntimeException;

/** What is to be undone or redone does not stand as it was left. */
final class BuiltUpon extends RuntimeException
{
}
