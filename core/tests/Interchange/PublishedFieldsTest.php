<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Interchange;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Effect\Effects;
use Ricamo\Core\Interchange\ProjectSchema;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\LayerKinds;
use Ricamo\Core\Line\BrushForm;
use Ricamo\Core\Mask\MaskForm;
use Ricamo\Core\Move\Accent;
use Ricamo\Core\Move\Accents;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Moves;
use Ricamo\Core\Paint\GradientForm;
use Ricamo\Core\Paint\PlacedGradient;
use Ricamo\Core\Refusal;

/** The fields that are published are those that are read: no more, and no fewer. */
final class PublishedFieldsTest extends TestCase
{
    /** What was written once in the place of a mask's path, and what makes another object of a cascade. */
    private const OTHERWISE = ['points', 'mirrors'];

    private const CONTENT = [
        'shape' => ['form' => 'rectangle'], 'text' => ['text' => 'Depot Nine'], 'footage' => ['media' => 'm1'],
        'sound' => ['media' => 'm1'],
        'bundle' => ['composition' => 'c2'], 'window' => ['form' => 'rectangle'],
        'light' => ['source' => 'point'],
    ];

    /**
     * Each object of a project file: where it stands in one, that project, and where its schema is.
     *
     * @return iterable<string, array{list<string|int>, array<string, mixed>, list<string|int>}>
     */
    public static function objects(): iterable
    {
        $project = [
            'format' => Project::FORMAT, 'version' => Project::VERSION, 'name' => 'Depot Nine',
            'compositions' => [self::composition(), self::composition(['id' => 'c2'])],
            'media' => [['id' => 'm1', 'file' => 'street.mp4']],
        ];
        yield 'project' => [[], $project, []];
        yield 'media' => [['media', 0], $project, ['$defs', 'MediaFile']];
        yield 'swatch' => [['swatches', 0], [...$project, 'swatches' => [['name' => 'Brass', 'colour' => '#b5892e']]], ['$defs', 'Swatch']];
        $curves = [['name' => 'Soft', 'easing' => 'linear']];
        yield 'curve' => [['curves', 0], [...$project, 'curves' => $curves], ['properties', 'curves', 'items']];
        $looks = [['name' => 'Dream', 'effects' => [['id' => 'e1', 'effect' => 'blur']]]];
        yield 'look' => [['looks', 0], [...$project, 'looks' => $looks], ['properties', 'looks', 'items']];
        $motions = [['name' => 'Off', 'motion' => ['opacity' => ['keyframes' => [['at' => 0, 'value' => 50]]]]]];
        yield 'motion' => [['motions', 0], [...$project, 'motions' => $motions], ['properties', 'motions', 'items']];
        yield 'motion of' => [['motions', 0, 'motion'], [...$project, 'motions' => $motions], ['$defs', 'Motion']];
        $within = fn (array $fields): array => [
            ...$project, 'compositions' => [self::composition($fields), self::composition(['id' => 'c2'])],
        ];
        $composition = ['$defs', 'Composition'];
        yield 'composition' => [['compositions', 0], $project, $composition];
        $marked = $within(['markers' => [['frame' => 1]], 'guides' => [['axis' => 'x', 'at' => 1]], 'shutter' => ['angle' => 90]]);
        yield 'marker' => [['compositions', 0, 'markers', 0], $marked, [...$composition, 'properties', 'markers', 'items']];
        yield 'guide' => [['compositions', 0, 'guides', 0], $marked, [...$composition, 'properties', 'guides', 'items']];
        yield 'shutter' => [['compositions', 0, 'shutter'], $marked, ['$defs', 'Shutter']];
        foreach (LayerKinds::all() as $kind => $ignored) {
            yield "$kind layer" => [
                ['compositions', 0, 'layers', 0], $within(['layers' => [self::layer($kind)]]),
                ['$defs', ucfirst($kind).'Layer'],
            ];
        }
        yield from self::ofALayer($within);
    }

    /**
     * @param  callable(array<string, mixed>): array<string, mixed>  $within
     * @return iterable<string, array{list<string|int>, array<string, mixed>, list<string|int>}>
     */
    private static function ofALayer(callable $within): iterable
    {
        $one = fn (array $of, array $fields, array $schema, string $kind = 'text'): array => [
            ['compositions', 0, 'layers', 0, ...$of], $within(['layers' => [self::layer($kind, $fields)]]), $schema,
        ];
        $kind = fn (Move|Accent $move): string => $move->films() ? 'camera' : 'text';
        foreach (array_keys(Effects::all()) as $number => $effect) {
            yield "$effect effect" => $one(
                ['effects', 0], ['effects' => [['id' => 'e1', 'effect' => $effect]]], ['$defs', 'Effect', 'anyOf', $number],
            );
        }
        foreach (MaskForm::cases() as $number => $form) {
            $mask = ['id' => 'm1', 'form' => $form->value, ...($form === MaskForm::Layer ? ['layer' => 'other'] : [])];
            yield "$form->value mask" => $one(['masks', 0], ['masks' => [$mask]], ['$defs', 'Mask', 'anyOf', $number]);
        }
        foreach (GradientForm::cases() as $number => $form) {
            $gradient = [
                'of' => 'fill', 'form' => $form->value,
                ...($form === GradientForm::Picture ? ['media' => 'm1'] : ($form === GradientForm::Corners ? [] : ['stops' => PlacedGradient::MOST_STOPS])),
            ];
            yield "$form->value gradient" => $one(['gradients', 0], ['gradients' => [$gradient]], ['$defs', 'Gradient', 'anyOf', $number]);
        }
        foreach (BrushForm::cases() as $number => $form) {
            yield "$form->value brush" => $one(
                ['brush'],
                ['brush' => ['form' => $form->value, ...($form === BrushForm::Own ? ['mark' => 'M0 0L9 9'] : [])]],
                ['$defs', 'Brush', 'anyOf', $number],
            );
        }
        foreach (array_values(Accents::all()) as $number => $accent) {
            yield "{$accent->name()} accent" => $one(
                ['accents', 0], ['accents' => [['accent' => $accent->name(), 'at' => 1, 'length' => 5]]],
                ['$defs', 'Accent', 'anyOf', $number], $kind($accent),
            );
        }
        $phase = ['$defs', 'Phase'];
        foreach (array_values(Moves::all()) as $number => $move) {
            $arrive = ['arrive' => ['length' => 5, 'moves' => [['move' => $move->name()]]]];
            yield "{$move->name()} move" => $one(
                ['arrive', 'moves', 0], $arrive, [...$phase, 'properties', 'moves', 'items', 'anyOf', $number], $kind($move),
            );
        }
        yield 'phase' => $one(['arrive'], ['arrive' => ['length' => 5, 'moves' => [['move' => 'fade']]]], $phase);
        $arriving = ['id' => 'c1', 'as' => 'arrive', 'units' => 'letters', 'length' => 20];
        yield 'cascade' => $one(['cascades', 0], ['cascades' => [$arriving]], ['$defs', 'Cascade', 'anyOf', 0]);
        yield 'mirrored cascade' => $one(
            ['cascades', 1], ['cascades' => [$arriving, ['id' => 'c2', 'mirrors' => 'c1']]],
            ['$defs', 'Cascade', 'anyOf', 1],
        );
        yield 'outline' => $one(['outlines', 0], ['outlines' => [['id' => 'o1']]], ['$defs', 'Outline']);
        yield 'marker of a layer' => $one(
            ['markers', 0], ['markers' => [['frame' => 1]]], ['$defs', 'TextLayer', 'properties', 'markers', 'items'],
        );
        $moves = ['position' => ['keyframes' => [
            ['at' => 0, 'value' => [0, 0]], ['at' => 9, 'value' => [9, 9], 'bend' => ['arrive' => [1, 1]]],
        ]]];
        $animated = ['$defs', 'AnimatedPointWithin100000', 'anyOf', 1];
        yield 'animated value' => $one(['position'], $moves, $animated);
        yield 'keyframe' => $one(['position', 'keyframes', 0], $moves, [...$animated, 'properties', 'keyframes', 'items']);
        yield 'bend' => $one(['position', 'keyframes', 1, 'bend'], $moves, ['$defs', 'Bend']);
    }

    /**
     * @param  list<string|int>  $place
     * @param  array<string, mixed>  $project
     * @param  list<string|int>  $of
     */
    #[DataProvider('objects')]
    public function test_what_is_read_is_what_is_published(array $place, array $project, array $of): void
    {
        $schema = ProjectSchema::make();
        foreach ($of as $step) {
            $schema = $schema[$step];
        }
        $published = array_keys($schema['properties']);
        self::assertSame([], array_diff($schema['required'] ?? [], $published));

        self::assertTrue(self::isRead($project, $place, null), 'the project itself is read');
        $read = array_values(array_filter(self::words(), fn (string $word): bool => self::isRead($project, $place, $word)));
        self::assertSame([], array_values(array_diff($published, $read)), 'published, and not read');
        self::assertSame([], array_values(array_diff($read, $published, self::OTHERWISE)), 'read, and not published');
    }

    /**
     * Whether a field is known at a place: what it may be is another question.
     *
     * @param  array<string, mixed>  $project
     * @param  list<string|int>  $place
     */
    private static function isRead(array $project, array $place, ?string $field): bool
    {
        $there = &$project;
        foreach ($place as $step) {
            $there = &$there[$step];
        }
        if ($field !== null) {
            $there += [$field => true];
        }
        try {
            Project::read(new Node($project));
        } catch (Refusal $refusal) {
            // Kinds of layers that cannot have something say why.
            return $field !== null
                && ! preg_match("/\\b$field: (is not a field known here|a [a-z]+ layer has no)/", $refusal->getMessage());
        }

        return true;
    }

    /** @return list<string> whatever is a field somewhere: published, read by its name, or described at a parameter */
    private static function words(): array
    {
        static $words = null;
        if ($words === null) {
            $words = self::names(ProjectSchema::make());
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/src')) as $file) {
                if (str_ends_with((string) $file, '.php')) {
                    preg_match_all(
                        '/(?:field|optional|has)\(\'\K[a-zA-Z]+|\'\K[a-zA-Z]+(?=\' => 0)|public [?A-Za-z]+ \$\K[a-zA-Z]+/',
                        (string) file_get_contents((string) $file), $found,
                    );
                    $words += array_fill_keys($found[0], true);
                }
            }
            $words = array_map(strval(...), array_keys($words));
        }

        return $words;
    }

    /**
     * @param  array<mixed>  $schema
     * @return array<string, true>
     */
    private static function names(array $schema): array
    {
        $names = isset($schema['properties']) ? array_fill_keys(array_keys($schema['properties']), true) : [];
        foreach ($schema as $one) {
            $names += is_array($one) ? self::names($one) : [];
        }

        return $names;
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    private static function composition(array $fields = []): array
    {
        return ['id' => 'c1', 'name' => 'Test', 'width' => 1920, 'height' => 1080, 'rate' => '25/1', 'length' => 250, ...$fields];
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    private static function layer(string $kind, array $fields = []): array
    {
        return ['id' => 'l1', 'kind' => $kind, 'name' => 'Layer', 'in' => 0, 'out' => 100, ...self::CONTENT[$kind] ?? [], ...$fields];
    }
}
