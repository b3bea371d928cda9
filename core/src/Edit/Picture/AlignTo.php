<?php

namespace Ricamo\Core\Edit\Picture;

/** What layers are aligned to. */
enum AlignTo: string
{
    case Frame = 'frame';
    case Safe = 'safe';
    case Selection = 'selection';
}
