<?php

declare(strict_types=1);

namespace App\Editing;

use Closure;
use Ricamo\Core\Document\Project;

/** What a project becomes, and what is to be kept beside it. */
final readonly class Outcome
{
    /**
     * @param  ?int  $by  how many frames something went in time, where the edit is about that
     * @param  list<string>  $seenIn  ids of the compositions in which something of it is seen
     * @param  Closure(): void  $keep  what becomes of the log
     */
    public function __construct(public Project $after, public ?int $by, public array $seenIn, public Closure $keep)
    {
    }
}
