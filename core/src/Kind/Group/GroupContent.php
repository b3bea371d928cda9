<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Group;

use Ricamo\Core\Document\Content;
use Ricamo\Core\Property\References;

final readonly class GroupContent implements Content
{
    /** @param  bool  $isolated  whether what blends in it blends with nothing beneath it */
    public function __construct(public bool $isolated = false)
    {
    }

    public function toJson(): array
    {
        return $this->isolated ? ['isolated' => true] : [];
    }

    public function refersTo(): References
    {
        return new References;
    }
}
