<?php

declare(strict_types=1);

namespace Ricamo\Core;

use DomainException;

/** Input that cannot be accepted; the message is one line in the producer's words that names the place and the reason. */
class Refusal extends DomainException
{
}
