<?php

namespace Ricamo\Core\Kind\Shape;

use Ricamo\Core\Display\Outline;

/** The outlines of forms, kept at hand because most frames show the same as the frame before. */
final class Outlines
{
    private const KEPT = 500;

    /** @var array<string, Outline> */
    private array $outlines = [];

    public function of(Formed $formed): Outline
    {
        $key = $formed->key();
        if (! isset($this->outlines[$key])) {
            if (count($this->outlines) >= self::KEPT) {
                $this->outlines = [];
            }
            $this->outlines[$key] = Outline::of(FormPaths::of($formed));
        }

        return $this->outlines[$key];
    }
}
