<?php

declare(strict_types=1);

namespace Ricamo\Core\Display;

/** Which places an outline that crosses itself encloses, after SVG's fill-rule. */
enum FillRule: string
{
    case NonZero = 'nonzero';
    case EvenOdd = 'evenodd';
}
