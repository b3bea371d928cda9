<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Kind\LayerKinds;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Raster\Render\Format\Format;
use Ricamo\Raster\Render\Format\Formats;
use Ricamo\Raster\Text\FontCatalogue;

/** Who writes a project file by hand finds each word that one may hold in the page that describes them. */
final class FormatDocsTest extends TestCase
{
    private static function page(): string
    {
        return (string) file_get_contents(__DIR__.'/../../docs/project-format.md');
    }

    public function test_each_word_of_the_schema_is_there(): void
    {
        $words = [];
        $gather = function (mixed $schema) use (&$gather, &$words): void {
            if (! is_array($schema)) {
                return;
            }
            foreach (array_keys(is_array($schema['properties'] ?? null) ? $schema['properties'] : []) as $field) {
                // Those of a mesh and of a gradient's colours are numbered, and described as such.
                if (! preg_match('/^(point[1-4]{2}|(colour|at)\d+)$/', (string) $field)) {
                    $words[(string) $field] = true;
                }
            }
            foreach ([...(array) ($schema['enum'] ?? []), $schema['const'] ?? null] as $choice) {
                if (is_string($choice)) {
                    // Those that go by a move and come again are described as `gone-` and its name.
                    $words[(string) preg_replace('/^gone-(?=.)/', '', $choice, count: $isGone)] = true;
                    $words += $isGone > 0 ? ['gone-' => true] : [];
                }
            }
            array_map($gather, $schema);
        };
        $gather(json_decode((string) file_get_contents(__DIR__.'/../../core/schema/project-1.json'), true));
        self::assertGreaterThan(300, count($words));
        // In code, where several may stand in one piece such as `{layer, property}`.
        preg_match_all('/`([^`\n]+(?:\n[^`\n]+)?)`|"(\w+)":/', self::page(), $pieces);
        preg_match_all('/[\w-]+/', implode(' ', [...$pieces[1], ...$pieces[2]]), $there);
        self::assertSame([], array_values(array_diff(array_map(strval(...), array_keys($words)), $there[0])));
    }

    /** @return array<string, array{string, PropertyDefinition}> */
    public static function properties(): array
    {
        $properties = [];
        foreach (LayerKinds::all() as $kind) {
            foreach ($kind->properties() as $definition) {
                $properties["{$kind->name()}: $definition->name"] = [$kind->name(), $definition];
            }
        }

        return $properties;
    }

    #[DataProvider('properties')]
    public function test_each_property_is_there_with_its_range_and_what_it_is_when_nothing_is_said(
        string $kind, PropertyDefinition $definition,
    ): void {
        $rows = array_values(array_filter(
            array_map(fn (string $line): array => array_map(trim(...), explode('|', trim($line, '| '))), explode("\n", self::page())),
            fn (array $cells): bool => $cells[0] === "`$definition->name`"
                && count($cells) === 5
                && (in_array($kind, explode(', ', $cells[1]), true) || ($cells[1] === 'all but sound, camera and light' && ! in_array($kind, ['sound', 'camera', 'light'], true))),
        ));
        self::assertCount(1, $rows);
        self::assertSame(
            [self::range($definition), '`'.json_encode($definition->type->write($definition->default), JSON_UNESCAPED_SLASHES).'`'],
            array_slice($rows[0], 3),
        );
    }

    private static function range(PropertyDefinition $definition): string
    {
        return match (true) {
            $definition->least === null || $definition->most === null => '',
            $definition->least === -$definition->most => '±'.self::number($definition->most),
            default => self::number($definition->least).' … '.self::number($definition->most),
        };
    }

    private static function number(float $number): string
    {
        $digits = (string) preg_replace('/\.?0+$/', '', number_format($number, 3));

        return match ($number) {
            1e7 => '10⁷',
            1e12 => '10¹²',
            default => str_replace('-', '−', $digits),
        };
    }

    public function test_the_endings_of_what_is_rendered_are_in_the_readme(): void
    {
        $readme = (string) file_get_contents(__DIR__.'/../../README.md');
        $missing = array_filter(Formats::all(), fn (Format $format): bool => ! str_contains($readme, "`.{$format->extension()}`"));
        self::assertSame([], $missing);
    }

    public function test_the_fonts_that_ship_are_there(): void
    {
        $missing = array_filter(FontCatalogue::all(), fn ($face): bool => ! str_contains(self::page(), "`$face->id`"));
        self::assertSame([], $missing);
    }
}
