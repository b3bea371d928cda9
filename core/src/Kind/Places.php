<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Ricamo\Core\Kind\Bundle\BundleContent;

/** Content that may show another composition. */
interface Places
{
    /** The composition and how it is played; null where it shows something else. */
    public function placed(): ?BundleContent;
}
