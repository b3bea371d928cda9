<?php

declare(strict_types=1);

namespace Ricamo\Core\Display\Filter;

use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Json\Text;

/** A Gaussian blur. */
final readonly class Blur implements Filter
{
    /** Deviations from the middle beyond which nothing of it is seen. */
    private const REACH = 3;

    /** In composition pixels; wider than this nothing can be made out any more. */
    private const WIDEST = 500;

    public float $deviation;

    /** @param  float  $deviation  the standard deviation, in composition pixels */
    public function __construct(float $deviation)
    {
        $this->deviation = min(self::WIDEST, $deviation);
    }

    public function encode(): string
    {
        return '{"filter":"blur","deviation":'.Text::number($this->deviation, 3).'}';
    }

    public function placed(Affine $space): self
    {
        return new self($this->deviation * sqrt(abs($space->determinant())));
    }

    public function reach(Box $box): Box
    {
        return $box->grown(self::REACH * $this->deviation);
    }
}
