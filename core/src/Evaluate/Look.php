<?php

namespace Ricamo\Core\Evaluate;

use Ricamo\Core\Display\DisplayList;

/** One frame as it is worked on: what is seen, and where each layer stands. */
final readonly class Look
{
    /** @param  list<Pose>  $poses  bottom first */
    public function __construct(public DisplayList $list, public array $poses)
    {
    }
}
