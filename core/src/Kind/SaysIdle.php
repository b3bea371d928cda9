<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\MediaLibrary;

/** Content that makes some of its layer's properties mean nothing. */
interface SaysIdle
{
    /** @return list<string> their names */
    public function idle(Layer $layer, MediaLibrary $media): array;
}
