<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

/** Content of a layer that is a light. */
interface GivesLight extends Content
{
    public function source(): LightSource;
}
