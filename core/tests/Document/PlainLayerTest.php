<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Document;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Kind\LayerKinds;
use Ricamo\Core\Tests\Fixture;

/** What a layer of which nothing special is said is written with: documents hold thousands of these. */
final class PlainLayerTest extends TestCase
{
    private const PLACED = ['position', 'scale', 'rotation', 'opacity', 'anchor'];

    /**
     * @param  array<string, mixed>  $content
     * @param  list<string>  $own
     */
    #[TestWith(['adjusting', [], []])]
    #[TestWith(['group', [], []])]
    #[TestWith(['bundle', ['composition' => 'c2'], ['level']])]
    #[TestWith(['footage', ['media' => 'm1'], ['level']])]
    #[TestWith(['shape', ['form' => 'ellipse'], ['size', 'rounding', 'fill', 'outline', 'outlineWidth']])]
    #[TestWith(['text', ['text' => 'Depot Nine'], ['typeSize', 'fill', 'tracking', 'leading', 'outline', 'outlineWidth']])]
    #[TestWith([
        'window', ['form' => 'ellipse'],
        ['pan', 'zoom', 'turn', 'size', 'rounding', 'fill', 'outline', 'outlineWidth', 'level'],
    ])]
    public function test_only_what_is_common_is_written_where_it_is_what_it_is_anyway(string $kind, array $content, array $own): void
    {
        $this->assertWritten([...self::PLACED, ...$own], $kind, $content);
    }

    public function test_a_sound_has_no_place(): void
    {
        $this->assertWritten(['level'], 'sound', ['media' => 'm1']);
    }

    public function test_what_is_rare_is_written_where_it_is_said(): void
    {
        $written = Fixture::layer(Fixture::words(['pathOffset' => 12, 'boxWidth' => Fixture::keyframes([0, 0], [9, 400])]))->toJson();
        self::assertSame(12.0, $written['pathOffset']);
        self::assertCount(2, $written['boxWidth']['keyframes']);
        self::assertArrayNotHasKey('platePadding', $written);
    }

    /**
     * @param  list<string>  $properties
     * @param  array<string, mixed>  $content
     */
    private function assertWritten(array $properties, string $kind, array $content): void
    {
        $written = Fixture::layer(['id' => 'it', 'kind' => $kind, 'name' => 'It', 'in' => 0, 'out' => 9, ...$content])->toJson();
        self::assertEqualsCanonicalizing($properties, array_keys(array_intersect_key($written, LayerKinds::all()[$kind]->properties())));
    }
}
