<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Shape;

use Ricamo\Core\Display\Outline;
use WeakMap;

/** The outlines of forms, kept at hand because most frames show the same as the frame before. */
final class Outlines
{
    private const KEPT = 500;

    /** @var array<string, Outline> */
    private array $outlines = [];

    /** @var WeakMap<Formed, Outline> those of what is still at hand by itself */
    private WeakMap $own;

    public function __construct()
    {
        $this->own = new WeakMap;
    }

    public function of(Formed $formed): Outline
    {
        return $this->own[$formed] ??= $this->byKey($formed);
    }

    private function byKey(Formed $formed): Outline
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
