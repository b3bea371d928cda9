<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Shape;

use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Path;

/** What a shape or a window is. */
enum ShapeForm: string
{
    case Rectangle = 'rectangle';
    case Ellipse = 'ellipse';
    case Polygon = 'polygon';
    case Star = 'star';
    case Arc = 'arc';
    case Ring = 'ring';
    case Line = 'line';
    case Arrow = 'arrow';
    case Speech = 'speech';
    case Heart = 'heart';

    /** Drawn point by point. */
    case Path = 'path';

    public function title(): string
    {
        return match ($this) {
            self::Ring => 'Ring sector',
            self::Speech => 'Speech plate',
            default => ucfirst($this->value),
        };
    }

    /** Its outline in a box of this size around the origin: what it is known by. */
    public function picture(float $width, float $height): Path
    {
        // The tail of a speech plate, which reaches beyond the box, takes a third of the height.
        $own = $this === self::Speech ? 0.7 * $height : $height;
        $path = FormPaths::of(Formed::sample($this, $width, $own));

        return $this === self::Speech ? $path->transformed(Affine::translation(0, ($own - $height) / 2)) : $path;
    }

    /** @return list<string> the properties of a form that mean something to it */
    public function settings(): array
    {
        return match ($this) {
            self::Rectangle => ['size', 'rounding', 'roundTopLeft', 'roundTopRight', 'roundBottomRight', 'roundBottomLeft'],
            self::Ellipse, self::Line, self::Heart => ['size'],
            self::Polygon => ['size', 'sides', 'start', 'rounding'],
            self::Star => ['size', 'sides', 'inner', 'start', 'rounding'],
            self::Arc => ['size', 'start', 'sweep'],
            self::Ring => ['size', 'inner', 'start', 'sweep'],
            self::Arrow => ['size', 'inner', 'rounding'],
            self::Speech => ['size', 'rounding', 'tail'],
            self::Path => ['path', 'rounding'],
        };
    }

    /** Whether its outline may have ends. */
    public function isOpen(): bool
    {
        return $this === self::Line || $this === self::Arc || $this === self::Path;
    }

    /** @return list<string> what only other forms are made of */
    public function idle(): array
    {
        $all = array_merge(...array_map(fn (self $form): array => $form->settings(), self::cases()));

        return array_values(array_unique(array_diff($all, $this->settings())));
    }
}
