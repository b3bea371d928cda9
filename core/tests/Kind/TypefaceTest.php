<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Kind;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Compositions;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\MediaFacts;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Text\TextBlocks;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;
use Ricamo\Core\Tests\SquareShaper;

/** Words that change their typeface at keyframes. A letter is 50 px wide at 100 px, and 75 in the face that is called wide. */
final class TypefaceTest extends TestCase
{
    /** @param  array<string, mixed>  $more */
    private static function words(array $more): Composition
    {
        return Fixture::composition([Fixture::words(['typeSize' => 100, 'text' => 'Depot', ...$more])]);
    }

    private static function width(Composition $composition, int $frame, ?Evaluator $evaluator = null): float
    {
        return ($evaluator ?? Fixture::evaluator())->pose($composition->layer('words'), $composition, $frame)->box->width();
    }

    /** @param  array<string, mixed>  $args */
    private static function edit(Composition $composition, array $args): Composition
    {
        return Fixture::edit($composition, 'set-typeface', ['layers' => ['words'], ...$args]);
    }

    /** Both fonts: m3 and m4; m1 is a clip. */
    private static function fonts(): MediaLibrary
    {
        return MediaLibrary::of(
            new Media('m1', 'Street.mp4', 'street.mp4', new MediaFacts(1920, 1080, Fixture::composition()->rate, 300, true)),
            new Media('m3', 'Tram.otf', 'tram.otf', MediaFacts::font('Tram Regular')),
            new Media('m4', 'Depot.otf', 'depot.otf', MediaFacts::font('Depot Regular')),
        );
    }

    public function test_it_holds_from_keyframe_to_keyframe_and_is_its_own_where_none_is_told(): void
    {
        $words = self::words(['typeface' => Fixture::keyframes([0, ''], [10, SquareShaper::WIDE], [20, 'karla-bold'])]);
        self::assertSame(
            [250.0, 250.0, 375.0, 375.0, 250.0, 250.0],
            array_map(fn (int $frame): float => self::width($words, $frame), [0, 9, 10, 19, 20, 49]),
        );
    }

    public function test_a_box_breaks_the_lines_anew_and_shrinking_to_fit_follows(): void
    {
        $more = ['boxWidth' => 300, 'typeface' => Fixture::keyframes([0, ''], [10, SquareShaper::WIDE])];
        $fitted = self::words([...$more, 'fitBox' => true]);
        self::assertSame([250.0, 300.0], [self::width($fitted, 9), self::width($fitted, 10)]);
        $broken = self::words(['text' => 'De po', ...$more]);
        $height = fn (int $frame): float => Fixture::evaluator()->pose($broken->layer('words'), $broken, $frame)->box->height();
        // Five characters fit in 300 px at 50 each, not at 75: two lines, 120 px apart.
        self::assertSame(120.0, $height(10) - $height(9));
    }

    public function test_choosing_one_is_for_all_of_it_until_it_has_keyframes(): void
    {
        $rest = self::edit(self::words(['font' => 'karla-bold']), ['typeface' => SquareShaper::WIDE, 'frame' => 12]);
        $json = Fixture::json($rest, 'words');
        self::assertSame([SquareShaper::WIDE, false], [$json['font'], isset($json['typeface'])]);

        $moving = self::words(['font' => 'karla-bold', 'typeface' => Fixture::keyframes([0, ''], [20, ''])]);
        $json = Fixture::json(self::edit($moving, ['typeface' => SquareShaper::WIDE, 'frame' => 12]), 'words');
        self::assertSame('karla-bold', $json['font']);
        self::assertSame(['', SquareShaper::WIDE, ''], array_column($json['typeface']['keyframes'], 'value'));
    }

    public function test_what_was_left_when_its_last_keyframe_went_gives_way_to_what_is_chosen(): void
    {
        $left = self::words(['font' => 'karla-bold', 'typeface' => SquareShaper::WIDE]);
        self::assertSame(375.0, self::width($left, 0));
        self::assertSame(250.0, self::width(self::edit($left, ['typeface' => 'karla-bold', 'frame' => 0]), 0));
    }

    public function test_a_font_of_the_project_is_known_as_used_checked_and_replaced(): void
    {
        $words = self::words(['typeface' => Fixture::keyframes([0, ''], [10, 'media:m3'])]);
        self::assertSame(['m3'], $words->layer('words')->refersTo()->media);
        $other = $words->usingMedia(['m3' => 'm9'])->layer('words');
        self::assertSame(['', 'media:m9'], $other->properties['typeface']->values());
        $project = new Project('Test', self::fonts(), Compositions::of($words));
        $evaluator = new Evaluator(self::fonts(), new TextBlocks(new SquareShaper));
        $replace = fn (string $by): Project => Edits::applyTo(
            $project, Edits::read(new Node(['edit' => 'replace-media', 'args' => ['media' => 'm3', 'by' => $by]])), null, $evaluator,
        );
        $after = $replace('m4')->composition()->layer('words');
        self::assertSame(['', 'media:m4'], $after->properties['typeface']->values());
        $this->expectExceptionMessage('“Street.mp4” is not a font');
        $replace('m1');
    }

    /** @return iterable<string, array{mixed, string}> */
    public static function refused(): iterable
    {
        yield 'a path' => ['../../etc', '"..\/..\/etc" is not the id of a font'];
        yield 'media that are not there' => ['media:m8', 'm8'];
        yield 'no font at all' => [7, '7 is not text'];
    }

    #[DataProvider('refused')]
    public function test_what_is_none_is_refused(mixed $typeface, string $says): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($says);
        self::edit(self::words(['typeface' => Fixture::keyframes([0, ''], [20, ''])]), ['typeface' => $typeface, 'frame' => 5]);
    }

    public function test_a_clip_is_no_typeface(): void
    {
        $words = self::words(['typeface' => Fixture::keyframes([0, ''], [10, 'media:m1'])]);
        $this->expectExceptionMessage('“Street.mp4” is no font');
        self::width($words, 10);
    }

    /** @return iterable<string, array{string, array<string, mixed>}> edits that change nothing that is seen */
    public static function unseen(): iterable
    {
        yield 'split where it is another one' => ['split-layers', ['layers' => ['words'], 'at' => 15]];
        yield 'split on a keyframe' => ['split-layers', ['layers' => ['words'], 'at' => 10]];
        yield 'in a group' => ['group-layers', ['layers' => ['words'], 'name' => 'Sign']];
        yield 'its keyframes written out' => ['sample-keyframes', [
            'keyframes' => [['layer' => 'words', 'property' => 'typeface', 'frames' => [0, 20]]], 'every' => 1,
        ]];
        yield 'a bead where there is none' => ['add-keyframe', ['layers' => ['words'], 'property' => 'typeface', 'frame' => 17]];
    }

    /** @param  array<string, mixed>  $args */
    #[DataProvider('unseen')]
    public function test_it_is_the_same_on_every_frame_whatever_else_is_done(string $edit, array $args): void
    {
        $before = self::words([
            'out' => 60, 'plate' => '#aa0000',
            'typeface' => Fixture::keyframes([0, ''], [10, SquareShaper::WIDE], [20, 'karla-bold'], [-5, SquareShaper::WIDE, 'linear', 'end']),
            'cascades' => [['id' => 'c1', 'as' => 'arrive', 'units' => 'letters', 'length' => 12, 'opacity' => 0]],
        ]);
        $after = Fixture::edit($before, $edit, $args);
        foreach (range(0, 59) as $frame) {
            self::assertEquals(
                Fixture::evaluator()->frame($before, $frame)->toJson(), Fixture::evaluator()->frame($after, $frame)->toJson(), "frame $frame",
            );
        }
    }

    public function test_it_is_given_with_the_type_of_a_layer_and_with_its_animation(): void
    {
        $from = self::words(['typeface' => Fixture::keyframes([0, ''], [10, SquareShaper::WIDE])]);
        foreach (['type', 'animation'] as $part) {
            $given = Fixture::edit(self::words([]), 'give-parts', [
                'layers' => ['words'], 'from' => $from->layer('words')->toJson(), 'parts' => [$part],
            ]);
            self::assertSame([250.0, 375.0], [self::width($given, 9), self::width($given, 10)], $part);
        }
    }
}
