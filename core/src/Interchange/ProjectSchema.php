<?php

declare(strict_types=1);

namespace Ricamo\Core\Interchange;

use Ricamo\Core\Animation\Pin;
use Ricamo\Core\Cascade\PlacedCascade;
use Ricamo\Core\Cascade\Role;
use Ricamo\Core\Cascade\Units;
use Ricamo\Core\Display\Blend;
use Ricamo\Core\Display\Join;
use Ricamo\Core\Display\MaskMode;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Dye;
use Ricamo\Core\Document\Exposure;
use Ricamo\Core\Document\Kept;
use Ricamo\Core\Document\LayerKind;
use Ricamo\Core\Document\Markers;
use Ricamo\Core\Document\Motion;
use Ricamo\Core\Document\PlacedGuide;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Document\Shutter;
use Ricamo\Core\Document\Switches;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\Effects;
use Ricamo\Core\Effect\PlacedEffect;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Kind\LayerKinds;
use Ricamo\Core\Layout\Fitting;
use Ricamo\Core\Line\BrushForm;
use Ricamo\Core\Line\OutlineSide;
use Ricamo\Core\Line\PlacedBrush;
use Ricamo\Core\Line\PlacedOutline;
use Ricamo\Core\Mask\MaskBy;
use Ricamo\Core\Mask\MaskForm;
use Ricamo\Core\Mask\PlacedMask;
use Ricamo\Core\Move\Accent;
use Ricamo\Core\Move\Accents;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Moves;
use Ricamo\Core\Move\Phase;
use Ricamo\Core\Move\PlacedAccent;
use Ricamo\Core\Paint\GradientForm;
use Ricamo\Core\Paint\Painted;
use Ricamo\Core\Paint\PlacedGradient;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Property\Attached;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Value\Type\ColourType;

/** The JSON Schema (draft 2020-12) of project files, made from the same definitions by which they are read. */
final class ProjectSchema
{
    private const PAIR = ['type' => 'array', 'items' => ['type' => 'number'], 'minItems' => 2, 'maxItems' => 2];

    private const RATE = [
        'description' => 'frames a second: "25", "30000/1001", or a whole number',
        'anyOf' => [
            ['type' => 'string', 'pattern' => '^[0-9]{1,9}(/[0-9]{1,9})?$'], ['type' => 'integer', 'minimum' => 1, 'maximum' => 1000],
        ],
    ];

    private AnimatedSchemas $animated;

    private function __construct()
    {
        $this->animated = new AnimatedSchemas;
    }

    /** @return array<string, mixed> */
    public static function make(): array
    {
        return (new self)->project();
    }

    /** @return array<string, mixed> */
    private function project(): array
    {
        $kinds = [];
        foreach (LayerKinds::all() as $name => $kind) {
            $kinds[ucfirst($name).'Layer'] = $this->layer($kind);
        }

        $schema = [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            'title' => 'ProjectFile',
            'description' => 'A Ricamo project, version '.Project::VERSION,
            ...$this->object([
                'format' => ['const' => Project::FORMAT],
                'version' => ['const' => Project::VERSION],
                'name' => $this->name(200),
                'media' => ['type' => 'array', 'items' => ['$ref' => '#/$defs/MediaFile']],
                'compositions' => ['type' => 'array', 'minItems' => 1, 'items' => ['$ref' => '#/$defs/Composition']],
                'swatches' => ['type' => 'array', 'maxItems' => Kept::MOST, 'items' => ['$ref' => '#/$defs/Swatch']],
                'looks' => [
                    'description' => 'effects that are kept at hand by name',
                    'type' => 'array',
                    'maxItems' => Kept::MOST,
                    'items' => $this->object(
                        [
                            'name' => $this->name(200),
                            'effects' => [
                                'type' => 'array',
                                'minItems' => 1,
                                'maxItems' => PlacedEffect::MOST,
                                'items' => ['$ref' => '#/$defs/Effect'],
                            ],
                        ],
                        ['name', 'effects'],
                    ),
                ],
                'motions' => [
                    'description' => 'moves that are kept at hand by name, relative to where a layer rests',
                    'type' => 'array',
                    'maxItems' => Kept::MOST,
                    'items' => $this->object(['name' => $this->name(200), 'motion' => ['$ref' => '#/$defs/Motion']], ['name', 'motion']),
                ],
                'curves' => [
                    'type' => 'array',
                    'maxItems' => Kept::MOST,
                    'items' => $this->object(['name' => $this->name(200), 'easing' => ['$ref' => '#/$defs/Easing']], ['name', 'easing']),
                ],
            ], ['format', 'version', 'name', 'compositions']),
        ];
        $defs = [
            'MediaFile' => $this->object([
                'id' => $this->name(64),
                'name' => $this->name(200),
                'file' => ['description' => 'relative to the project file', ...$this->name(500)],
                'hash' => [
                    'description' => 'SHA-256 of its content, by which a server knows that it has it',
                    'type' => 'string',
                    'pattern' => '^[0-9a-f]{64}$',
                ],
                'folder' => ['description' => 'the folder that it is filed in', ...$this->name(100)],
            ], ['id', 'file']),
            'Swatch' => $this->object(['name' => $this->name(200), 'colour' => ColourType::SCHEMA], ['name', 'colour']),
            'Composition' => $this->composition(array_keys($kinds)),
            ...$kinds,
            'Easing' => [
                'type' => 'string',
                'description' => 'linear, hold, jump, glide, ease-in(s%), ease-out(s%) or ease-in-out(s%) with a strength, cubic-bezier(x1, y1, x2, y2), or a family and a direction such as cubic-out',
            ],
            'Bend' => [
                'description' => 'the handles of the motion path at a keyframe, as distances from it in pixels',
                ...$this->object(['arrive' => self::PAIR, 'leave' => self::PAIR], []),
            ],
            'Effect' => ['anyOf' => array_map($this->effect(...), array_values(Effects::all()))],
            'Gradient' => ['anyOf' => array_map($this->gradient(...), GradientForm::cases())],
            'Mask' => ['anyOf' => array_map($this->mask(...), MaskForm::cases())],
            'Cascade' => $this->cascade(),
            'Brush' => ['anyOf' => array_map($this->brush(...), BrushForm::cases())],
            'Phase' => $this->phase(),
            'Accent' => ['anyOf' => array_map($this->accent(...), array_values(Accents::all()))],
            'Outline' => $this->attached(new PlacedOutline('o1'), [
                'id' => ['type' => 'string', 'pattern' => '^o[0-9]{1,6}$'], 'side' => $this->choice(array_column(OutlineSide::cases(), 'value')), 'join' => $this->choice(array_column(Join::cases(), 'value')), 'on' => ['type' => 'boolean']], ['id']),
            'Shutter' => Shutter::schema(),
            'Blend' => $this->choice(array_column(Blend::cases(), 'value')),
            'Label' => $this->choice(array_column(Dye::cases(), 'value')),
            'Motion' => ['minProperties' => 1, ...$this->object(array_map($this->property(...), Motion::definitions()), [])],
            'Pin' => $this->choice(array_column(Pin::cases(), 'value')),
        ];

        // Last, when all that has keyframes has been asked for.
        return [...$schema, '$defs' => [...$defs, ...$this->animated->all()]];
    }

    /**
     * @param  list<string>  $layers
     * @return array<string, mixed>
     */
    private function composition(array $layers): array
    {
        return $this->object([
            'id' => $this->name(64),
            'name' => $this->name(200),
            'width' => $this->count(2, 8192),
            'height' => $this->count(2, 8192),
            'rate' => self::RATE,
            'length' => $this->count(1, Composition::LONGEST),
            'background' => ['anyOf' => [ColourType::SCHEMA, ['const' => 'transparent']]],
            'markers' => $this->markers(0, Composition::LONGEST - 1),
            'alone' => [
                'description' => 'the ids of layers that are looked at by themselves; where there are none, all are shown',
                'type' => 'array', 'maxItems' => 2000, 'items' => ['type' => 'string', 'maxLength' => 64],
            ],
            'guides' => ['type' => 'array', 'maxItems' => PlacedGuide::MOST, 'items' => Fields::of(PlacedGuide::class)->schema()],
            'shutter' => ['description' => 'how frames are exposed, where layers have motion blur', '$ref' => '#/$defs/Shutter'],
            'layers' => [
                'description' => 'from the bottom of the stack to the top',
                'type' => 'array',
                'items' => ['anyOf' => array_map(fn (string $name): array => ['$ref' => "#/\$defs/$name"], $layers)],
            ],
        ], ['id', 'name', 'width', 'height', 'rate', 'length']);
    }

    /** @return array<string, mixed> */
    private function markers(int $first, int $last): array
    {
        return ['type' => 'array', 'maxItems' => Markers::MOST, 'items' => $this->object([
            'frame' => $this->count($first, $last),
            'name' => ['type' => 'string', 'maxLength' => 200],
            'label' => ['$ref' => '#/$defs/Label'],
        ], ['frame'])];
    }

    /** @return array<string, mixed> */
    private function layer(LayerKind $kind): array
    {
        return $this->object([
            'id' => ['type' => 'string', 'pattern' => '^[A-Za-z0-9_-]{1,64}$'],
            'kind' => ['const' => $kind->name()],
            'name' => $this->name(200),
            'in' => $this->count(-Composition::LONGEST, Composition::LONGEST),
            'out' => $this->count(-Composition::LONGEST, 2 * Composition::LONGEST),
            'group' => ['description' => 'the id of the group that it is in', 'type' => 'string', 'pattern' => '^[A-Za-z0-9_-]{1,64}$'],
            ...Fields::of(Switches::class)->properties(),
            ...Fields::of(Exposure::class)->properties(),
            'accents' => ['type' => 'array', 'maxItems' => PlacedAccent::MOST, 'items' => ['$ref' => '#/$defs/Accent']],
            'effects' => [
                'description' => 'in the order in which they are done',
                'type' => 'array',
                'maxItems' => PlacedEffect::MOST,
                'items' => ['$ref' => '#/$defs/Effect'],
            ],
            'masks' => ['type' => 'array', 'maxItems' => PlacedMask::MOST, 'items' => ['$ref' => '#/$defs/Mask']],
            ...(isset($kind->properties()['outline']) ? ['gradients' => ['description' => 'in the place of the colours of its fill and its outline', 'type' => 'array', 'maxItems' => PlacedGradient::MOST, 'items' => ['$ref' => '#/$defs/Gradient']], 'brush' => ['description' => 'that its outline is drawn with', '$ref' => '#/$defs/Brush'], 'outlines' => ['description' => 'more of them, the first outermost', 'type' => 'array', 'maxItems' => PlacedOutline::MOST, 'items' => ['$ref' => '#/$defs/Outline']]] : []),
            ...($kind->units() === [] ? [] : ['cascades' => ['description' => 'animations that are spread over what it consists of', 'type' => 'array', 'maxItems' => PlacedCascade::MOST, 'items' => ['$ref' => '#/$defs/Cascade']]]),
            'arrive' => ['$ref' => '#/$defs/Phase'],
            'leave' => ['anyOf' => [['$ref' => '#/$defs/Phase'], $this->object(['mirror' => ['const' => true]], ['mirror'])]],
            'markers' => ['description' => 'counted from the in point', ...$this->markers(-Composition::LONGEST, 2 * Composition::LONGEST)],
            ...$kind->contentSchema(),
            ...array_map($this->property(...), $kind->properties()),
        ], ['id', 'kind', 'name', 'in', 'out', ...$kind->requiredContent()]);
    }

    /** @return array<string, mixed> */
    private function property(PropertyDefinition $definition): array
    {
        return $this->animated->of($definition);
    }

    /** @return array<string, mixed> */
    private function effect(Effect $effect): array
    {
        return $this->attached(
            new PlacedEffect('e1', $effect),
            ['id' => $this->name(8), 'effect' => ['const' => $effect->name()], 'on' => ['type' => 'boolean']],
            ['id', 'effect'],
        );
    }

    /** @return array<string, mixed> */
    private function mask(MaskForm $form): array
    {
        $fields = [
            'id' => $this->name(8),
            'form' => ['const' => $form->value],
            'mode' => ['description' => 'what it does to those before it', ...$this->choice(array_column(MaskMode::cases(), 'value'))],
            'inverted' => ['type' => 'boolean'],
            'on' => ['type' => 'boolean'],
            ...($form === MaskForm::Layer
                ? ['layer' => $this->name(64), 'by' => $this->choice(array_column(MaskBy::cases(), 'value'))]
                : ['fixed' => ['description' => 'whether it stays where it is in the frame, however the layer moves', 'type' => 'boolean']]),
        ];

        return $this->attached(new PlacedMask('m1', $form), $fields, match ($form) {
            MaskForm::Layer => ['id', 'form', 'layer'],
            default => ['id', 'form'],
        });
    }

    /** @return array<string, mixed> */
    private function brush(BrushForm $form): array
    {
        $own = $form !== BrushForm::Own ? [] : [
            'mark' => ['description' => 'SVG path data of any size', 'type' => 'string', 'maxLength' => Contours::LONGEST],
            'media' => ['description' => 'a picture or a clip in its place', 'type' => 'string', 'maxLength' => 64],
        ];

        return $this->attached(
            new PlacedBrush($form),
            ['id' => ['const' => PlacedBrush::ID], 'form' => ['const' => $form->value], 'on' => ['type' => 'boolean'], ...$own],
            ['form'],
        );
    }

    /** @return array<string, mixed> */
    private function cascade(): array
    {
        [$own, $mirror] = [PlacedCascade::described(false), PlacedCascade::described(true)];

        return ['anyOf' => [
            $this->attached(new PlacedCascade('c1', Role::Arrive, Units::Letters, 1), $own->properties(), $own->required()),
            $this->object($mirror->properties(), ['id', 'mirrors']),
        ]];
    }

    /** @return array<string, mixed> */
    private function gradient(GradientForm $form): array
    {
        // With as many stops as there can be; fewer are read.
        $stops = $form === GradientForm::Picture
            ? [
                'media' => $this->name(64),
                'composition' => ['description' => 'the id of another one, in the place of media', ...$this->name(64)],
                'fitting' => $this->choice(array_column(Fitting::cases(), 'value')),
            ]
            : [];
        $stops += in_array($form, [GradientForm::Corners, GradientForm::Picture], true) ? [] : ['stops' => $this->count(
            PlacedGradient::LEAST_STOPS, PlacedGradient::MOST_STOPS,
        )];

        return $this->attached(new PlacedGradient(Painted::fill(), $form, PlacedGradient::MOST_STOPS), [
            'of' => ['type' => 'string', 'pattern' => Painted::PATTERN], 'form' => ['const' => $form->value], ...$stops,
        ], ['of', 'form']);
    }

    /**
     * @param  array<string, mixed>  $fields
     * @param  list<string>  $required
     * @return array<string, mixed>
     */
    private function attached(Attached $one, array $fields, array $required): array
    {
        return $this->object([...$fields, ...array_map($this->property(...), array_column($one->settings(), null, 'name'))], $required);
    }

    /** @return array<string, mixed> */
    private function accent(Accent $accent): array
    {
        return $this->object([
            'accent' => ['const' => $accent->name()],
            'at' => ['description' => 'counted from the in point', ...$this->count(-Phase::LONGEST, 10 * Phase::LONGEST)],
            'length' => $this->count(1, Phase::LONGEST),
            ...$this->settings($accent->settings()),
        ], ['accent', 'at', 'length']);
    }

    /**
     * @param  list<PropertyDefinition>  $definitions
     * @return array<string, mixed>
     */
    private function settings(array $definitions): array
    {
        return array_combine(
            array_map(fn (PropertyDefinition $one): string => $one->name, $definitions),
            array_map(fn (PropertyDefinition $one): array => $one->type->schema($one->least, $one->most), $definitions),
        );
    }

    /** @return array<string, mixed> */
    private function phase(): array
    {
        $moves = array_map(fn (Move $move): array => $this->object([
            'move' => ['const' => $move->name()],
            ...$this->settings($move->settings()),
        ], ['move']), array_values(Moves::all()));

        return [
            'description' => 'how a layer arrives or leaves',
            ...$this->object([
                'length' => $this->count(1, Phase::LONGEST),
                'easing' => ['$ref' => '#/$defs/Easing'],
                'moves' => ['type' => 'array', 'minItems' => 1, 'items' => ['anyOf' => $moves]],
                'begun' => [
                    'description' => 'frames of it that lie beyond the end, because the layer was cut there',
                    ...$this->count(0, Phase::LONGEST),
                ],
            ], ['length', 'moves']),
        ];
    }

    /**
     * @param  array<string, mixed>  $properties
     * @param  list<string>  $required
     * @return array<string, mixed>
     */
    private function object(array $properties, array $required): array
    {
        return ['type' => 'object', 'properties' => $properties, 'required' => $required, 'additionalProperties' => false];
    }

    /** @return array<string, mixed> */
    private function name(int $longest): array
    {
        return ['type' => 'string', 'minLength' => 1, 'maxLength' => $longest];
    }

    /** @return array<string, mixed> */
    private function count(int $least, int $most): array
    {
        return ['type' => 'integer', 'minimum' => $least, 'maximum' => $most];
    }

    /**
     * @param  list<string>  $values
     * @return array<string, mixed>
     */
    private function choice(array $values): array
    {
        return ['type' => 'string', 'enum' => $values];
    }
}
