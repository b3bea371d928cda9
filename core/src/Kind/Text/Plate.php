<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Text;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\Section;
use Ricamo\Core\Value\Length;
use Ricamo\Core\Value\Type\ColourType;
use Ricamo\Core\Value\Type\FactorsType;
use Ricamo\Core\Value\Type\FlagType;
use Ricamo\Core\Value\Type\LengthType;

/** A plate behind words, as large as they are and a margin more: of all of them, or line by line. */
final readonly class Plate
{
    /** @return list<PropertyDefinition> */
    public static function properties(): array
    {
        return [
            new PropertyDefinition(
                'plate', new ColourType, Colour::parse('#00000000'), title: 'Colour', section: Section::Plate, rare: true,
            ),
            new PropertyDefinition(
                'platePadding', new FactorsType, new Point(28, 12), -10_000, 10_000, 'Margin', Section::Plate, 'px', rare: true,
            ),
            new PropertyDefinition('plateRounding', new LengthType, new Length(0), 0, 10_000, 'Rounding', Section::Plate, 'px', rare: true),
            new PropertyDefinition('plateByLine', new FlagType, false, title: 'Line by line', section: Section::Plate, rare: true),
        ];
    }

    /** @return list<Box> in the layer's own space; none where it is not seen */
    public static function boxes(Layer $layer, SetText $text, int|float $at): array
    {
        if (! $layer->colour('plate', $at)->isVisible()) {
            return [];
        }
        $padding = $layer->point('platePadding', $at);
        $lines = array_keys(array_filter($text->block->lines, fn ($line): bool => $line->width > 0));
        $boxes = $layer->value('plateByLine', $at) === true
            ? array_map($text->lineBox(...), $lines)
            : ($lines === [] ? [] : [$text->box()]);

        return array_map(
            fn (Box $box): Box => new Box(
                $box->left - $padding->x, $box->top - $padding->y, $box->right + $padding->x, $box->bottom + $padding->y,
            ),
            $boxes,
        );
    }

    /** @return list<Fill> */
    public static function draw(Layer $layer, SetText $text, int|float $at, Affine $matrix): array
    {
        $boxes = array_filter(self::boxes($layer, $text, $at), fn (Box $box): bool => $box->width() > 0 && $box->height() > 0);
        if ($boxes === []) {
            return [];
        }

        return [new Fill(
            Outline::of(Path::joined(array_map(
                fn (Box $box): Path => Path::rectangle($box, $layer->length('plateRounding', $at, $box->shorter())), $boxes,
            ))),
            $matrix,
            $layer->colour('plate', $at),
        )];
    }
}
