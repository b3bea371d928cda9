<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\Section;
use Ricamo\Core\Value\Type\AngleType;
use Ricamo\Core\Value\Type\FactorsType;
use Ricamo\Core\Value\Type\NumberType;
use Ricamo\Core\Value\Type\PointType;

/** The properties that every layer on the picture has: its place is one path, or x and y by themselves. */
final class Placement
{
    /** How far from the frame's corner anything may be, in pixels. */
    public const FAR = 100_000.0;

    /**
     * @param  bool  $hasDepth  whether it can leave the picture's plane: what adjusts all that lies beneath it cannot
     * @return list<PropertyDefinition>
     */
    public static function properties(bool $hasDepth): array
    {
        $point = new PointType;

        return [
            new PropertyDefinition('position', $point, new Point(0, 0), -self::FAR, self::FAR, 'Position', Section::Placement, 'px'),
            new PropertyDefinition('x', new NumberType, 0.0, -self::FAR, self::FAR, 'Position x', Section::Placement, 'px'),
            new PropertyDefinition('y', new NumberType, 0.0, -self::FAR, self::FAR, 'Position y', Section::Placement, 'px'),
            new PropertyDefinition(
                'scale', new FactorsType, new Point(100, 100), -10_000, 10_000, 'Scale', Section::Placement, '%', isFactor: true,
            ),
            new PropertyDefinition('rotation', new AngleType, 0.0, -1e7, 1e7, 'Rotation', Section::Placement, '°'),
            new PropertyDefinition('opacity', new NumberType, 100.0, 0, 100, 'Opacity', Section::Placement, '%', isFactor: true),
            ...($hasDepth ? self::depth() : []),
            new PropertyDefinition('anchor', $point, new Point(0, 0), -self::FAR, self::FAR, 'Anchor', Section::Placement, 'px'),
        ];
    }

    /** @return list<PropertyDefinition> */
    private static function depth(): array
    {
        return [
            new PropertyDefinition(
                'z', new NumberType, 0.0, -self::FAR, self::FAR, 'Depth', Section::Depth, 'px', rare: true,
                hint: 'Positive is farther away from the viewer',
            ),
            new PropertyDefinition(
                'tiltX', new AngleType, 0.0, -1e7, 1e7, 'Tilt about x', Section::Depth, '°', rare: true,
                hint: 'Positive leads the upper edge away from the viewer',
            ),
            new PropertyDefinition(
                'tiltY', new AngleType, 0.0, -1e7, 1e7, 'Tilt about y', Section::Depth, '°', rare: true,
                hint: 'Positive leads the right edge away from the viewer',
            ),
            new PropertyDefinition(
                'anchorZ', new NumberType, 0.0, -self::FAR, self::FAR, 'Anchor depth', Section::Depth, 'px', rare: true,
                hint: 'How far behind its plane its anchor lies, about which it tilts',
            ),
        ];
    }
}
