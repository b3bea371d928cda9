<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Time;

use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\MediaFacts;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Kind\Playing\Played;
use Ricamo\Core\Refusal;

/** Finds what plays in a layer. */
final class Plays
{
    /**
     * @return array{Played, MediaFacts}
     *
     * @throws Refusal where nothing does
     */
    public static function in(Layer $layer, MediaLibrary $media): array
    {
        $content = $layer->content;
        $facts = $content instanceof Played ? $content->plays($media) : null;
        if (! $content instanceof Played || $facts === null || $facts->isStill()) {
            throw new Refusal("nothing plays in “{$layer->name}”");
        }

        return [$content, $facts];
    }
}
