<?php

namespace Ricamo\Core\Kind;

use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Evaluate\TextBlocks;

/** What artists draw from: the project's media, and texts that are laid out. */
final readonly class Materials
{
    public function __construct(public MediaLibrary $media, public TextBlocks $blocks)
    {
    }
}
