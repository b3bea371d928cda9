<?php

declare(strict_types=1);

namespace Ricamo\Core\Paint;

enum GradientForm: string
{
    case Linear = 'linear';
    case Radial = 'radial';
    case Sweep = 'sweep';
    case Corners = 'corners';

    /** A picture or a clip. */
    case Picture = 'picture';

    public function title(): string
    {
        return match ($this) {
            self::Linear => 'Linear gradient',
            self::Radial => 'Radial gradient',
            self::Sweep => 'Sweep gradient',
            self::Corners => 'Four corners',
            self::Picture => 'Picture',
        };
    }
}
