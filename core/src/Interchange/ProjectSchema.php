<?php

declare(strict_types=1);

namespace Ricamo\Core\Interchange;

use Ricamo\Core\Animation\Bend;
use Ricamo\Core\Animation\Easing\Easings;
use Ricamo\Core\Animation\Pin;
use Ricamo\Core\Cascade\PlacedCascade;
use Ricamo\Core\Cascade\Role;
use Ricamo\Core\Cascade\Units;
use Ricamo\Core\Display\Blend;
use Ricamo\Core\Document\Attachments;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Dye;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\LayerKind;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\Motion;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Document\Shutter;
use Ricamo\Core\Document\Swatch;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\Effects;
use Ricamo\Core\Effect\PlacedEffect;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Kind\LayerKinds;
use Ricamo\Core\Line\BrushForm;
use Ricamo\Core\Line\PlacedBrush;
use Ricamo\Core\Line\PlacedOutline;
use Ricamo\Core\Mask\MaskForm;
use Ricamo\Core\Mask\PlacedMask;
use Ricamo\Core\Move\Phase;
use Ricamo\Core\Move\PlacedAccent;
use Ricamo\Core\Paint\GradientForm;
use Ricamo\Core\Paint\Painted;
use Ricamo\Core\Paint\PlacedGradient;
use Ricamo\Core\Patch\PlacedPatchwork;
use Ricamo\Core\Property\Attached;
use Ricamo\Core\Property\PropertyDefinition;

/** The JSON Schema (draft 2020-12) of project files, made from the same definitions by which they are read. */
final class ProjectSchema
{
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
            $kinds[Layer::definitionOf($name)] = $this->layer($kind);
        }

        $schema = [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            'title' => 'ProjectFile',
            'description' => 'A Ricamo project, version '.Project::VERSION,
            ...Project::described()->schema(),
        ];
        $defs = [
            'MediaFile' => Fields::of(Media::class)->schema(),
            'Swatch' => Fields::of(Swatch::class)->schema(),
            'Composition' => Fields::of(Composition::class)->schema(),
            ...$kinds,
            'Easing' => Easings::schema(),
            'Bend' => [
                'description' => 'the handles of the motion path at a keyframe, as distances from it in pixels',
                ...Fields::of(Bend::class)->schema(),
            ],
            'Effect' => $this->attached(array_map(
                fn (Effect $one): Attached => new PlacedEffect('e1', $one), array_values(Effects::all()),
            )),
            // With as many stops as there can be; fewer are read.
            'Gradient' => $this->attached(array_map(
                fn (GradientForm $form): Attached => new PlacedGradient(Painted::fill(), $form, PlacedGradient::MOST_STOPS),
                GradientForm::cases(),
            )),
            'Mask' => $this->attached(array_map(fn (MaskForm $form): Attached => new PlacedMask('m1', $form), MaskForm::cases())),
            'Cascade' => $this->attached([
                new PlacedCascade('c1', Role::Arrive, Units::Letters, 1),
                new PlacedCascade('c1', Role::Leave, Units::Letters, 1, mirrors: 'c2'),
            ]),
            'Brush' => $this->attached(array_map(fn (BrushForm $form): Attached => new PlacedBrush($form), BrushForm::cases())),
            'Outline' => $this->attached([new PlacedOutline('o1')]),
            'Patchwork' => $this->attached([new PlacedPatchwork]),
            'Phase' => Phase::schema(),
            'Leaving' => ['anyOf' => [['$ref' => '#/$defs/Phase'], $this->object(['mirror' => ['const' => true]], ['mirror'])]],
            'Accent' => PlacedAccent::schema(),
            'Shutter' => Fields::of(Shutter::class)->schema(),
            'Blend' => ['type' => 'string', 'enum' => array_column(Blend::cases(), 'value')],
            'Label' => ['type' => 'string', 'enum' => array_column(Dye::cases(), 'value')],
            'Motion' => ['minProperties' => 1, ...$this->object(array_map($this->property(...), Motion::definitions()), [])],
            'Pin' => ['type' => 'string', 'enum' => array_column(Pin::cases(), 'value')],
        ];

        // Last, when all that has keyframes has been asked for.
        return [...$schema, '$defs' => [...$defs, ...$this->animated->all()]];
    }

    /** @return array<string, mixed> */
    private function layer(LayerKind $kind): array
    {
        $own = Fields::of(Layer::class)->fixing(['kind' => $kind->name()]);

        return $this->object([
            ...$own->properties(), ...Attachments::described($kind)->properties(), ...$kind->contentSchema(),
            ...array_map($this->property(...), $kind->properties()),
        ], [...$own->required(), ...$kind->requiredContent()]);
    }

    /** @return array<string, mixed> */
    private function property(PropertyDefinition $definition): array
    {
        return $this->animated->of($definition);
    }

    /**
     * @param  iterable<Attached>  $forms  one of each
     * @return array<string, mixed>
     */
    private function attached(iterable $forms): array
    {
        $any = [];
        foreach ($forms as $one) {
            $settings = array_map($this->property(...), array_column($one->settings(), null, 'name'));
            $any[] = $this->object([...$one->fields()->properties(), ...$settings], $one->fields()->required());
        }

        return count($any) === 1 ? $any[0] : ['anyOf' => $any];
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
}
