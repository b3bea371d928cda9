<?php

declare(strict_types=1);

namespace Ricamo\Core\Mask;

/** By what of another layer a mask counts. */
enum MaskBy: string
{
    case Alpha = 'alpha';
    case Brightness = 'brightness';
}
