<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Evaluate;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\MediaFacts;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Document\Shutter;
use Ricamo\Core\Document\Stack;
use Ricamo\Core\Document\StoredLayer;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Evaluate\Glance;
use Ricamo\Core\Evaluate\Memory;
use Ricamo\Core\Handle\Sight;
use Ricamo\Core\Handle\Vantage;
use Ricamo\Core\Kind\Text\TextBlocks;
use Ricamo\Core\Tests\Fixture;
use Ricamo\Core\Tests\SquareShaper;
use Ricamo\Core\Time\FrameRate;

/** What is remembered of layers must never be told from what is worked out anew. */
final class MemoryTest extends TestCase implements Memory
{
    /** @var array<string, Glance> */
    private array $glances = [];

    /** @var list<string> */
    private array $recalled = [];

    public function recall(array $keys): array
    {
        $found = array_intersect_key($this->glances, array_fill_keys($keys, true));
        $this->recalled = array_keys($found);

        return $found;
    }

    public function keep(array $glances): void
    {
        // As another process would get it.
        $this->glances = [...$this->glances, ...array_map(fn (Glance $glance): Glance => unserialize(serialize($glance)), $glances)];
    }

    private function evaluator(?MediaLibrary $media = null): Evaluator
    {
        return new Evaluator($media ?? Fixture::media(), new TextBlocks(new SquareShaper), $this);
    }

    /** As it comes from where it is stored. */
    private function stored(Composition $composition): Composition
    {
        return $composition->withLayers(Stack::stored(...array_map(
            fn (StoredLayer $layer): StoredLayer => StoredLayer::stored($layer->id, $layer->span, $layer->facts, $layer->json()),
            array_values($composition->layers->entries()),
        )));
    }

    private function composition(): Composition
    {
        return Fixture::composition([
            Fixture::clip(),
            Fixture::bar(['position' => Fixture::keyframes([0, [0, 0]], [50, [500, 100]]), 'outlineWidth' => 2]),
            Fixture::words(['opacity' => 40]),
        ]);
    }

    /** @param  array<string, mixed>  $camera */
    private function filmed(array $camera): Composition
    {
        $layers = $this->composition()->toJson()['layers'];

        return Fixture::composition([...$layers, [
            'id' => 'camera', 'kind' => 'camera', 'name' => 'Camera', 'in' => 0, 'out' => 100, 'position' => [960, 540], 'z' => -1500,
            'aim' => [960, 540], ...$camera,
        ]]);
    }

    public function test_what_is_remembered_through_a_camera_is_seen_through_that_one_only(): void
    {
        $looks = [
            fn (array $camera): Composition => $this->stored($this->filmed($camera)),
            // From elsewhere the camera is looked at, and what is seen there is remembered as well.
            fn (array $camera): Composition => (new Vantage(Sight::Above))->seen($this->stored($this->filmed($camera))),
        ];
        foreach ($looks as $look) {
            foreach ([[], ['orbitY' => 30], ['aperture' => 90, 'focus' => 300]] as $camera) {
                $this->evaluator()->look($look($camera), 20, []);
                $again = $this->evaluator()->look($look($camera), 20, []);
                self::assertNotSame([], $this->recalled);
                self::assertSame(Fixture::evaluator()->look($look($camera), 20, [])->poses(), $again->poses());
            }
        }
        self::assertNotSame(
            $this->evaluator()->look($this->stored($this->filmed([])), 20, [])->poses(),
            $this->evaluator()->look($this->stored($this->filmed(['orbitY' => 30])), 20, [])->poses(),
        );
    }

    public function test_what_lies_in_a_shadow_is_worked_out_again_where_what_throws_it_has_moved(): void
    {
        $lit = function (array $bar, array $light): Composition {
            $layers = $this->composition()->toJson()['layers'];

            return $this->stored(Fixture::composition([$layers[0], [...$layers[1], 'z' => -200, ...$bar], $layers[2], [
                'id' => 'light', 'kind' => 'light', 'source' => 'point', 'name' => 'Light', 'in' => 0, 'out' => 100,
                'position' => [900, 400], 'z' => -900, ...$light,
            ]]));
        };
        foreach ([[[], []], [['z' => -300], []], [[], ['lightStrength' => 50]], [['opacity' => 10], ['shadow' => 60]], [['z' => -150], ['shadow' => 60]]] as $now) {
            $known = [];
            $this->evaluator()->look($lit(...$now), 20, $known);
            $again = $this->evaluator()->look($lit(...$now), 20, $known);
            self::assertNotSame([], $this->recalled);
            self::assertSame(Fixture::evaluator()->frame($lit(...$now), 20)->encode(), $again->list());
        }
    }

    public function test_a_second_look_is_remembered_and_shows_the_same(): void
    {
        foreach ([0, 20, 120] as $frame) {
            $first = $this->evaluator()->look($this->stored($this->composition()), $frame, []);
            $known = array_fill_keys(array_keys(Fixture::evaluator()->frame($this->composition(), $frame)->paths()), true);

            $second = $this->evaluator()->look($this->stored($this->composition()), $frame, $known);
            self::assertCount(3, $this->recalled);
            self::assertSame($first->poses(), $second->poses());
            self::assertSame(Fixture::evaluator()->frame($this->composition(), $frame)->encode($known), $second->list());
        }
    }

    public function test_who_does_not_know_a_path_is_told_it(): void
    {
        $this->evaluator()->look($this->stored($this->composition()), 20, []);
        self::assertSame(
            Fixture::evaluator()->frame($this->composition(), 20)->encode(),
            $this->evaluator()->look($this->stored($this->composition()), 20, [])->list(),
        );
    }

    public function test_only_the_layer_that_was_changed_is_worked_out_again(): void
    {
        $before = $this->stored($this->composition());
        $this->evaluator()->look($before, 20);
        $after = Fixture::edit(
            $before, 'set-values',
            ['frame' => 20, 'values' => [['layer' => 'words', 'property' => 'opacity', 'value' => 90]]],
        );
        $look = $this->evaluator()->look($after, 20);
        self::assertCount(2, $this->recalled);
        self::assertSame(Fixture::evaluator()->frame($after, 20)->encode(), $look->list());
        // What is not stored is not remembered: every step of a drag would be.
        $this->evaluator()->look($after, 20);
        self::assertCount(2, $this->recalled);
    }

    public function test_a_clip_of_other_content_is_drawn_anew(): void
    {
        $this->evaluator()->look($this->stored($this->composition()), 20);
        $replaced = MediaLibrary::of(new Media('m1', 'Street.mp4', 'other.mp4', new MediaFacts(640, 360, new FrameRate(25), 300, true)));
        $list = json_decode($this->evaluator($replaced)->look($this->stored($this->composition()), 20)->list(), true);
        self::assertEquals([640, 360], $list['items'][0]['size']);
    }

    public function test_digits_follow_the_layer_that_they_go_in_step_with(): void
    {
        $composition = $this->stored(Fixture::composition([
            Fixture::bar(['opacity' => 20]),
            Fixture::words(['text' => '#', 'counts' => ['group' => 'comma', 'of' => ['layer' => 'bar', 'property' => 'opacity']]]),
        ]));
        $this->evaluator()->look($composition, 20);
        $after = Fixture::edit(
            $composition, 'set-values',
            ['frame' => 20, 'values' => [['layer' => 'bar', 'property' => 'opacity', 'value' => 75]]],
        );
        $expected = Fixture::evaluator()->frame($after, 20);
        $known = array_fill_keys(array_keys(Fixture::evaluator()->frame($composition, 20)->paths() + $expected->paths()), true);
        self::assertSame($expected->encode($known), $this->evaluator()->look($this->stored($after), 20, $known)->list());
    }

    public function test_another_rate_is_another_frame_of_the_clip(): void
    {
        $this->evaluator()->look($this->stored($this->composition()), 20);
        $faster = $this->stored(Fixture::edit($this->composition(), 'set-composition', ['rate' => '50/1']));
        self::assertSame(Fixture::evaluator()->frame($faster, 20)->encode(), $this->evaluator()->look($faster, 20)->list());
    }

    public function test_what_is_masked_by_a_layer_follows_it(): void
    {
        $composition = $this->stored(Fixture::composition([
            Fixture::bar(['masks' => [['id' => 'm1', 'form' => 'layer', 'layer' => 'words']]]), Fixture::words(),
        ]));
        $this->evaluator()->look($composition, 20);
        $after = Fixture::edit(
            $composition, 'set-values',
            ['frame' => 20, 'values' => [['layer' => 'words', 'property' => 'rotation', 'value' => 30]]],
        );
        $expected = Fixture::evaluator()->frame($after, 20);
        $known = array_fill_keys(array_keys($expected->paths()), true);
        self::assertSame($expected->encode($known), $this->evaluator()->look($this->stored($after), 20, $known)->list());
    }

    public function test_another_shutter_is_another_blur(): void
    {
        $moving = fn (Shutter $shutter): Composition => $this->stored(Fixture::composition([
            Fixture::bar(['motionBlur' => true, 'position' => Fixture::keyframes([0, [0, 0]], [20, [1900, 0]])]),
        ])->with(['shutter' => $shutter]));
        $lists = [];
        foreach ([new Shutter, new Shutter(samples: 4), new Shutter(angle: 90), new Shutter(phase: 45)] as $shutter) {
            $expected = Fixture::evaluator()->frame($moving($shutter), 10);
            // Only to who knows the paths is anything told from memory.
            $known = array_fill_keys(array_keys($expected->paths()), true);
            $seen = $this->evaluator()->look($moving($shutter), 10, $known)->list();
            self::assertSame($expected->encode($known), $seen);
            $lists[] = $seen;
        }
        self::assertCount(4, array_unique($lists));
    }
}
