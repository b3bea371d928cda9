<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Shape;

use Ricamo\Core\Cascade\Units;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Document\Ability;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\LayerKind;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Geometry\Point;
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

    /** One that is repeated is scaled as a whole, its gaps as well. */
    public function pulls(Layer $layer, int|float $at): string
    {
        return Repeats::isOne($layer, $at) ? Formed::pulls(self::content($layer)->form) : parent::pulls($layer, $at);
    }

    public function sized(Layer $layer, int|float $at, Point $to, Point $moved): array
    {
        return Formed::sized(self::content($layer)->form, $layer, $at, $to, $moved);
    }

    public function drawn(Node $layer, Point $from, Point $to): array
    {
        return [...parent::drawn($layer, $from, $to), ...Formed::drawn($layer->field('form')->enum(ShapeForm::class), $from, $to)];
    }

    /** A line goes by steps of 45°. */
    public function evened(Node $layer, Point $by): Point
    {
        if ($layer->field('form')->enum(ShapeForm::class) !== ShapeForm::Line) {
            return parent::evened($layer, $by);
        }
        $angle = deg2rad(round(rad2deg(atan2($by->y, $by->x)) / 45) * 45);

        return (new Point(cos($angle), sin($angle)))->times(hypot($by->x, $by->y));
    }

    private static function content(Layer $layer): ShapeContent
    {
        assert($layer->content instanceof ShapeContent);

        return $layer->content;
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
