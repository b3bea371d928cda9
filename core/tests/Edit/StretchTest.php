<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\MediaFacts;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Text\TextBlocks;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;
use Ricamo\Core\Tests\SquareShaper;
use Ricamo\Core\Time\FrameRate;

/** A stretch of a clip that was looked through, with its beginning and its end marked. */
final class StretchTest extends TestCase
{
    /** m1: 300 frames at 25; m2: 90 at 30000/1001; m3: 4.2 s of sound; m4: a picture. */
    private static function evaluator(): Evaluator
    {
        return new Evaluator(MediaLibrary::of(
            ...Fixture::media()->all(),
            ...[
                new Media('m3', 'Bell.wav', 'bell.wav', MediaFacts::sound(4.2)),
                new Media('m4', 'Photo.jpg', 'photo.jpg', new MediaFacts(1600, 1200, new FrameRate(25), 1, false)),
            ],
        ), new TextBlocks(new SquareShaper));
    }

    /** @param  array<string, mixed>  $args */
    private static function edit(Composition $composition, string $edit, array $args): Composition
    {
        return Edits::apply(Edits::read(new Node(['edit' => $edit, 'args' => $args])), $composition, self::evaluator());
    }

    /** @return iterable<string, array{string, ?int, ?int, int, array{int, int}}> media, from, to, at; begin and end of the layer */
    public static function placed(): iterable
    {
        yield 'at the clip’s own rate' => ['m1', 40, 90, 10, [10, 60]];
        yield 'from a frame on, as far as the clip goes' => ['m1', 280, null, 0, [0, 20]];
        yield 'as far as a frame' => ['m1', null, 30, 5, [5, 35]];
        // 60 frames at 29.97 are 2.002 s: 50.05 frames at 25.
        yield 'at another rate' => ['m2', 20, 80, 0, [0, 50]];
        // A frame of a sound is a hundredth of a second: 1.5 s are 37.5 frames.
        yield 'of a sound' => ['m3', 100, 250, 0, [0, 38]];
        yield 'a moment' => ['m2', 7, 8, 3, [3, 4]];
        yield 'no farther than the composition' => ['m1', 0, 300, 200, [200, 250]];
    }

    /** @param  array{int, int}  $span */
    #[DataProvider('placed')]
    public function test_it_is_placed_as_long_as_it_lasts(string $media, ?int $from, ?int $to, int $at, array $span): void
    {
        $after = self::edit(Fixture::composition([], ['length' => 250]), 'add-media', [
            'media' => $media, 'at' => $at, ...array_filter(['from' => $from, 'to' => $to], is_int(...)),
        ]);
        $json = $after->layers[0]->toJson();
        self::assertSame([...$span, $from ?? 0], [$json['in'], $json['out'], $json['from']]);
    }

    public function test_the_frames_that_are_seen_are_those_that_were_marked(): void
    {
        $after = self::edit(Fixture::composition([], ['length' => 250]), 'add-media', ['media' => 'm1', 'at' => 10, 'from' => 40, 'to' => 90]);
        $seen = fn (int $frame): array => array_column(
            json_decode(self::evaluator()->frame($after, $frame)->encode(), true)['items'], 'frame',
        );
        self::assertSame([[], [40], [89], []], array_map($seen, [9, 10, 59, 60]));
    }

    public function test_in_a_window_it_begins_where_it_was_marked_and_the_window_stays_as_long_as_it_was(): void
    {
        $window = ['id' => 'w', 'kind' => 'window', 'name' => 'W', 'in' => 20, 'out' => 70, 'form' => 'rectangle', 'size' => [320, 360]];
        $after = self::edit(
            Fixture::composition([$window], ['length' => 250]), 'show-instead', ['layers' => ['w'], 'media' => 'm1', 'from' => 40],
        );
        $json = $after->layer('w')->toJson();
        self::assertSame([20, 70, 'm1', 40], [$json['in'], $json['out'], $json['media'], $json['from']]);
    }

    /** @return iterable<string, array{string, int, int, string}> */
    public static function refused(): iterable
    {
        yield 'backwards' => ['m1', 90, 40, 'frames 90 to 40 are no stretch of “Street.mp4”, which has 300'];
        yield 'nothing' => ['m1', 40, 40, 'frames 40 to 40 are no stretch'];
        yield 'beyond its end' => ['m1', 40, 301, 'frames 40 to 301 are no stretch'];
        yield 'of a picture' => ['m4', 0, 1, '“Photo.jpg” does not play, so there is no stretch of it'];
    }

    #[DataProvider('refused')]
    public function test_what_is_no_stretch_is_refused(string $media, int $from, int $to, string $says): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($says);
        self::edit(Fixture::composition(), 'add-media', ['media' => $media, 'from' => $from, 'to' => $to]);
    }
}
