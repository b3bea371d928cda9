<?php

declare(strict_types=1);

namespace Ricamo\Core\Line;

use Ricamo\Core\Display\Outline;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Path\Along;
use Ricamo\Core\Path\Contour;
use Ricamo\Core\Path\Contours;

/** The lines of outlines, measured; most frames ask for the same as the frame before. */
final class Measured
{
    private const KEPT = 400;

    /** @var array<string, self> */
    private static array $kept = [];

    /** @var list<Along> */
    public readonly array $lines;

    /** @var list<float> */
    public readonly array $lengths;

    /** @var list<bool> */
    public readonly array $closed;

    private function __construct(Contours $contours)
    {
        $this->lines = array_map(fn (Contour $one): Along => new Along($one), $contours->all);
        $this->lengths = array_map(fn (Along $one): float => $one->length, $this->lines);
        $this->closed = array_map(fn (Contour $one): bool => $one->closed, $contours->all);
    }

    /** A part of one of the lines; a closed one that is all there stays closed. */
    public function part(int $number, float $from, float $to): ?Contour
    {
        return $this->closed[$number] && $from === 0.0 && $to >= $this->lengths[$number]
            ? $this->lines[$number]->contour
            : $this->lines[$number]->part($from, $to);
    }

    public static function of(Outline $outline): self
    {
        if (! isset(self::$kept[$outline->key])) {
            self::$kept = count(self::$kept) < self::KEPT ? self::$kept : [];
            self::$kept[$outline->key] = new self(Contours::of(Path::parse($outline->data)));
        }

        return self::$kept[$outline->key];
    }
}
