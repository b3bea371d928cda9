<?php

declare(strict_types=1);

namespace Ricamo\Core\Display;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Text;

/**
 * Colours along a line or from a point outwards. In its own space a linear one goes from (0, 0) to (1, 0); a radial one from
 * the point $focus to the circle of radius 1 around the origin. $matrix leads from there to the outline's space. Between
 * stops straight sRGB is mixed; beyond the ends the end's colour goes on.
 */
final readonly class Gradient
{
    /**
     * @param  ?Point  $focus  null for a linear one
     * @param  non-empty-list<array{float, Colour}>  $stops  offsets from 0 to 1, none less than the one before
     */
    public function __construct(public Affine $matrix, public array $stops, public ?Point $focus = null)
    {
    }

    /** A copy for an outline that is so many times larger. */
    public function scaled(float $by): self
    {
        return new self(Affine::scaling($by, $by)->after($this->matrix), $this->stops, $this->focus);
    }

    public function faded(float $opacity): self
    {
        return $this->mapped(fn (Colour $colour): Colour => $colour->faded($opacity));
    }

    /** @param  callable(Colour): Colour  $change of each of its colours */
    public function mapped(callable $change): self
    {
        return new self($this->matrix, array_map(fn (array $stop): array => [$stop[0], $change($stop[1])], $this->stops), $this->focus);
    }

    public function encode(): string
    {
        $stops = Text::list(array_map(fn (array $stop): string => '['.Text::number($stop[0], 5).",\"{$stop[1]}\"]", $this->stops));
        $focus = $this->focus === null ? '' : ',"focus":['.Text::number($this->focus->x, 5).','.Text::number($this->focus->y, 5).']';

        return '{"type":"'.($this->focus === null ? 'linear' : 'radial')."\",\"matrix\":{$this->matrix->encode()},\"stops\":$stops$focus}";
    }
}
