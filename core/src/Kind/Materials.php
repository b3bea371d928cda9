<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Closure;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Kind\Text\TextBlocks;

/** What artists draw from: the project's media and compositions, and texts that are laid out. */
final readonly class Materials
{
    /**
     * @param  Closure(Composition, int, Affine, ?Moment=): list<Operation>  $inside  what a composition shows on a frame, in a space
     *     that is placed; as a flat picture, or where its layers are seen at a moment in the space around it
     * @param  Closure(Layer, Composition, Moment): list<Operation>  $members  what is in a group shows, in the group's space
     * @param  Closure(Layer, Composition, int|float): list<Box>  $boxes  the boxes of what is in a group, upright in the group's space
     */
    public function __construct(
        public MediaLibrary $media,
        public TextBlocks $blocks,
        public Closure $inside,
        public Closure $members,
        public Closure $boxes,
    ) {
    }
}
