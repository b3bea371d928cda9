<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Document;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

final class ProjectTest extends TestCase
{
    /** @return array<string, mixed> */
    private static function document(): array
    {
        return [
            'format' => 'ricamo-project', 'version' => 1, 'name' => 'Depot Nine',
            'media' => [['id' => 'm1', 'name' => 'Street', 'file' => 'clips/street.mp4']],
            'compositions' => [[
                'id' => 'c1', 'name' => 'Lower third', 'width' => 1920, 'height' => 1080, 'rate' => '30000/1001', 'length' => 120,
                'background' => 'transparent',
                'layers' => [
                    Fixture::clip(['from' => 12, 'sound' => false]),
                    Fixture::bar(['position' => Fixture::keyframes(
                        [0, [0, 540], 'cubic-out'], [10, [960, 540]], [-1, [0, 0], 'linear', 'end'],
                    )]),
                    Fixture::words(['text' => "Günther Øst\nбелка 電車", 'align' => 'right', 'fill' => '#11223344', 'label' => 'woad']),
                ],
            ]],
        ];
    }

    public function test_a_document_that_is_read_and_written_reads_the_same(): void
    {
        $project = Project::parse(self::json(self::document()));
        $written = self::json($project->toJson());
        self::assertEquals($project, Project::parse($written));
        self::assertSame($written, self::json(Project::parse($written)->toJson()));
    }

    public function test_what_is_left_out_gets_its_default(): void
    {
        $layer = Project::parse(self::json(self::document()))->composition()->layer('words');
        self::assertSame(100.0, $layer->number('opacity', 0));
        self::assertSame(72.0, $layer->number('typeSize', 0));
        self::assertTrue($layer->switches->visible);
        self::assertTrue($layer->switches->scaleLinked);
    }

    public function test_a_composition_is_found_by_name_or_id(): void
    {
        $project = Project::parse(self::json(self::document()));
        self::assertSame('c1', $project->composition('Lower third')->id);
        self::assertSame('c1', $project->composition('c1')->id);
        self::assertSame('c1', $project->composition()->id);
        $this->expectExceptionMessage('there is no composition "Titles"');
        $project->composition('Titles');
    }

    /** @return iterable<string, array{callable(array<string, mixed>): array<string, mixed>, string}> */
    public static function mistakes(): iterable
    {
        $layer = fn (int $index, array $fields): callable => function (array $document) use ($index, $fields): array {
            $document['compositions'][0]['layers'][$index] = [...$document['compositions'][0]['layers'][$index], ...$fields];

            return $document;
        };
        $top = fn (array $fields): callable => fn (array $document): array => [...$document, ...$fields];
        $composition = fn (array $fields): callable => function (array $document) use ($fields): array {
            $document['compositions'][0] = [...$document['compositions'][0], ...$fields];

            return $document;
        };
        $at = 'compositions[0].layers[1]';
        yield 'an opacity of 130' => [$layer(1, ['opacity' => 130]), "$at.opacity: 130 is outside 0..100"];
        yield 'an opacity of words' => [$layer(1, ['opacity' => 'half']), "$at.opacity: \"half\" is not a number"];
        yield 'an unknown kind' => [
            $layer(1, ['kind' => 'hologram']),
            "$at.kind: \"hologram\" is not one of adjusting, bundle, camera, footage, group, light, shape, sound, text, window",
        ];
        yield 'a property of another kind' => [$layer(1, ['typeSize' => 12]), "$at.typeSize: is not a field known here"];
        yield 'a misspelt field' => [$layer(1, ['opactiy' => 12]), "$at.opactiy: is not a field known here"];
        yield 'keyframes out of order' => [
            $layer(1, ['opacity' => Fixture::keyframes([0, 0], [20, 100], [10, 50])]),
            "$at.opacity.keyframes[2].at: 10 does not come after the keyframe before it, at 20",
        ];
        yield 'two keyframes at one time' => [
            $layer(1, ['opacity' => Fixture::keyframes([5, 0], [5, 100])]),
            "$at.opacity.keyframes[1].at: 5 does not come after the keyframe before it, at 5",
        ];
        yield 'a keyframe out of range' => [
            $layer(1, ['opacity' => Fixture::keyframes([0, -1])]), "$at.opacity.keyframes[0].value: -1 is outside 0..100",
        ];
        yield 'no keyframes' => [
            $layer(1, ['opacity' => ['keyframes' => []]]),
            "$at.opacity.keyframes: is empty; write the bare value for a property without keyframes",
        ];
        yield 'an unknown easing' => [
            $layer(1, ['opacity' => Fixture::keyframes([0, 1, 'wobble'])]),
            "$at.opacity.keyframes[0].easing: \"wobble\" is not an easing",
        ];
        yield 'an unknown pin' => [
            $layer(1, ['opacity' => Fixture::keyframes([0, 1, 'linear', 'middle'])]),
            "$at.opacity.keyframes[0].pin: \"middle\" is not one of start, end",
        ];
        yield 'half a position' => [$layer(1, ['position' => [5]]), "$at.position: must be a pair of numbers"];
        yield 'a colour by name' => [$layer(1, ['fill' => 'red']), "$at.fill: \"red\" is not a colour"];
        yield 'out before in' => [$layer(1, ['in' => 50, 'out' => 50]), "$at.out: 50 is not after the in point 50"];
        yield 'an id with a slash' => [$layer(1, ['id' => '../x']), "$at.id: is not an id"];
        yield 'an id twice' => [$layer(2, ['id' => 'bar']), 'compositions[0].layers[2].id: "bar" is already the id of another layer'];
        yield 'a font that is a path' => [$layer(2, ['font' => '../../etc']), 'compositions[0].layers[2].font:'];
        yield 'media that is not there' => [
            $layer(0, ['media' => 'm9']), 'compositions[0].layers[0].media: there is no media "m9" in this project',
        ];
        yield 'another format' => [$top(['format' => 'something']), 'format: must be "ricamo-project"'];
        yield 'a later version' => [$top(['version' => 2]), 'version: 2 is outside 1..1'];
        yield 'no compositions' => [$top(['compositions' => []]), 'compositions: is empty'];
        yield 'compositions that are no list' => [$top(['compositions' => ['a' => 1]]), 'compositions: must be a list'];
        yield 'a rate of 0' => [$composition(['rate' => '0/1']), 'compositions[0].rate:'];
        yield 'half a pixel' => [$composition(['width' => 10.5]), 'compositions[0].width: 10.5 is not a whole number'];
        yield 'too long' => [$composition(['length' => 2_000_000]), 'compositions[0].length: 2000000 is outside 1..1000000'];
        yield 'an empty name' => [$composition(['name' => '  ']), 'compositions[0].name: is empty'];
        yield 'a missing field' => [fn (array $document): array => array_diff_key($document, ['name' => 0]), 'name: is missing'];
    }

    /** @param  callable(array<string, mixed>): array<string, mixed>  $spoil */
    #[DataProvider('mistakes')]
    public function test_a_mistake_is_named_with_its_place(callable $spoil, string $says): void
    {
        try {
            Project::parse(self::json($spoil(self::document())));
            self::fail('it was accepted');
        } catch (Refusal $refusal) {
            self::assertStringStartsWith($says, $refusal->getMessage());
        }
    }

    public function test_json_that_nests_without_end_is_refused(): void
    {
        $this->expectException(Refusal::class);
        Project::parse(str_repeat('[', 5000).str_repeat(']', 5000));
    }

    public function test_what_is_no_json_is_refused(): void
    {
        $this->expectExceptionMessage('not valid JSON');
        Project::parse('{"format": ');
    }

    /** @param  array<string, mixed>  $value */
    private static function json(array $value): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR);
    }
}
