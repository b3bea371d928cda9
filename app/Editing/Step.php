<?php

namespace App\Editing;

use Closure;
use Ricamo\Core\Document\Composition;

/** From one revision of a composition to the next: what it becomes, and the patches that lead there and back. */
final readonly class Step
{
    /**
     * @param  string  $patch  RFC 6902, JSON
     * @param  string  $inverse  RFC 6902, JSON
     * @param  ?string  $request  the edit as it was asked for, JSON; null for undo and redo
     * @param  ?int  $by  how many frames something went in time, where the edit is about that
     * @param  ?Closure(): mixed  $mark  what becomes of other entries of the log when it is kept
     */
    public function __construct(
        public Composition $after,
        public string $patch,
        public string $inverse,
        public string $title,
        public ?string $request = null,
        public ?Closure $mark = null,
        public ?int $by = null,
    ) {
    }
}
