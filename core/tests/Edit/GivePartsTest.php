<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

/** Parts of one layer that are given to others. */
final class GivePartsTest extends TestCase
{
    private const FROM = [
        'position' => [30, 40], 'scale' => ['keyframes' => [['at' => 0, 'value' => [50, 50]], ['at' => 9, 'value' => [100, 100]]]],
        'rotation' => 12, 'fill' => '#102030', 'typeSize' => 33, 'font' => 'karla-regular', 'plate' => '#ff0000', 'text' => 'From here',
        'arrive' => ['length' => 10, 'moves' => [['move' => 'fade']]],
        'effects' => [['id' => 'e1', 'effect' => 'blur', 'radius' => 7]],
        'masks' => [['id' => 'm1', 'form' => 'crop', 'left' => 5]],
        'gradients' => [['of' => 'fill', 'form' => 'linear', 'stops' => 2]],
        'cascades' => [['id' => 'c1', 'as' => 'arrive', 'units' => 'letters', 'length' => 20]],
    ];

    private function composition(): Composition
    {
        return Fixture::composition([
            Fixture::words(['position' => [500, 300], 'opacity' => 60, 'tracking' => 9, 'effects' => [['id' => 'e4', 'effect' => 'invert']]]),
            Fixture::bar(['position' => [1, 2], 'size' => [80, 20]]),
        ]);
    }

    /**
     * @param  list<string>  $parts
     * @param  list<string>  $layers
     */
    private function given(array $parts, array $layers = ['words'], array $from = self::FROM): Composition
    {
        $whole = Fixture::layer(Fixture::words($from))->toJson();

        return Fixture::edit($this->composition(), 'give-parts', ['layers' => $layers, 'from' => $whole, 'parts' => $parts]);
    }

    /** @param  list<string>  $keys */
    private function assertTaken(array $keys, Composition $after, string $layer = 'words'): void
    {
        $source = Fixture::layer(Fixture::words(self::FROM))->toJson();
        $before = Fixture::json($this->composition(), $layer);
        $now = Fixture::json($after, $layer);
        foreach (array_keys([...$source, ...$before, ...$now]) as $key) {
            $expected = in_array($key, $keys, true) ? $source : $before;
            self::assertEquals($expected[$key] ?? null, $now[$key] ?? null, $key);
        }
    }

    public function test_each_part_takes_the_place_of_its_own_and_leaves_all_else(): void
    {
        $this->assertTaken(['position', 'rotation', 'opacity', 'anchor'], $this->given(['placement']));
        $this->assertTaken(['scale', 'arrive'], $this->given(['animation']));
        $this->assertTaken(['effects'], $this->given(['effects']));
        $this->assertTaken(['masks', 'cascades'], $this->given(['masks', 'cascades']));
        $this->assertTaken(['fill', 'outline', 'outlineWidth', 'gradients'], $this->given(['paint']));
        $this->assertTaken(['font', 'typeSize', 'tracking', 'plate'], $this->given(['type']));
    }

    public function test_of_a_part_a_layer_takes_what_its_kind_can_have(): void
    {
        $after = $this->given(['paint', 'type', 'effects'], ['bar', 'words']);
        $this->assertTaken(['fill', 'outline', 'outlineWidth', 'gradients', 'effects'], $after, 'bar');
        $this->expectExceptionObject(new Refusal('“Bar” can have nothing of that'));
        $this->given(['type'], ['words', 'bar']);
    }

    public function test_what_has_nothing_of_a_part_takes_that_away(): void
    {
        $words = Fixture::json($this->given(['paint', 'effects'], from: ['fill' => '#445566']), 'words');
        self::assertSame([null, '#445566'], [$words['effects'] ?? null, $words['fill']]);
    }

    public function test_a_place_is_never_both_one_path_and_apart(): void
    {
        $apart = Fixture::edit($this->composition(), 'set-axes', ['layers' => ['words'], 'apart' => true]);
        $from = Fixture::layer(Fixture::words(['position' => Fixture::keyframes([0, [0, 0]], [9, [90, 0]])]))->toJson();
        $after = Fixture::edit($apart, 'give-parts', ['layers' => ['words'], 'from' => $from, 'parts' => ['animation']])->layer('words');
        self::assertSame([true, false], [isset($after->properties['position']), isset($after->properties['x'])]);
        self::assertSame(90.0, $after->point('position', 9)->x);
    }

    public function test_media_of_another_project_are_refused(): void
    {
        $this->expectExceptionObject(new Refusal('“Words” uses media that are not in this project'));
        $this->given(['type'], from: ['fontMedia' => 'm99']);
    }

    public function test_it_is_the_same_document_after_it_was_stored(): void
    {
        $after = $this->given(['placement', 'animation', 'cascades', 'effects', 'masks', 'paint', 'type'], ['words']);
        self::assertInstanceOf(Layer::class, $after->layer('words'));
        $stored = array_map(fn (Layer $one): array => $one->toJson(), [...$after->layers]);
        self::assertSame($after->toJson(), Fixture::composition($stored)->toJson());
    }
}
