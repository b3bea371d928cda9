<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit;

use Ricamo\Core\Document\Composition;

/** An edit that goes some way in time, which may be settled only by what it comes near to. */
interface Snapping extends CompositionEdit
{
    /** The edit as it will be done: by as many frames as it really goes. */
    public function settled(Composition $composition): static;

    /** How many frames it goes, once it is settled. */
    public function by(): int;

    /** The mark that it comes to, once it is settled; null for none. */
    public function met(): ?int;
}
