<?php

namespace Ricamo\Core\Line;

/** Where an outline lies. */
enum Side: string
{
    case Outside = 'outside';
    case Centre = 'centre';
    case Inside = 'inside';
}
