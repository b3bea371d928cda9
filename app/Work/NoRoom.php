<?php

declare(strict_types=1);

namespace App\Work;

use RuntimeException;

/** The disk is full. What was there before is as it was, and the same can be tried again once there is room. */
final class NoRoom extends RuntimeException
{
}
