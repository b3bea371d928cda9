<?php

namespace Ricamo\Core\Mask;

/** By what of another layer a mask counts. */
enum MaskBy: string
{
    case Alpha = 'alpha';
    case Brightness = 'brightness';
}
