<?php

declare(strict_types=1);

namespace Ricamo\Core\Animation\Easing;

/** How a segment's progress runs over its time. */
interface Easing
{
    /** The farthest that progress goes beyond its ends; so far goes the rest of a curve that was split where it crosses its own end. */
    public const FARTHEST = 1_000_000;

    /**
     * @param  float  $t  time, 0 at the segment's first keyframe, 1 at the next
     * @return float progress, 0 and 1 at the ends; beyond them where the easing overshoots
     */
    public function at(float $t): float;

    /** The easing run backwards: 1 − at(1 − t). */
    public function reversed(): self;

    /** As it is written in a document, such as `cubic-bezier(0.4, 0, 0.2, 1)`. */
    public function __toString(): string;
}
