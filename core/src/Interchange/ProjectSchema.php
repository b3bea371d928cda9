<?php

namespace Ricamo\Core\Interchange;

use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Animation\Pin;
use Ricamo\Core\Animation\ValueType;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Content\Alignment;
use Ricamo\Core\Document\Content\ShapeForm;
use Ricamo\Core\Document\Dye;
use Ricamo\Core\Document\LayerKind;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Document\PropertyDefinition;

/** The JSON Schema (draft 2020-12) of project files, made from the same definitions by which they are read. */
final class ProjectSchema
{
    private const COLOUR = ['type' => 'string', 'pattern' => '^#[0-9a-fA-F]{6}([0-9a-fA-F]{2})?$'];

    private const RATE = ['type' => 'string', 'pattern' => '^[0-9]{1,9}(/[0-9]{1,9})?$'];

    /** @return array<string, mixed> */
    public static function make(): array
    {
        $kinds = [];
        foreach (LayerKind::cases() as $kind) {
            $kinds[ucfirst($kind->value).'Layer'] = self::layer($kind);
        }

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            'title' => 'ProjectFile',
            'description' => 'A Ricamo project, version '.Project::VERSION,
            ...self::object([
                'format' => ['const' => Project::FORMAT],
                'version' => ['const' => Project::VERSION],
                'name' => self::name(200),
                'media' => ['type' => 'array', 'items' => ['$ref' => '#/$defs/MediaFile']],
                'compositions' => ['type' => 'array', 'minItems' => 1, 'items' => ['$ref' => '#/$defs/Composition']],
            ], ['format', 'version', 'name', 'compositions']),
            '$defs' => [
                'MediaFile' => self::object([
                    'id' => self::name(64),
                    'name' => self::name(200),
                    'file' => ['description' => 'relative to the project file', ...self::name(500)],
                ], ['id', 'file']),
                'Composition' => self::composition(array_keys($kinds)),
                ...$kinds,
                'Easing' => ['type' => 'string', 'description' => 'linear, hold, cubic-bezier(x1, y1, x2, y2), or a family and a direction such as cubic-out'],
                'Pin' => self::choice(array_column(Pin::cases(), 'value')),
            ],
        ];
    }

    /**
     * @param  list<string>  $layers
     * @return array<string, mixed>
     */
    private static function composition(array $layers): array
    {
        return self::object([
            'id' => self::name(64),
            'name' => self::name(200),
            'width' => self::whole(2, 8192),
            'height' => self::whole(2, 8192),
            'rate' => self::RATE,
            'length' => self::whole(1, Composition::LONGEST),
            'background' => ['anyOf' => [self::COLOUR, ['const' => 'transparent']]],
            'layers' => [
                'description' => 'from the bottom of the stack to the top',
                'type' => 'array',
                'items' => ['anyOf' => array_map(fn (string $name): array => ['$ref' => "#/\$defs/$name"], $layers)],
            ],
        ], ['id', 'name', 'width', 'height', 'rate', 'length']);
    }

    /** @return array<string, mixed> */
    private static function layer(LayerKind $kind): array
    {
        [$content, $required] = match ($kind) {
            LayerKind::Footage => [['media' => self::name(64), 'from' => self::whole(0, 100_000_000), 'sound' => ['type' => 'boolean']], ['media']],
            LayerKind::Shape => [['form' => self::choice(array_column(ShapeForm::cases(), 'value'))], ['form']],
            LayerKind::Text => [[
                'text' => ['type' => 'string', 'maxLength' => 5000],
                'font' => ['type' => 'string', 'pattern' => '^[a-z0-9][a-z0-9-]{0,63}$'],
                'align' => self::choice(array_column(Alignment::cases(), 'value')),
            ], ['text']],
        };

        return self::object([
            'id' => ['type' => 'string', 'pattern' => '^[A-Za-z0-9_-]{1,64}$'],
            'kind' => ['const' => $kind->value],
            'name' => self::name(200),
            'in' => self::whole(-Composition::LONGEST, Composition::LONGEST),
            'out' => self::whole(-Composition::LONGEST, 2 * Composition::LONGEST),
            'visible' => ['type' => 'boolean'],
            'scaleLinked' => ['type' => 'boolean'],
            'label' => self::choice(array_column(Dye::cases(), 'value')),
            ...$content,
            ...array_map(self::property(...), $kind->properties()),
        ], ['id', 'kind', 'name', 'in', 'out', ...$required]);
    }

    /** @return array<string, mixed> */
    private static function property(PropertyDefinition $definition): array
    {
        $value = self::value($definition);

        return ['anyOf' => [$value, self::object(['keyframes' => [
            'type' => 'array',
            'minItems' => 1,
            'items' => self::object([
                'at' => self::whole(-Keyframe::FARTHEST, Keyframe::FARTHEST),
                'value' => $value,
                'easing' => ['$ref' => '#/$defs/Easing'],
                'pin' => ['$ref' => '#/$defs/Pin'],
            ], ['at', 'value']),
        ]], ['keyframes'])]];
    }

    /** @return array<string, mixed> */
    private static function value(PropertyDefinition $definition): array
    {
        $number = ['type' => 'number', ...array_filter(
            ['minimum' => $definition->least, 'maximum' => $definition->most],
            fn (?float $limit): bool => $limit !== null,
        )];

        return match ($definition->type) {
            ValueType::Number, ValueType::Angle => $number,
            ValueType::Point, ValueType::Size => ['type' => 'array', 'items' => $number, 'minItems' => 2, 'maxItems' => 2],
            ValueType::Colour => self::COLOUR,
            ValueType::Flag => ['type' => 'boolean'],
        };
    }

    /**
     * @param  array<string, mixed>  $properties
     * @param  list<string>  $required
     * @return array<string, mixed>
     */
    private static function object(array $properties, array $required): array
    {
        return ['type' => 'object', 'properties' => $properties, 'required' => $required, 'additionalProperties' => false];
    }

    /** @return array<string, mixed> */
    private static function name(int $longest): array
    {
        return ['type' => 'string', 'minLength' => 1, 'maxLength' => $longest];
    }

    /** @return array<string, mixed> */
    private static function whole(int $least, int $most): array
    {
        return ['type' => 'integer', 'minimum' => $least, 'maximum' => $most];
    }

    /**
     * @param  list<string>  $values
     * @return array<string, mixed>
     */
    private static function choice(array $values): array
    {
        return ['type' => 'string', 'enum' => $values];
    }
}
