<?php

declare(strict_types=1);

namespace Ricamo\Core\Paint;

use Ricamo\Core\Property\References;

/** What something is painted with instead of a colour: a picture or a clip, or a composition. */
final readonly class Shown
{
    private function __construct(public ?string $media, public ?string $composition)
    {
    }

    /** @param  string  $id  of a picture or a clip */
    public static function media(string $id): self
    {
        return new self($id, null);
    }

    /** @param  string  $id  of a composition */
    public static function composition(string $id): self
    {
        return new self(null, $id);
    }

    public function refersTo(): References
    {
        return new References(array_filter([$this->composition], is_string(...)), media: array_filter([$this->media], is_string(...)));
    }
}
