<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Shape;

use Ricamo\Core\Cascade\Units;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Document\Ability;
use Ricamo\Core\Document\LayerKind;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\DrawnKind;
use Ricamo\Core\Kind\Materials;
use Ricamo\Core\Kind\Outlined;
use Ricamo\Core\Kind\PaintedPictures;
use Ricamo\Core\Line\LineEnds;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\Section;
use Ricamo\Core\Value\Type\ColourType;

/** A form around the layer's origin. It is there to be stretched, so its two scales are not linked. */
final class ShapeKind extends LayerKind implements DrawnKind
{
    public function name(): string
    {
        return 'shape';
    }

    public function linksScale(): bool
    {
        return false;
    }

    public function units(): array
    {
        return [Units::Repeats];
    }

    protected function ownAbilities(): array
    {
        return [Ability::Combines, Ability::Marks, Ability::Frames, Ability::TakesMedia];
    }

    protected function ownProperties(): array
    {
        return [
            ...Formed::properties(new Size(480, 120)),
            new PropertyDefinition('fill', new ColourType, Colour::parse('#2f5d50'), title: 'Fill', section: Section::Form),
            ...Outlined::properties(Section::Form),
            LineEnds::size(),
            ...Repeats::properties(),
        ];
    }

    public function readContent(Node $layer): ShapeContent
    {
        return new ShapeContent(
            $layer->field('form')->enum(ShapeForm::class),
            LineEnds::read($layer),
            array_map(fn (Node $one): float => $one->number(0, 1000), $layer->optional('widths')?->items(ShapeContent::MOST_WIDTHS) ?? []),
        );
    }

    public function contentSchema(): array
    {
        return [
            'form' => ['type' => 'string', 'enum' => array_column(ShapeForm::cases(), 'value')],
            ...LineEnds::schema(),
            'widths' => [
                'description' => 'of its outline evenly along it, in per cent',
                'type' => 'array',
                'maxItems' => ShapeContent::MOST_WIDTHS,
                'items' => ['type' => 'number', 'minimum' => 0, 'maximum' => 1000],
            ],
        ];
    }

    public function requiredContent(): array
    {
        return ['form'];
    }

    public function newName(Node $layer, MediaLibrary $media): string
    {
        return $layer->field('form')->enum(ShapeForm::class)->title();
    }

    public function artist(Materials $materials): ShapeArtist
    {
        return new ShapeArtist(new PaintedPictures($materials));
    }
}
