<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Text;

/** What becomes a shape by itself of words that are taken apart. */
enum Apart: string
{
    case Letters = 'letters';
    case Words = 'words';
    case Whole = 'whole';
}
