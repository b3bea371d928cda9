<?php

declare(strict_types=1);

/** Tells documents of the kinds of layers that there are: loaded with core, before anything of it is used. */
use Ricamo\Core\Document\Kinds;
use Ricamo\Core\Kind\LayerKinds;

Kinds::are(fn (): array => LayerKinds::all());
