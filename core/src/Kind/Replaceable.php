<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\UsesMedia;

/** Content whose media can be replaced by others, of another size and rate. */
interface Replaceable extends UsesMedia
{
    /**
     * The layer showing $new where it showed $old: from the same moment on, covering what it covered, in its own shape.
     *
     * @param  ?Media  $old  null where it showed nothing
     */
    public function replacedIn(Layer $layer, ?Media $old, Media $new): Layer;
}
