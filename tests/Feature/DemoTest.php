<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Demo\CascadingTitle;
use App\Demo\ColourPanels;
use App\Demo\FourWindows;
use App\Demo\LogoInSevenWays;
use App\Demo\LogoPicture;
use App\Demo\LogoReveal;
use App\Demo\LogoTour;
use App\Demo\LowerThird;
use App\Demo\MoonOverDepot;
use App\Demo\NameBar;
use App\Demo\OpenDayCard;
use App\Demo\OverlayAtSixty;
use App\Demo\PanelsOverACut;
use App\Demo\PatchworkOpener;
use App\Demo\PictureInPicture;
use App\Demo\RestorationProgress;
use App\Demo\RouteLine;
use App\Demo\SquareBecomesEverything;
use App\Demo\StreetClip;
use App\Demo\ThreeBadges;
use App\Demo\TitleThroughDepot;
use App\Demo\TramToMusic;
use App\Demo\WhereToLook;
use App\Demo\WorkshopClip;
use App\Editing\DocumentText;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Display\Coverage;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Compositions;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\MediaFacts;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Evaluate\CertainCovering;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Evaluate\SoundPlan;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Text\TextBlocks;
use Ricamo\Core\Kind\Text\TextContent;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Time\FrameRate;
use Ricamo\Raster\Text\HarfBuzzShaper;

/** The demo's compositions do what they are there to show. */
final class DemoTest extends TestCase
{
    private function evaluator(): Evaluator
    {
        return new Evaluator(MediaLibrary::of(
            new Media('m1', 'Street', 'street.mp4', new MediaFacts(1920, 1080, new FrameRate(25), 300, true)),
            new Media('photo', 'Workshop', 'workshop.png', new MediaFacts(1920, 1080, new FrameRate(25), 1, false)),
            new Media('music', 'Jingle', 'jingle.wav', MediaFacts::sound(12)),
            new Media('panels', 'Panels', 'panels.mkv', new MediaFacts(1920, 1080, new FrameRate(25), 50, false, true)),
            new Media('logo', 'Logo', 'logo.png', new MediaFacts(600, 600, new FrameRate(25), 1, false, true)),
        )->withCompositions(Compositions::of(
            NameBar::composition('Marta Oldani', 'Depot electrician')->withId('bar'),
        )), new TextBlocks(new HarfBuzzShaper));
    }

    private function lowerThird(): Composition
    {
        return LowerThird::composition('m1', 'Marta Oldani', 'Depot electrician');
    }

    public function test_the_name_bar_leaves_as_it_came_and_its_words_are_never_turned_over(): void
    {
        $interview = NameBar::interview('m1', 'bar');
        $graphics = function (int $frame) use ($interview): array {
            $list = $this->evaluator()->frame($interview, $frame)->toJson();
            unset($list['items'][0]);

            return $list['items'];
        };
        for ($frame = 0; $frame < 115; $frame++) {
            self::assertSame($graphics(15 + $frame), $graphics(129 - $frame));
        }
        // Bar, accent, name, trade: in the flipped one only the words keep their direction.
        self::assertSame([-1, -1, 1, 1], array_map(fn (array $item): int => $item['matrix'][0] <=> 0, array_values($graphics(200))));
    }

    public function test_the_logo_is_gone_on_the_last_frame_of_each_way_and_nothing_is_done_to_the_clip(): void
    {
        $ways = LogoInSevenWays::composition('m1', 'logo');
        $clip = $this->evaluator()->frame($ways->with(['alone' => ['l1']]), 30)->toJson()['items'];
        for ($way = 0; $way < 7; $way++) {
            $stands = $this->evaluator()->frame($ways, 60 * $way + 30)->toJson()['items'];
            self::assertCount(2, $stands, "way $way");
            self::assertSame([...$clip[0], 'frame' => 60 * $way + 30 < 300 ? 60 * $way + 30 : 599 - 60 * $way - 30], $stands[0]);
            $last = $this->evaluator()->frame($ways, 60 * $way + 59)->toJson()['items'];
            // Nothing of it is drawn, or it is beyond the frame, or in no circle of the smear any more.
            self::assertTrue(count($last) === 1 || $this->isBeyond($last[1]), "way $way");
        }
    }

    /**
     * Of a picture of 600 at 80 %, or of what is cut off or smeared out of one.
     *
     * @param  array<string, mixed>  $item
     */
    private function isBeyond(array $item): bool
    {
        if (isset($item['clip'])) {
            return true;
        }
        if (isset($item['filters'])) {
            // Each point that it is smeared out of lies to the right of the picture, which ends at 960 + 240.
            $from = array_column(array_chunk($item['filters'][0]['from'], 2), 0);

            return min($from) > 1200;
        }

        return $item['matrix'][5] < -480;
    }

    public function test_the_panels_hide_the_cut_that_lies_beneath_them(): void
    {
        $cut = PanelsOverACut::composition('m1', 'm1', 'panels');
        // The last frame of what was rendered, then the same one flipped, and so on backwards.
        foreach ([88 => [48, 1], 89 => [49, 1], 90 => [49, -1], 91 => [48, -1], 139 => [0, -1]] as $frame => [$shown, $way]) {
            $items = $this->evaluator()->frame($cut, $frame)->toJson()['items'];
            self::assertSame(['panels', $shown, $way], [$items[1]['media'], $items[1]['frame'], $items[1]['matrix'][0] <=> 0]);
        }
        // On those frames, as they are drawn, they cover all.
        foreach ([49 => 1.0, 40 => 1.0, 8 => 0.99] as $frame => $most) {
            $share = Coverage::of($this->evaluator()->frame(ColourPanels::composition('logo'), $frame));
            self::assertTrue($most === 1.0 ? $share === 1.0 : $share < $most, "frame $frame");
        }
    }

    public function test_every_composition_reads_back_and_can_be_shown_throughout(): void
    {
        $all = [
            $this->lowerThird(), StreetClip::composition(), WorkshopClip::composition(), LogoPicture::composition(),
            PictureInPicture::composition('m1', 'photo'), ThreeBadges::composition('m1', 'logo'), OverlayAtSixty::composition('logo'),
            TramToMusic::composition('m1', 'music', 'logo'), LogoTour::composition('logo'), LogoReveal::composition('logo'),
            SquareBecomesEverything::composition(), RestorationProgress::composition(), MoonOverDepot::composition('m1'),
            NameBar::interview('m1', 'bar'), WhereToLook::composition('m1'), ColourPanels::composition('logo'),
            FourWindows::composition('m1', 'm1', 'photo'), LogoInSevenWays::composition('m1', 'logo'),
            PanelsOverACut::composition('m1', 'm1', 'panels'),
            CascadingTitle::composition(), TitleThroughDepot::composition('m1'), PatchworkOpener::composition('m1'),
            RouteLine::composition(), OpenDayCard::composition('photo', 'logo'),
        ];
        foreach ($all as $composition) {
            self::assertSame($composition->toJson(), Composition::read(Node::decode(DocumentText::whole($composition)))->toJson());
            // From where something is seen: an overlay begins with nothing.
            $last = $composition->name === 'The logo tours the frame' ? 50 : max(0, $composition->length - 10);
            foreach (range(min($composition->name === 'A tram becomes a logo' ? 20 : 5, $last), $last, 23) as $frame) {
                self::assertNotEmpty($this->evaluator()->frame($composition, $frame)->operations, "{$composition->name}, frame $frame");
            }
        }
    }

    public function test_the_route_is_half_drawn_half_way_and_its_number_counts_in_step(): void
    {
        $route = RouteLine::composition();
        $lengths = function (int $frame) use ($route): float {
            $list = $this->evaluator()->frame($route, $frame)->toJson();
            $lines = array_filter(
                $list['items'], fn (array $item): bool => $item['op'] === 'stroke' && ($item['colour'] ?? '') === '#c0392b',
            );

            return array_sum(array_map(fn (array $item): float => Contours::parse($list['paths'][$item['path']])->length(), $lines));
        };
        self::assertEqualsWithDelta(0.5, $lengths(70) / $lengths(125), 0.001);
        $counter = array_values(array_filter(iterator_to_array($route->layers), fn ($layer): bool => $layer->name === 'Way'))[0];
        $content = $counter->content;
        self::assertInstanceOf(TextContent::class, $content);
        self::assertEqualsWithDelta(
            [0, 3.7, 7.4],
            array_map(fn (int $frame): float => $content->counts?->added($counter->span, $frame, $route) ?? -1.0, [15, 70, 125]),
            0.01,
        );
        // The leaves grow along the river: more and more of them, and the first ones stay where they are.
        $leaves = fn (int $frame): array => array_values(array_filter(
            $this->evaluator()->frame($route, $frame)->toJson()['items'],
            fn (array $item): bool => $item['op'] === 'fill' && $item['colour'] === '#6f8f4e',
        ));
        self::assertGreaterThan(count($leaves(40)), count($leaves(80)));
        self::assertSame($leaves(80)[0], $leaves(120)[0]);
    }

    public function test_the_title_comes_to_rest_exactly_and_is_gone_at_the_end(): void
    {
        $title = CascadingTitle::composition();
        $shown = fn (int $frame): array => array_values(array_filter(
            $this->evaluator()->frame($title, $frame)->toJson()['items'],
            fn (array $item): bool => ($item['colour'] ?? '') === '#f3e3c3',
        ));
        self::assertCount(2, $shown(60));
        self::assertSame($shown(60), $shown(85));
        // But for the trace of those that went while the shutter was open.
        self::assertCount(0, $shown(199));
    }

    /** From far away to past the viewer: it rests to the last digit, and nothing is left of it. */
    public function test_the_title_flies_through_the_depot_and_rests_truly_still_between(): void
    {
        $flight = TitleThroughDepot::composition('m1');
        $drawn = fn (int $frame): array => array_slice($this->evaluator()->frame($flight, $frame)->toJson()['items'], 1);
        $rests = $drawn(70);
        self::assertNotSame([], $rests);
        foreach ([71, 100, 130] as $frame) {
            self::assertEquals($rests, $drawn($frame), "frame $frame");
        }
        self::assertNotEquals($rests, $drawn(132));
        self::assertSame([], $drawn(199));
    }

    /** Patches come from above one after another, close up, and are then nothing but the picture. */
    public function test_the_street_falls_into_place_and_is_one_picture_at_the_end(): void
    {
        $opener = PatchworkOpener::composition('m1');
        $share = fn (int $frame): float => (new CertainCovering)->share($this->evaluator()->frame($opener, $frame));
        $kinds = fn (int $frame): array => array_column($this->evaluator()->frame($opener, $frame)->toJson()['items'], 'op');
        self::assertContains('pieces', $kinds(40));
        self::assertNotContains('pieces', $kinds(PatchworkOpener::RESTS));
        self::assertSame(['image', 'stroke', 'fill'], $kinds(PatchworkOpener::RESTS + 14));
        self::assertLessThan(1.0, $share(PatchworkOpener::RESTS));
    }

    public function test_the_lower_third_stands_inside_the_safe_area_while_it_stays(): void
    {
        $composition = $this->lowerThird();
        foreach (['Name', 'Trade'] as $name) {
            $layer = array_values(array_filter(iterator_to_array($composition->layers), fn ($layer): bool => $layer->name === $name))[0];
            foreach ([60, 100, 150] as $frame) {
                $bounds = $this->evaluator()->pose($layer, $composition, $frame)->bounds();
                self::assertGreaterThan(96, $bounds->left);
                self::assertLessThan(1824, $bounds->right);
                self::assertLessThan(1026, $bounds->bottom);
                self::assertSame(100.0, $layer->number('opacity', $frame));
            }
        }
    }

    public function test_it_arrives_from_nothing_and_leaves_to_nothing(): void
    {
        $graphics = fn (int $frame): array => array_filter(
            $this->evaluator()->frame($this->lowerThird(), $frame)->operations,
            fn ($operation): bool => $operation instanceof Fill,
        );
        self::assertCount(0, $graphics(10));
        self::assertCount(4, $graphics(100));
        self::assertCount(0, $graphics(190));
    }

    /** The products of teeth and turns are equal, so that the teeth mesh. */
    public function test_the_gears_mesh(): void
    {
        $composition = WorkshopClip::composition();
        $speeds = [];
        foreach ($composition->layers as $layer) {
            if ($layer->name === 'Tooth') {
                $anchor = $layer->point('anchor', 0)->y;
                $speeds[(string) $anchor] = $anchor * abs($layer->number('rotation', $composition->length) - $layer->number('rotation', 0));
            }
        }
        self::assertCount(3, $speeds);
        self::assertEqualsWithDelta(max($speeds), min($speeds), 0.001 * max($speeds));
    }

    public function test_the_tram_keeps_time_with_the_music_and_the_reference_stays_out_of_it(): void
    {
        $composition = TramToMusic::composition('m1', 'music', 'logo');
        self::assertSame(range(0, 225, 15), $composition->markers->frames());
        $list = $this->evaluator()->frame($composition, 130);
        self::assertSame('m1', $list->toJson()['reference'][0]['media']);
        self::assertStringNotContainsString('"media":"m1"', (string) json_encode($list->toJson()['items']));
        $cues = SoundPlan::of($composition, $this->evaluator()->media, $composition->range());
        self::assertSame(['music'], array_column($cues, 'media'));
        // It fades during the last forty frames.
        self::assertEqualsWithDelta([0.0, 1.0], $cues[0]->level[0], 1e-9);
        self::assertSame(0.0, $cues[0]->level[count($cues[0]->level) - 1][1]);
    }

    public function test_the_bar_fills_from_its_left_edge_and_the_number_counts_in_step(): void
    {
        $composition = RestorationProgress::composition();
        $bar = array_values(array_filter(iterator_to_array($composition->layers), fn ($layer): bool => $layer->name === 'Filling'))[0];
        foreach (range(1, 7) as $tram) {
            $bounds = $this->evaluator()->pose($bar, $composition, 20 + 8 * $tram)->bounds();
            self::assertEqualsWithDelta([300, 300 + 1320 * $tram / 11], [$bounds->left, $bounds->right], 0.01);
            $count = array_values(array_filter(iterator_to_array($composition->layers), fn ($layer): bool => $layer->name === 'Count'))[0];
            self::assertSame("$tram of 11 trams", $count->content->at($count->number('number', 20 + 8 * $tram))->words());
        }
    }
}
