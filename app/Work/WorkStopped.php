<?php

declare(strict_types=1);

namespace App\Work;

use RuntimeException;

/** Work is put down because the worker ends, or because nobody waits for it any more. */
final class WorkStopped extends RuntimeException
{
}
