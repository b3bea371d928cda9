<?php

declare(strict_types=1);

namespace Ricamo\Core\Cascade;

/** What a cascade does for a layer. */
enum Role: string
{
    case Arrive = 'arrive';
    case Leave = 'leave';

    /** Away from rest and back, during the stay. */
    case Accent = 'accent';
}
