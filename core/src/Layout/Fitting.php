<?php

declare(strict_types=1);

namespace Ricamo\Core\Layout;

use Ricamo\Core\Geometry\Size;

/** How large what a window shows is in it, before it is zoomed. */
enum Fitting: string
{
    /** So large that nothing of the window is left uncovered. */
    case Fill = 'fill';
    /** So large that all of it is seen. */
    case Fit = 'fit';

    public function scale(Size $shown, Size $window): float
    {
        $fit = $shown->scaleToFit($window);

        return $this === self::Fit ? $fit : max($window->width / max(1e-9, $shown->width), $window->height / max(1e-9, $shown->height));
    }
}
