<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Picture;

/** What layers are aligned to. */
enum AlignTo: string
{
    case Frame = 'frame';
    case Safe = 'safe';
    case Selection = 'selection';
}
