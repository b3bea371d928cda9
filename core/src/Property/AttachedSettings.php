<?php

declare(strict_types=1);

namespace Ricamo\Core\Property;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** How the settings of what a layer has stand among the layer's properties, and in documents within it. */
final class AttachedSettings
{
    /** @return array<string, PropertyDefinition> by the names that the layer knows them by */
    public static function definitions(Attached ...$all): array
    {
        $definitions = [];
        foreach ($all as $one) {
            foreach ($one->settings() as $setting) {
                $name = "{$one->id()}.{$setting->name}";
                $definitions[$name] = new PropertyDefinition(
                    $name, $setting->type, $setting->default, $setting->least, $setting->most,
                    "{$setting->title} · ".lcfirst($one->title()), $one->section(), $setting->unit, $setting->step,
                    isFactor: $setting->isFactor,
                );
            }
        }

        return $definitions;
    }

    /**
     * Reads a list of attached things with their settings.
     *
     * @template T of Attached
     *
     * @param  callable(Node): T  $read
     * @param  ?callable(Node): Node  $converted  what one comes to that was written earlier
     * @return array{list<T>, array<string, Property>} the things, and their settings as properties of the layer
     *
     * @throws Refusal for what is none
     */
    public static function read(?Node $list, int $most, callable $read, ?callable $converted = null): array
    {
        $things = [];
        $properties = [];
        foreach ($list?->items($most) ?? [] as $node) {
            $node = $converted === null ? $node : $converted($node);
            $one = $read($node);
            $settings = array_column($one->settings(), null, 'name');
            $node->allowKeys($one->fields()->names() + $settings);
            if (isset($things[$one->id()])) {
                $node->field('id')->refuse("\"{$one->id()}\" is there already");
            }
            $things[$one->id()] = $one;
            foreach ($settings as $name => $setting) {
                $value = $node->optional($name);
                $properties["{$one->id()}.$name"] = $value === null
                    ? Property::constant($setting->type, $setting->default)
                    : PropertyJson::read($value, $setting);
            }
        }

        return [array_values($things), $properties];
    }

    /**
     * @param  list<Attached>  $things
     * @param  array<string, Property>  $properties  of the layer
     * @return list<array<string, mixed>>
     */
    public static function write(array $things, array $properties): array
    {
        return array_map(fn (Attached $one): array => [
            ...$one->fields()->write($one),
            ...array_combine(
                array_map(fn (PropertyDefinition $setting): string => $setting->name, $one->settings()),
                array_map(
                    fn (PropertyDefinition $setting): mixed => PropertyJson::write($properties["{$one->id()}.{$setting->name}"]),
                    $one->settings(),
                ),
            ),
        ], $things);
    }

    /**
     * The values of something's settings at a moment.
     *
     * @return array<string, mixed> by the names that documents write within it
     */
    public static function values(Attached $one, Valued $layer, int|float $at): array
    {
        $values = [];
        foreach ($one->settings() as $setting) {
            $values[$setting->name] = $layer->value("{$one->id()}.{$setting->name}", $at);
        }

        return $values;
    }
}
