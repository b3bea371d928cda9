<?php

namespace Ricamo\Core\Kind;

use Closure;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Evaluate\TextBlocks;
use Ricamo\Core\Geometry\Affine;

/** What artists draw from: the project's media and compositions, and texts that are laid out. */
final readonly class Materials
{
    /** @param  Closure(Composition, int, Affine): list<Operation>  $inside  what a composition shows on a frame, in a space that is placed */
    public function __construct(public MediaLibrary $media, public TextBlocks $blocks, public Closure $inside)
    {
    }
}
