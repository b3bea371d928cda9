<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Text;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\FillRule;
use Ricamo\Core\Display\Gradient;
use Ricamo\Core\Drawing\DrawnShape;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Path;

/** A letter, a word or more as an outline, in the space of the layer that it was in. */
final readonly class WordShape
{
    /**
     * @param  string  $unit  what it is a part of, alone or with others of other colours, and `$of` what is written there
     * @param  ?Colour  $colour  of its own, where it has not that of all words
     */
    public function __construct(
        public string $unit,
        public string $of,
        public string $name,
        public Path $path,
        public ?Colour $colour = null,
        public bool $isPlate = false,
    ) {
    }

    /** @param  Colour|Gradient|null  $fill  of all words; null where they are not filled */
    public function drawn(Colour|Gradient|null $fill): DrawnShape
    {
        return new DrawnShape($this->path, new Affine, $this->colour ?? $fill, FillRule::NonZero, null, null);
    }
}
