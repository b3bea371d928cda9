<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\MediaFacts;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Document\Stack;
use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Edit\Snapping;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Text\TextBlocks;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;
use Ricamo\Core\Tests\SquareShaper;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Time\FrameRate;

/** Edits that add, remove, order and trim layers. */
final class LayerEditsTest extends TestCase
{
    private Composition $three;

    protected function setUp(): void
    {
        $this->three = Fixture::composition([Fixture::clip(), Fixture::bar(), Fixture::words()]);
    }

    public function test_a_picture_lasts_five_seconds_and_keeps_its_size_where_it_fits(): void
    {
        $library = MediaLibrary::of(
            new Media('small', 'Logo.png', 'logo.png', new MediaFacts(400, 300, new FrameRate(25), 1, false, true)),
            new Media('large', 'Photo.jpg', 'photo.jpg', new MediaFacts(4000, 3000, new FrameRate(25), 1, false)),
        );
        $evaluator = new Evaluator($library, new TextBlocks(new SquareShaper));
        $add = fn (string $media, int $at, Composition $to): Layer => Edits::apply(
            Edits::read(new Node(['edit' => 'add-layer', 'args' => ['layer' => ['kind' => 'footage', 'media' => $media], 'at' => $at]])),
            $to, $evaluator,
        )->layers[0];
        $composition = Fixture::composition([], ['rate' => '30000/1001', 'length' => 400]);
        $small = $add('small', 10, $composition);
        // Five seconds are 149.85 frames.
        self::assertSame([10, 160], [$small->span->in, $small->span->out]);
        self::assertEquals(new Point(100, 100), $small->point('scale', 10));
        self::assertEquals(new Point(36, 36), $add('large', 0, $composition)->point('scale', 0));
        self::assertSame(400, $add('small', 390, $composition)->span->out);
        // Its one frame holds for as long as it is shown.
        $long = $composition->withLayers(Stack::of($small->withSpan(new FrameRange(0, 400))));
        self::assertSame(0, json_decode($evaluator->frame($long, 399)->encode(), true)['items'][0]['frame']);
        $matched = Edits::apply(
            Edits::read(new Node(['edit' => 'match-composition', 'args' => ['media' => 'large']])), $composition,
            $evaluator,
        );
        self::assertSame([4000, 3000, '30000/1001', 400], [$matched->width, $matched->height, (string) $matched->rate, $matched->length]);
    }

    public function test_media_become_the_layer_that_is_for_them(): void
    {
        $rate = new FrameRate(25);
        $library = MediaLibrary::of(
            new Media('clip', 'Street.mp4', 'street.mp4', new MediaFacts(1920, 1080, $rate, 50, true)),
            new Media('silent', 'Street.mp4', 'street.mp4', new MediaFacts(1920, 1080, $rate, 1, true)),
            new Media('logo', 'Logo.png', 'logo.png', new MediaFacts(400, 300, $rate, 1, false, true)),
            new Media('bell', 'Bell.wav', 'bell.wav', MediaFacts::sound(2)),
            new Media('type', 'Depot.ttf', 'depot.ttf', MediaFacts::font('Depot Bold')),
            new Media('none', 'Nothing', 'nothing', new MediaFacts(0, 0, $rate, 50, false)),
        );
        $add = fn (string $media): Layer => Edits::apply(
            Edits::read(new Node(['edit' => 'add-media', 'args' => [
                'media' => $media, 'at' => 10, 'position' => [300, 200], 'lasts' => 2,
            ]])),
            Fixture::composition([Fixture::bar()]), new Evaluator($library, new TextBlocks(new SquareShaper)),
        )->layers[1];
        $said = fn (Layer $one): array => [
            $one->kind->name(), $one->span->in, $one->span->out, $one->kind->isSeen() ? $one->point('position', 10) : null,
        ];
        // A clip fills the frame, wherever it is dropped; so does one of a single frame that sounds.
        self::assertEquals(['footage', 10, 60, new Point(960, 540)], $said($add('clip')));
        self::assertEquals(new Point(960, 540), $add('silent')->point('position', 10));
        self::assertEquals(['footage', 10, 60, new Point(300, 200)], $said($add('logo')));
        self::assertEquals(['sound', 10, 60, null], $said($add('bell')));
        self::assertEquals(['text', 10, 250, new Point(300, 200)], $said($add('type')));
        self::assertSame(['Words', 'centre', 'type'], array_map(
            fn (string $field): mixed => $add('type')->toJson()[$field], ['text', 'align', 'fontMedia'],
        ));
        self::assertSame(96.0, $add('type')->number('typeSize', 10));
        $this->expectExceptionMessage('“Nothing” cannot be placed');
        $add('none');
    }

    public function test_a_shape_is_added_on_top_in_the_middle_from_the_playhead_to_the_end(): void
    {
        $after = Fixture::edit($this->three, 'add-layer', ['layer' => ['kind' => 'shape', 'form' => 'ellipse'], 'at' => 40]);
        $layer = $after->layers[3];
        self::assertSame(['l1', 'Ellipse', 40, 250], [$layer->id, $layer->name, $layer->span->in, $layer->span->out]);
        self::assertEquals([960.0, 540.0], [$layer->point('position', 0)->x, $layer->point('position', 0)->y]);
    }

    public function test_a_text_takes_its_first_line_for_a_name(): void
    {
        $after = Fixture::edit($this->three, 'add-layer', ['layer' => ['kind' => 'text', 'text' => "Marta Oldani\nelectrician"]]);
        self::assertSame('Marta Oldani', $after->layers[3]->name);
    }

    public function test_a_clip_is_fitted_and_lasts_as_long_as_it_plays(): void
    {
        $after = Fixture::edit(Fixture::composition(), 'add-layer', ['layer' => ['kind' => 'footage', 'media' => 'm2']]);
        $layer = $after->layers[0];
        // 90 frames of 30000/1001 are 3.003 s, that is 75.075 frames of 25. 1080 of 1920 lines fit at 56.25 %.
        self::assertSame(75, $layer->span->out);
        self::assertSame(56.25, $layer->point('scale', 0)->x);
    }

    public function test_what_is_given_counts(): void
    {
        $after = Fixture::edit($this->three, 'add-layer', ['layer' => [
            'kind' => 'footage', 'media' => 'm1', 'id' => 'mine', 'in' => 10, 'out' => 20, 'scale' => [30, 30], 'from' => 7,
        ], 'at' => 3]);
        $json = Fixture::json($after, 'mine');
        self::assertSame([10, 20, 7], [$json['in'], $json['out'], $json['from']]);
        self::assertEquals([30, 30], $json['scale']);
    }

    public function test_a_second_layer_of_an_id_is_refused(): void
    {
        $this->expectExceptionMessage('args.layer.id: "bar" is already the id of another layer');
        Fixture::edit($this->three, 'add-layer', ['layer' => ['kind' => 'text', 'text' => 'x', 'id' => 'bar']]);
    }

    public function test_layers_are_removed_all_or_none(): void
    {
        self::assertSame(['bar'], $this->ids(Fixture::edit($this->three, 'remove-layers', ['layers' => ['clip', 'words']])));
        $this->expectExceptionMessage('there is no layer "gone"');
        Fixture::edit($this->three, 'remove-layers', ['layers' => ['clip', 'gone']]);
    }

    public function test_a_copy_stands_right_above_and_is_the_same_but_for_name_and_id(): void
    {
        $after = Fixture::edit($this->three, 'duplicate-layers', ['layers' => ['clip', 'words']]);
        self::assertSame(['clip', 'l1', 'bar', 'words', 'l2'], $this->ids($after));
        $ignored = ['id' => 0, 'name' => 0];
        self::assertSame(array_diff_key(Fixture::json($after, 'words'), $ignored), array_diff_key(Fixture::json($after, 'l2'), $ignored));
    }

    public function test_layers_are_renamed_and_reordered(): void
    {
        self::assertSame(
            'Träger',
            Fixture::edit($this->three, 'rename-layer', ['layer' => 'bar', 'name' => ' Träger '])->layer('bar')->name,
        );
        self::assertSame(
            ['words', 'clip', 'bar'],
            $this->ids(Fixture::edit($this->three, 'reorder-layer', ['layer' => 'words', 'to' => 0])),
        );
        $this->expectExceptionMessage('args.to: 3 is outside 0..2');
        Fixture::edit($this->three, 'reorder-layer', ['layer' => 'words', 'to' => 3]);
    }

    public function test_moving_in_time_takes_everything_along(): void
    {
        $layer = Fixture::bar(['opacity' => Fixture::keyframes([0, 0], [10, 100], [-5, 100, 'linear', 'end'], [-1, 0, 'linear', 'end'])]);
        $before = Fixture::composition([$layer]);
        $after = Fixture::edit($before, 'move-layers', ['layers' => ['bar'], 'by' => 33]);
        foreach (range(-5, 105) as $frame) {
            self::assertSame($before->layer('bar')->number('opacity', $frame), $after->layer('bar')->number('opacity', $frame + 33));
        }
    }

    public function test_a_trim_moves_only_what_is_pinned_to_that_end(): void
    {
        $before = Fixture::composition([Fixture::bar(['opacity' => Fixture::keyframes(
            [0, 0], [10, 100], [-10, 100, 'linear', 'end'], [-1, 0, 'linear', 'end'],
        )])]);
        $layer = Fixture::edit($before, 'trim-layer', ['layer' => 'bar', 'out' => 60])->layer('bar');
        self::assertSame(
            [0.0, 50.0, 100.0, 100.0, 0.0],
            array_map(fn (int $frame): float => $layer->number('opacity', $frame), [0, 5, 10, 50, 59]),
        );
        $layer = Fixture::edit($before, 'trim-layer', ['layer' => 'bar', 'in' => 20])->layer('bar');
        self::assertSame(
            [0.0, 50.0, 100.0, 100.0, 0.0],
            array_map(fn (int $frame): float => $layer->number('opacity', $frame), [20, 25, 30, 90, 99]),
        );
    }

    /** @return list<float> the opacity of “bar”, or how much of “drawing” is drawn */
    private static function course(Composition $composition, string $layer, string $property, int ...$frames): array
    {
        return array_map(fn (int $frame): float => $composition->layer($layer)->number($property, $frame), array_values($frames));
    }

    public function test_keyframes_are_stretched_with_a_layer_where_that_is_meant(): void
    {
        $before = Fixture::composition([Fixture::bar(['opacity' => Fixture::keyframes(
            [0, 0], [10, 100], [-10, 100, 'linear', 'end'], [-1, 0, 'linear', 'end'],
        )])]);
        $half = Fixture::edit($before, 'trim-layer', ['layer' => 'bar', 'out' => 50, 'beads' => 'stretch']);
        // 0, 10, 90 and 99 of 100 frames are 0, 5, 45 and 49.5 of 50.
        self::assertSame([0.0, 100.0, 100.0, 0.0], self::course($half, 'bar', 'opacity', 0, 5, 45, 50));
        self::assertSame(['start', 'start', 'end', 'end'], array_column(Fixture::json($half, 'bar')['opacity']['keyframes'], 'pin'));
        $later = Fixture::edit($before, 'trim-layer', ['layer' => 'bar', 'in' => 50, 'beads' => 'stretch']);
        self::assertSame([0.0, 100.0, 100.0], self::course($later, 'bar', 'opacity', 50, 55, 95));
        // All but drawings keep theirs where nothing is said, and the other way round.
        self::assertEquals(
            Fixture::edit($before, 'trim-layer', ['layer' => 'bar', 'out' => 50]),
            Fixture::edit($before, 'trim-layer', ['layer' => 'bar', 'out' => 50, 'beads' => 'usual']),
        );
        self::assertEquals($half, Fixture::edit($before, 'trim-layer', ['layer' => 'bar', 'out' => 50, 'beads' => 'unusual']));
    }

    public function test_a_drawing_is_stretched_by_its_end_and_keeps_its_pace_where_that_is_meant(): void
    {
        $drawing = Fixture::bar([
            'id' => 'drawing', 'form' => 'path', 'path' => 'M0 0L100 0', 'drawEnd' => Fixture::keyframes([0, 0], [20, 30], [40, 100]),
        ]);
        $before = Fixture::composition([$drawing]);
        $drawn = fn (string $beads, int ...$frames): array => self::course(
            Fixture::edit($before, 'trim-layer', ['layer' => 'drawing', 'out' => 200, 'beads' => $beads]), 'drawing', 'drawEnd', ...$frames,
        );
        self::assertSame([0.0, 30.0, 100.0], $drawn('usual', 0, 40, 80));
        self::assertSame([0.0, 30.0, 100.0], $drawn('unusual', 0, 20, 40));
    }

    public function test_two_keyframes_that_meet_as_a_layer_is_stretched_are_one(): void
    {
        $before = Fixture::composition([Fixture::bar(['opacity' => Fixture::keyframes([0, 0], [1, 40], [2, 80], [99, 100])])]);
        $tiny = Fixture::edit($before, 'trim-layer', ['layer' => 'bar', 'out' => 25, 'beads' => 'stretch']);
        // On 0, 0.25, 0.5 and 24.75: to the nearest frame 0, 0, 1 and 25.
        self::assertSame([[0, 40], [1, 80], [25, 100]], array_map(
            fn (array $one): array => [$one['at'], (int) $one['value']], Fixture::json($tiny, 'bar')['opacity']['keyframes'],
        ));
    }

    public function test_a_trimmed_clip_shows_the_same_pictures_at_the_same_time(): void
    {
        $before = Fixture::composition([Fixture::clip(['in' => 20, 'out' => 120, 'from' => 30])]);
        $after = Fixture::edit($before, 'trim-layer', ['layer' => 'clip', 'in' => 45]);
        self::assertSame(55, Fixture::json($after, 'clip')['from']);
        foreach ([45, 60, 119] as $frame) {
            self::assertEquals(Fixture::evaluator()->frame($before, $frame), Fixture::evaluator()->frame($after, $frame));
        }
    }

    public function test_a_clip_cannot_begin_before_its_first_frame(): void
    {
        $before = Fixture::composition([Fixture::clip(['in' => 20, 'out' => 120, 'from' => 8])]);
        $json = Fixture::json(Fixture::edit($before, 'trim-layer', ['layer' => 'clip', 'in' => 0]), 'clip');
        self::assertSame([12, 0], [$json['in'], $json['from']]);
    }

    public function test_any_number_of_trims_there_and_back_is_nothing(): void
    {
        // A clip of 25 frames a second in a composition of 60: a frame of it lasts 2.4.
        $before = Fixture::composition([Fixture::clip(['in' => 0, 'out' => 600])], ['rate' => '60/1', 'length' => 600]);
        $after = $before;
        for ($in = 1; $in <= 30; $in++) {
            $after = Fixture::edit($after, 'trim-layer', ['layer' => 'clip', 'in' => $in]);
        }
        self::assertSame('25/2', Fixture::json($after, 'clip')['from']);
        $shown = fn (
            Composition $composition, int $frame,
        ): mixed => Fixture::evaluator()->frame($composition, $frame)->toJson()['items'][0]['frame'];
        foreach (range(30, 599, 7) as $frame) {
            self::assertSame($shown($before, $frame), $shown($after, $frame), "frame $frame");
        }
        for ($in = 29; $in >= -5; $in--) {
            $after = Fixture::edit($after, 'trim-layer', ['layer' => 'clip', 'in' => $in]);
        }
        self::assertEquals($before, $after, 'what was cut can be had again, and not more');
    }

    public function test_a_moment_within_a_frame_of_a_clip_is_written_and_read(): void
    {
        $layer = Fixture::layer(Fixture::clip(['from' => '7/3']));
        self::assertSame('7/3', $layer->toJson()['from']);
        self::assertSame(12, Fixture::layer(Fixture::clip(['from' => 12]))->toJson()['from'], 'as earlier files write it');
        $this->expectExceptionMessage('from: "-100000001/1" is outside -100000000..100000000');
        Fixture::layer(Fixture::clip(['from' => '-100000001/1']));
    }

    public function test_a_trim_that_leaves_nothing_is_refused(): void
    {
        $this->expectException(Refusal::class);
        Fixture::edit($this->three, 'trim-layer', ['layer' => 'bar', 'in' => 100]);
    }

    public function test_switches(): void
    {
        $after = Fixture::edit($this->three, 'set-layer', ['layers' => ['bar', 'words'], 'visible' => false, 'label' => 'indigo']);
        self::assertFalse($after->layer('words')->switches->visible);
        self::assertSame('indigo', $after->layer('bar')->switches->label->value);
        self::assertTrue($after->layer('clip')->switches->visible);
    }

    public function test_content_is_changed_field_by_field(): void
    {
        $after = Fixture::edit(
            $this->three, 'set-content', ['layer' => 'words', 'content' => ['text' => "Ivo\r\nBrandt", 'align' => 'right']],
        );
        $json = Fixture::json($after, 'words');
        self::assertSame(["Ivo\nBrandt", 'karla-bold', 'right'], [$json['text'], $json['font'], $json['align']]);
        $this->expectExceptionMessage('args.content.form: is not a field known here');
        Fixture::edit($this->three, 'set-content', ['layer' => 'words', 'content' => ['form' => 'ellipse']]);
    }

    public function test_a_new_rate_keeps_every_moment(): void
    {
        $before = Fixture::composition([Fixture::bar([
            'in' => 25, 'out' => 75, 'opacity' => Fixture::keyframes([5, 0], [25, 100], [-25, 100, 'linear', 'end']),
        ])]);
        $after = Fixture::edit($before, 'set-composition', ['rate' => '50/1']);
        $json = Fixture::json($after, 'bar');
        self::assertSame([500, 50, 150], [$after->length, $json['in'], $json['out']]);
        self::assertSame([10, 50, -50], array_column($json['opacity']['keyframes'], 'at'));
        self::assertEquals($before->toJson(), Fixture::edit($after, 'set-composition', ['rate' => '25/1'])->toJson());
    }

    public function test_a_composition_takes_a_clips_size_rate_and_length(): void
    {
        $after = Fixture::edit(Fixture::composition(), 'match-composition', ['media' => 'm2']);
        self::assertSame([1080, 1920, '30000/1001', 90], [$after->width, $after->height, (string) $after->rate, $after->length]);
    }

    public function test_unknown_edits_and_arguments_are_refused(): void
    {
        try {
            Fixture::edit($this->three, 'explode', []);
            self::fail('it was accepted');
        } catch (Refusal $refusal) {
            self::assertStringStartsWith('edit: "explode" is not an edit; there are add-layer', $refusal->getMessage());
        }
        $this->expectExceptionMessage('args.layer: is not a field known here');
        Fixture::edit($this->three, 'remove-layers', ['layers' => ['bar'], 'layer' => 'bar']);
    }

    /** @return list<string> */
    private function ids(Composition $composition): array
    {
        return $composition->layers->ids();
    }

    public function test_several_layers_are_moved_in_the_stack_together(): void
    {
        $five = Fixture::composition(array_map(fn (string $id): array => Fixture::bar(['id' => $id]), ['a', 'b', 'c', 'd', 'e']));
        $order = fn (string $layer, array $with, int $to): string => implode(
            '', Fixture::edit($five, 'reorder-layer', ['layer' => $layer, 'with' => $with, 'to' => $to])->layers->ids(),
        );
        self::assertSame('bcdae', $order('a', [], 3));
        self::assertSame('cabde', $order('b', ['a'], 2));
        // The one that is dragged lies where it is dropped, and the others right around it in their own order.
        self::assertSame('bdace', $order('a', ['c', 'e'], 2));
        self::assertSame('abecd', $order('c', ['d'], 3));
        self::assertSame('cdabe', $order('d', ['c'], 0), 'as far down as it goes');
    }

    public function test_what_is_dragged_in_time_says_which_mark_drew_it_in(): void
    {
        $composition = Fixture::composition(
            [Fixture::bar(['in' => 10, 'out' => 60]), Fixture::bar(['id' => 'other', 'in' => 100, 'out' => 150])],
            ['markers' => [['frame' => 33]]],
        );
        $settled = fn (string $edit, array $args): Snapping => Edits::settled(
            Edits::read(new Node(['edit' => $edit, 'args' => $args])), $composition,
        );
        $move = fn (float $by, array $snap): array => [
            $settled('move-layers', ['layers' => ['bar'], 'by' => $by, 'snap' => $snap])->by(),
            $settled('move-layers', ['layers' => ['bar'], 'by' => $by, 'snap' => $snap])->met(),
        ];
        self::assertSame([23, 33], $move(21.5, ['within' => 3]));
        self::assertSame([40, 100], $move(38, ['within' => 3]), 'its end at the other one');
        self::assertSame([70, null], $move(70, ['within' => 3]));
        self::assertSame([23, null], $move(23, ['within' => 0]), 'with Alt nothing draws in');
        self::assertSame(33, $settled('trim-layer', ['layer' => 'bar', 'in' => 31.2, 'snap' => ['within' => 3]])->met());
    }

    public function test_what_takes_something_from_a_layer_that_is_removed_takes_nothing_any_more(): void
    {
        $composition = Fixture::composition([
            Fixture::bar(),
            Fixture::words([
                'text' => '#', 'counts' => ['of' => ['layer' => 'bar', 'property' => 'opacity']],
                'masks' => [
                    ['id' => 'm1', 'form' => 'layer', 'layer' => 'bar', 'feather' => 4],
                    ['id' => 'm2', 'form' => 'ellipse', 'feather' => 9],
                ],
            ]),
        ]);
        $after = Fixture::edit($composition, 'remove-layers', ['layers' => ['bar']]);
        $words = Fixture::json($after, 'words');
        self::assertArrayNotHasKey('of', $words['counts']);
        self::assertSame([['m2', 9.0]], array_map(fn (array $mask): array => [$mask['id'], $mask['feather']], $words['masks']));
        // One that comes to have the same id is not meant.
        $again = Fixture::edit($after, 'add-layer', ['layer' => ['kind' => 'shape', 'form' => 'star', 'id' => 'bar']]);
        self::assertSame([], $again->layer('words')->refersTo()->layers);
        foreach ([
            ['set-content', ['layer' => 'words', 'content' => ['counts' => ['of' => ['layer' => 'nobody', 'property' => 'opacity']]]]],
            ['add-mask', ['layers' => ['words'], 'form' => 'layer', 'layer' => 'nobody']],
        ] as [$edit, $args]) {
            try {
                Fixture::edit($after, $edit, $args);
                self::fail($edit);
            } catch (Refusal $refusal) {
                self::assertStringContainsString('there is no layer "nobody"', $refusal->getMessage());
            }
        }
        // Pasted where what it took from is not, it comes without.
        $pasted = Fixture::edit(Fixture::composition(), 'paste-layers', ['layers' => [Fixture::json($composition, 'words')]]);
        self::assertSame([], $pasted->layers[0]->refersTo()->layers);
    }
}
