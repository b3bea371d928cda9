<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Text;

use Ricamo\Core\Cascade\Units;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Document\Ability;
use Ricamo\Core\Document\LayerKind;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\DrawnKind;
use Ricamo\Core\Kind\Materials;
use Ricamo\Core\Kind\Outlined;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\Section;
use Ricamo\Core\Refusal;
use Ricamo\Core\Text\FontFeature;
use Ricamo\Core\Text\Language;
use Ricamo\Core\Text\WordStyle;
use Ricamo\Core\Text\WordStyles;
use Ricamo\Core\Value\Face;
use Ricamo\Core\Value\Type\ColourType;
use Ricamo\Core\Value\Type\FaceType;
use Ricamo\Core\Value\Type\FlagType;
use Ricamo\Core\Value\Type\NumberType;
use Ricamo\Core\Value\Type\PathType;

/** Words. */
final class TextKind extends LayerKind implements DrawnKind
{
    public function name(): string
    {
        return 'text';
    }

    public function linksScale(): bool
    {
        return true;
    }

    public function units(): array
    {
        return [Units::Letters, Units::Words, Units::Lines];
    }

    protected function ownAbilities(): array
    {
        return [Ability::Written, Ability::TakesMedia];
    }

    protected function ownProperties(): array
    {
        return [
            new PropertyDefinition('typeface', new FaceType, '', title: 'Typeface', section: Section::Type, rare: true),
            new PropertyDefinition('typeSize', new NumberType, 72.0, 1, 4000, 'Type size', Section::Type, 'px', isFactor: true),
            new PropertyDefinition('fill', new ColourType, Colour::parse('#f3e3c3'), title: 'Fill', section: Section::Type),
            new PropertyDefinition('tracking', new NumberType, 0.0, -500, 5000, 'Tracking', Section::Type, '‰ em'),
            new PropertyDefinition('leading', new NumberType, 120.0, 10, 1000, 'Leading', Section::Type, '%'),
            ...Outlined::properties(Section::Type),
            new PropertyDefinition(
                'boxWidth', new NumberType, 0.0, 0, 100_000, 'Box width', Section::Type, 'px', rare: true, isFactor: true,
                leastCalled: 'free',
            ),
            new PropertyDefinition('fitBox', new FlagType, false, title: 'Shrink to fit', section: Section::Type, rare: true),
            new PropertyDefinition('number', new NumberType, 0.0, -1e12, 1e12, 'Number', Section::Type, rare: true),
            new PropertyDefinition('path', new PathType, new Contours([]), title: 'Path', section: Section::Type, rare: true),
            new PropertyDefinition('pathOffset', new NumberType, 0.0, -100_000, 100_000, 'Along path', Section::Type, '%', rare: true),
            ...Plate::properties(),
            ...FontAxes::properties(),
        ];
    }

    /** @throws Refusal for what is none */
    public function readContent(Node $layer): TextContent
    {
        $font = $layer->optional('font');
        if ($font !== null && ! preg_match('/'.Face::ID.'/', $font->string())) {
            $font->refuse(json_encode($font->value).' is not the id of a font');
        }

        return new TextContent(
            str_replace(["\r\n", "\r"], "\n", $layer->field('text')->string(TextContent::LONGEST)),
            $font?->string() ?? TextContent::DEFAULT_FONT,
            $layer->optional('align')?->enum(Alignment::class) ?? Alignment::Left,
            $layer->optional('fontMedia')?->name(64),
            array_map(fn (Node $one): FontFeature => $one->enum(FontFeature::class), $layer->optional('features')?->items(20) ?? []),
            $layer->optional('counts') === null ? null : Counting::read($layer->field('counts')),
            WordStyles::read($layer->optional('styles')),
            $layer->optional('hyphens')?->enum(Language::class),
            $layer->optional('down')?->bool() ?? false,
        );
    }

    public function contentSchema(): array
    {
        return [
            'text' => ['type' => 'string', 'maxLength' => TextContent::LONGEST],
            'font' => ['type' => 'string', 'pattern' => Face::ID],
            'fontMedia' => [
                'description' => 'the media that are the font, instead of one that ships with the project',
                'type' => 'string',
                'minLength' => 1,
                'maxLength' => 64,
            ],
            'align' => ['type' => 'string', 'enum' => array_column(Alignment::cases(), 'value')],
            'features' => [
                'description' => 'what of the font is used, or not',
                'type' => 'array',
                'maxItems' => 20,
                'items' => ['type' => 'string', 'enum' => array_column(FontFeature::cases(), 'value')],
            ],
            'counts' => Counting::schema(),
            'down' => [
                'description' => 'whether lines run from top to bottom, the next at the left of the one before', 'type' => 'boolean',
            ],
            'hyphens' => [
                'description' => 'the language in which words are parted at the ends of lines',
                'type' => 'string',
                'enum' => array_column(Language::cases(), 'value'),
            ],
            'styles' => [
                'description' => 'in which some characters are set, none over another',
                'type' => 'array',
                'maxItems' => WordStyle::MOST,
                'items' => WordStyle::schema(),
            ],
        ];
    }

    public function requiredContent(): array
    {
        return ['text'];
    }

    public function newName(Node $layer, MediaLibrary $media): string
    {
        return mb_substr(trim(strtok($layer->field('text')->string(TextContent::LONGEST), "\n") ?: ''), 0, 60) ?: 'Text';
    }

    /** A box in which lines break; how high it is, its words say. */
    public function drawn(Node $layer, Point $from, Point $to): array
    {
        [$left, $right] = [min($from->x, $to->x), max($from->x, $to->x)];
        $x = match ($layer->optional('align')?->enum(Alignment::class) ?? Alignment::Left) {
            Alignment::Left => $left,
            Alignment::Centre => ($left + $right) / 2,
            Alignment::Right => $right,
        };

        return ['boxWidth' => $right - $left, 'position' => [$x, min($from->y, $to->y)]];
    }

    /** A word, set in the font. */
    public function madeOf(Media $media, ?Point $position): ?array
    {
        return $media->known()->font === null ? null : [
            'text' => 'Words',
            'typeSize' => 96,
            'align' => Alignment::Centre->value,
            'fontMedia' => $media->id,
            ...($position === null ? [] : ['position' => [$position->x, $position->y]]),
        ];
    }

    public function artist(Materials $materials): TextArtist
    {
        return new TextArtist($materials);
    }
}
