<?php

declare(strict_types=1);

namespace Ricamo\Core\Display;

use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;

/** A path as the display list's dictionary holds it: its data, the key derived from it, and its bounds. */
final readonly class Outline
{
    private function __construct(public string $key, public string $data, public ?Box $bounds)
    {
    }

    public static function of(Path $path): self
    {
        $data = $path->isEmpty() ? '' : $path->data();

        return new self(Path::key($data), $data, $path->bounds());
    }

    public function isEmpty(): bool
    {
        return $this->data === '';
    }
}
