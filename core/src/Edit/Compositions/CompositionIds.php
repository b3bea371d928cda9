<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Compositions;

use Attribute;
use Ricamo\Core\Json\Ids;

/** The compositions that an edit is about, each once. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class CompositionIds extends Ids
{
    private const MOST = 500;

    public function __construct()
    {
        parent::__construct(self::MOST);
    }
}
