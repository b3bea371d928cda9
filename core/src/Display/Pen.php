<?php

declare(strict_types=1);

namespace Ricamo\Core\Display;

use Ricamo\Core\Json\Text;

/** How a line is drawn: its width, its corners and ends, and where it is broken; lengths in the outline's own units. */
final readonly class Pen
{
    /** Beyond this many half widths a pointed corner is cut off: the default of SVG's stroke-miterlimit. */
    public const MITER_LIMIT = 4.0;

    /**
     * @param  list<float>  $dashes  on, off, on …; none for a whole line
     * @param  float  $offset  where in them the line begins
     */
    public function __construct(
        public float $width,
        public Join $join,
        public Cap $cap = Cap::Butt,
        public array $dashes = [],
        public float $offset = 0.0,
    ) {
    }

    public function scaled(float $by): self
    {
        return new self(
            $this->width * $by,
            $this->join,
            $this->cap,
            array_map(fn (float $length): float => $length * $by, $this->dashes),
            $this->offset * $by,
        );
    }

    /** How far from the outline it can reach. */
    public function reach(): float
    {
        return $this->width / 2 * max($this->join === Join::Miter ? self::MITER_LIMIT : 1, $this->cap === Cap::Square ? M_SQRT2 : 1);
    }

    /** Its fields in an operation, JSON. */
    public function encode(): string
    {
        $dashes = $this->dashes === []
            ? ''
            : ',"dashes":'.Text::list(array_map(
                fn (float $length): string => Text::number($length, 4), $this->dashes,
            )).',"offset":'.Text::number($this->offset, 4);
        $cap = $this->cap === Cap::Butt ? '' : ",\"cap\":\"{$this->cap->value}\"";

        return '"width":'.round($this->width, 4).",\"join\":\"{$this->join->value}\"$cap$dashes";
    }
}
