<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Media;

use Attribute;
use Ricamo\Core\Json\Ids;

/** The media that an edit is about, each once. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class MediaIds extends Ids
{
    private const MOST = 5000;

    public function __construct()
    {
        parent::__construct(self::MOST);
    }
}
