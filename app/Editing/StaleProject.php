<?php

namespace App\Editing;

use RuntimeException;

/** A project's name, compositions, media or colours were changed since they were read. */
final class StaleProject extends RuntimeException
{
}
