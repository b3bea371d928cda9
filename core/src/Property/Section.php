<?php

declare(strict_types=1);

namespace Ricamo\Core\Property;

/** The parts of the Sheet, in which values of a layer stand; the values are the names that everything else knows them by. */
enum Section: string
{
    case Placement = 'placement';
    case Camera = 'camera';
    case Lens = 'lens';
    case Place = 'place';
    case Light = 'light';
    case Pace = 'pace';
    case Framing = 'framing';
    case Form = 'form';
    case Type = 'type';
    case VariableFont = 'variable-font';
    case Corners = 'corners';
    case Line = 'line';
    case Repeat = 'repeat';
    case Plate = 'plate';
    case Sound = 'sound';
    case Paint = 'paint';
    case Outlines = 'outlines';
    case Patchwork = 'patchwork';
    case Cascades = 'cascades';
    case Masks = 'masks';
    case Effects = 'effects';
    case Depth = 'depth';
    case Surface = 'surface';
    case MotionBlur = 'motion-blur';

    public function title(): string
    {
        return match ($this) {
            self::Pace => 'Speed',
            self::Outlines => 'More fills and outlines',
            default => ucfirst(str_replace('-', ' ', $this->value)),
        };
    }

    /** Whether its values say where a layer stands. */
    public function places(): bool
    {
        return $this === self::Placement || $this === self::Depth || $this === self::Camera || $this === self::Place;
    }

    /** Whether few layers need it: it is folded until something is in it. */
    public function isRare(): bool
    {
        return ! in_array($this, [
            self::Placement, self::Camera, self::Lens, self::Place, self::Light, self::Pace, self::Framing, self::Form, self::Type,
            self::Sound,
        ], true);
    }
}
