<?php

declare(strict_types=1);

namespace App\Console;

use RuntimeException;

/** A command was ended by who called it. Its code is the exit status. */
final class Stopped extends RuntimeException
{
}
