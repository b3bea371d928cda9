<?php

declare(strict_types=1);

namespace Ricamo\Core\Handle;

/** From which side a composition's space is looked at while working. */
enum Sight: string
{
    /** From before the picture. */
    case Front = 'front';

    /** From above: what is far away is up. */
    case Above = 'above';

    /** From the right: what is far away is right. */
    case Side = 'side';

    /** From anywhere. */
    case Free = 'free';
}
