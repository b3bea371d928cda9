<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\Section;

/** A part of a layer that can be given to others by itself. */
enum LayerPart: string
{
    /** Where it is and how large, where that does not move. */
    case Placement = 'placement';

    /** Keyframes of its own properties, and how it arrives, stays and leaves. */
    case Animation = 'animation';

    /** How it arrives, stays and leaves, by itself. */
    case Life = 'life';

    case Cascades = 'cascades';
    case Patchwork = 'patchwork';
    case Effects = 'effects';
    case Masks = 'masks';

    /** Its fills and outlines, and what they are drawn with. */
    case Paint = 'paint';

    /** How words are set, and the plate behind them. */
    case Type = 'type';

    /** The fields of a layer that belong to it besides properties. */
    private const FIELDS = [
        'animation' => ['arrive', 'leave', 'accents'],
        'life' => ['arrive', 'leave', 'accents'],
        'cascades' => ['cascades'],
        'patchwork' => ['patchwork'],
        'effects' => ['effects'],
        'masks' => ['masks'],
        'paint' => ['gradients', 'outlines', 'brush'],
        'type' => ['font', 'fontMedia', 'features', 'align', 'hyphens', 'down'],
    ];

    private const PAINTED = ['fill', 'outline', 'outlineWidth'];

    public function title(): string
    {
        return match ($this) {
            self::Placement => 'Placement, where it does not move',
            self::Animation => 'Animation: keyframes, how it arrives, stays and leaves',
            self::Life => 'How it arrives, stays and leaves',
            self::Type => 'Type and plate',
            self::Paint => 'Paint: fills, outlines and brush',
            default => ucfirst($this->value),
        };
    }

    /** Whether it is seen only while the layer plays. */
    public function plays(): bool
    {
        return in_array($this, [self::Animation, self::Life, self::Cascades], true);
    }

    /**
     * What of a layer's JSON it is, of what a kind of layer can have.
     *
     * @param  array<string, mixed>  $layer
     * @return list<string> the keys, those included that it leaves out
     */
    public function keys(array $layer, LayerKind $kind): array
    {
        $properties = array_filter($kind->properties(), fn (PropertyDefinition $one): bool => match ($this) {
            self::Placement => $one->section?->places() === true && ! self::isAnimated($layer[$one->name] ?? null),
            self::Animation => self::isAnimated($layer[$one->name] ?? null),
            self::Paint => in_array($one->name, self::PAINTED, true),
            self::Type => in_array($one->section, [Section::Type, Section::VariableFont, Section::Plate], true)
                && ! in_array($one->name, [...self::PAINTED, 'number', 'path', 'pathOffset'], true),
            default => false,
        });

        return [...array_column($properties, 'name'), ...self::FIELDS[$this->value] ?? []];
    }

    private static function isAnimated(mixed $value): bool
    {
        return is_array($value) && isset($value['keyframes']);
    }
}
