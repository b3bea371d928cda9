<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Ricamo\Core\Document\Layer;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Time\FrameRate;

/** Content that goes by how long its layer has been on, or will be. */
interface RunsByItself
{
    /** The layer as it has to be so that, on for these frames only, it shows on each of them what it shows now. */
    public function continued(Layer $layer, FrameRange $span, FrameRate $rate): Layer;
}
