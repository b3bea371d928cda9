<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Json\Altered;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Toggle;

/** How a layer that moves is exposed. */
final readonly class Exposure
{
    /** @param  ?Shutter  $shutter  its own; null for the composition's */
    public function __construct(
        #[Toggle('motion blur', 'no motion blur')]
        public bool $motionBlur = false,
        #[Toggle('set shutter', says: 'its own, where it is not exposed as the composition is', ref: 'Shutter')]
        public ?Shutter $shutter = null,
    ) {
    }

    /** @return array<string, mixed> the fields of a layer that they are written in */
    public function toJson(): array
    {
        return Fields::of(self::class)->write($this);
    }

    /** @param  array<string, mixed>  $changed  by their names, each of its type */
    public function with(array $changed): self
    {
        return Altered::copy($this, $changed);
    }
}
