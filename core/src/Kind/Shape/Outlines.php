<?php

namespace Ricamo\Core\Kind\Shape;

use Ricamo\Core\Display\Outline;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;

/** The outlines of forms, kept at hand because most frames show the same as the frame before. */
final class Outlines
{
    private const KEPT = 500;

    /** @var array<string, Outline> */
    private array $outlines = [];

    public function of(ShapeForm $form, Box $box, float $rounding): Outline
    {
        $key = "{$form->value} {$box->right} {$box->bottom} $rounding";
        if (! isset($this->outlines[$key])) {
            if (count($this->outlines) >= self::KEPT) {
                $this->outlines = [];
            }
            $this->outlines[$key] = Outline::of(self::path($form, $box, $rounding));
        }

        return $this->outlines[$key];
    }

    public static function path(ShapeForm $form, Box $box, float $rounding): Path
    {
        return $form === ShapeForm::Ellipse ? Path::ellipse($box) : Path::rectangle($box, $rounding);
    }
}
