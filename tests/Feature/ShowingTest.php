<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** What the interface is given to show: glimpses, guides, sounds, and what there is to choose from. */
final class ShowingTest extends TestCase
{
    public function test_guides_come_with_what_is_on_the_move(): void
    {
        $composition = $this->composition();
        $this->addBar($composition, ['id' => 'bar', 'size' => [200, 100], 'position' => [700, 300]]);
        $try = fn (array $args, array $show): array => $this->postJson("/api/compositions/{$composition->id}/edits/try", [
            'edit' => 'drag-layers', 'args' => ['layers' => ['bar'], 'frame' => 0, ...$args], 'show' => ['frame' => 0, ...$show],
        ])->assertOk()->json('glimpse');
        $moving = $try(['by' => [257, 100], 'snap' => 8], ['aligned' => ['bar']]);
        self::assertEquals([['axis' => 'x', 'at' => 960, 'from' => 0, 'to' => 1080]], $moving['guides']);
        self::assertEquals(960, $moving['poses'][0]['anchor'][0]);
        self::assertSame([], $try(['by' => [257, 100]], ['aligned' => ['bar']])['guides']);
        self::assertSame([], $try(['by' => [260, 100]], [])['guides']);
    }

    public function test_guides_come_with_a_mask_that_is_on_the_move(): void
    {
        $composition = $this->composition();
        $this->addBar($composition, [
            'id' => 'bar', 'size' => [200, 100], 'position' => [700, 300],
            'masks' => [['id' => 'm1', 'form' => 'rectangle', 'size' => [40, 20]]],
        ]);
        $try = fn (array $show): array => $this->postJson("/api/compositions/{$composition->id}/edits/try", [
            'edit' => 'pull-mask', 'args' => ['layer' => 'bar', 'mask' => 'm1', 'frame' => 0, 'by' => [257, 215], 'snap' => 4],
            'show' => ['frame' => 0, ...$show],
        ])->assertOk()->json('glimpse.guides');
        // Its middle at 957 comes to that of the frame at 960; along y nothing is near.
        self::assertEquals([['axis' => 'x', 'at' => 960, 'from' => 0, 'to' => 1080]], $try(['held' => ['layer' => 'bar', 'part' => 'm1']]));
        self::assertSame([], $try(['held' => ['layer' => 'bar', 'part' => 'm2']]));
        self::assertSame([], $try(['held' => ['layer' => 'gone', 'part' => 'm1']]));
        self::assertSame([], $try([]));
    }

    public function test_paths_that_are_known_are_not_sent_again(): void
    {
        $composition = $this->composition();
        $this->addBar($composition, ['id' => 'bar']);
        $show = fn (array $known): array => $this->postJson("/api/compositions/{$composition->id}/edits/try", [
            'edit' => 'rename-layer', 'args' => ['layer' => 'bar', 'name' => 'x'], 'show' => ['frame' => 0, 'known' => $known],
        ])->assertOk()->json('glimpse.list');
        $first = $show([]);
        self::assertSame([$first['items'][0]['path']], array_keys($first['paths']));
        self::assertSame([], $show(array_keys($first['paths']))['paths']);
    }

    public function test_fonts_come_with_ones_own_words_and_with_what_they_have_not(): void
    {
        $composition = $this->composition();
        $answer = $this->getJson("/api/compositions/{$composition->id}/fonts?text=".urlencode("Трамвай 東 한\nA"))->assertOk()->json();
        self::assertSame('DejaVu Sans, Motoya Cedar', $answer['fallback']);
        self::assertSame(array_column($this->getJson('/api/vocabulary')->json('fonts'), 'id'), array_keys($answer['samples']));
        self::assertSame(
            [['東'], ['한']],
            [$answer['samples']['eb-garamond-regular']['taken'], $answer['samples']['eb-garamond-regular']['lost']],
        );
        self::assertSame(
            [['Т', 'р', 'а', 'м', 'в', 'й', '東'], ['한']],
            [$answer['samples']['karla-bold']['taken'], $answer['samples']['karla-bold']['lost']],
        );
        self::assertStringStartsWith('M', $answer['samples']['karla-bold']['path']);
        $this->getJson("/api/compositions/{$composition->id}/fonts?text=".urlencode(str_repeat('W', 5000)))->assertOk();
        $this->getJson('/api/compositions/999999/fonts')->assertNotFound();
    }

    public function test_a_layer_is_shown_alone_with_each_effect_that_it_could_have(): void
    {
        $composition = $this->composition();
        $this->addBar($composition, ['id' => 'other', 'size' => [900, 900]]);
        $this->addBar(
            $composition,
            ['id' => 'bar', 'size' => [200, 100], 'position' => [700, 300], 'effects' => [['id' => 'e1', 'effect' => 'invert']]],
        );
        $answer = $this->getJson("/api/compositions/{$composition->id}/effects?layer=bar&frame=9999")->assertOk()->json();
        self::assertEquals([600, 250, 800, 350], $answer['bounds']);
        self::assertSame(array_column($this->getJson('/api/vocabulary')->json('effects'), 'name'), array_keys($answer['samples']));
        // After what it has already; and of what does nothing by itself, something is shown.
        self::assertSame(['blur'], array_column($answer['samples']['blur']['items'][0]['filters'], 'filter'));
        self::assertSame(['matrix'], array_column($answer['samples']['blur']['items'][0]['items'][0]['filters'], 'filter'));
        foreach (['corner-pin', 'mesh', 'smear', 'curves'] as $name) {
            self::assertNotEmpty($answer['samples'][$name]['items'][0]['filters'], $name);
        }
        self::assertNotSame(range(0, 255), $answer['samples']['curves']['items'][0]['filters'][0]['red']);
        // A path is told with the first of them only.
        self::assertSame([1, 0], [count($answer['samples']['blur']['paths']), count($answer['samples']['zoom-blur']['paths'])]);
        $this->getJson("/api/compositions/{$composition->id}/effects?layer=none&frame=0")->assertStatus(422);
    }

    public function test_what_a_layer_would_do_is_told_as_films_and_what_it_cannot_do_as_a_reason(): void
    {
        $composition = $this->composition();
        $this->addBar($composition, ['id' => 'other', 'size' => [900, 900]]);
        $this->addBar($composition, ['id' => 'bar', 'size' => [200, 100], 'position' => [700, 300], 'in' => 40, 'out' => 140]);
        $arrival = fn (string $move, int $length): array => ['edit' => 'set-arrival', 'args' => [
            'layers' => ['bar'], 'phase' => ['length' => $length, 'moves' => [['move' => $move]]],
        ]];
        $before = $this->getJson("/api/compositions/{$composition->id}")->json();
        $ask = fn (array $body) => $this->postJson("/api/compositions/{$composition->id}/films", [
            'layer' => 'bar', 'role' => 'arrive', 'frame' => 0, ...$body,
        ]);
        $lines = array_map(
            fn (string $line): array => json_decode($line, true),
            explode("\n", trim($ask(['edits' => [
                $arrival('grow', 18),
                $arrival('somersault', 18),
                ['edit' => 'add-composition', 'args' => []],
                $arrival('slide', 9),
            ]])->assertOk()->streamedContent())),
        );
        self::assertEquals([600, 250, 800, 350], $lines[0]['bounds']);
        self::assertSame([[40, 58], [40, 49]], [$lines[1]['range'], $lines[4]['range']]);
        self::assertSame([10, 10], [count($lines[1]['lists']), count($lines[4]['lists'])]);
        self::assertStringContainsString('"somersault" is not', $lines[2]['refused']);
        self::assertSame(['refused'], array_keys($lines[3]));
        // A path is told once in all of them, and of the other layer nothing.
        $paths = array_merge(...array_map(fn (array $list): array => array_keys($list['paths']), [...$lines[1]['lists'], ...$lines[4]['lists']]));
        self::assertCount(1, $paths);
        self::assertSame($before, $this->getJson("/api/compositions/{$composition->id}")->json());

        $ask(['layer' => 'none', 'edits' => []])->assertStatus(422);
        $ask(['role' => 'stay', 'edits' => []])->assertStatus(422);
        $ask(['edits' => array_fill(0, 101, $arrival('fade', 10))])->assertStatus(422);
        $ask([])->assertStatus(422);
    }

    public function test_a_playhead_beyond_the_end_shows_the_last_frame(): void
    {
        $composition = $this->composition();
        $this->getJson("/api/compositions/{$composition->id}/glimpse?frame=9999")->assertJsonPath('glimpse.list.frame', 249);
        $this->getJson("/api/compositions/{$composition->id}/glimpse?frame=-4")->assertJsonPath('glimpse.list.frame', 0);
    }

    public function test_everything_there_is_to_choose_from_is_named(): void
    {
        $words = $this->getJson('/api/vocabulary')->assertOk()->json();
        self::assertSame(['adjusting', 'bundle', 'camera', 'footage', 'group', 'light', 'shape', 'sound', 'text', 'window'], array_keys($words['properties']));
        self::assertContains('rounding', array_column($words['properties']['shape'], 'name'));
        self::assertNotContains('rounding', array_column($words['properties']['text'], 'name'));
        $opacity = array_column($words['properties']['text'], null, 'name')['opacity'];
        self::assertEquals(
            [
                'name' => 'opacity', 'type' => 'number', 'default' => 100, 'least' => 0, 'most' => 100,
                'title' => 'Opacity', 'section' => 'placement', 'unit' => '%', 'step' => 1, 'axes' => [],
                'leastCalled' => null, 'hint' => null,
            ],
            $opacity,
        );
        self::assertSame(
            'Positive is farther away from the viewer', array_column($words['properties']['group'], null, 'name')['z']['hint'],
        );
        // What each value stands in is known by name, and whether it is folded while nothing is in it.
        $sections = array_column($words['sections'], 'rare', 'name');
        self::assertSame(
            [],
            array_diff(array_column(array_merge(...array_values($words['properties'])), 'section'), array_keys($sections)),
        );
        self::assertSame([false, true, true], [$sections['placement'], $sections['masks'], $sections['variable-font']]);
        foreach ($words['fonts'] as $font) {
            self::assertMatchesRegularExpression('/^M[-\d. MLCZ]+Z$/', $font['sample']['path']);
            self::assertGreaterThan(500, $font['sample']['width']);
        }
        $easings = array_column($words['easings'], null, 'name');
        self::assertSame([0, 1], [$easings['back-out']['samples'][0], end($easings['back-out']['samples'])]);
        self::assertGreaterThan(1.05, max($easings['back-out']['samples']));
        self::assertCount(31 + 4, $words['easings']);
        self::assertSame(['Fade', 'Dissolve in light'], array_slice(array_column($words['moves'], 'title'), 0, 2));
        self::assertSame(['angle', 'distance'], array_column(array_column($words['moves'], null, 'name')['slide']['settings'], 'name'));
        self::assertContains('shake', array_column($words['accents'], 'name'));
    }

    public function test_a_playhead_is_drawn_to_ends_and_to_keyframes_of_what_is_selected(): void
    {
        $composition = $this->composition();
        $this->edit($composition, 'add-layer', ['layer' => [
            'kind' => 'shape', 'form' => 'ellipse', 'id' => 'dot', 'in' => 20, 'out' => 30,
            'opacity' => ['keyframes' => [['at' => 3, 'value' => 0], ['at' => 6, 'value' => 100]]],
        ]]);
        $url = "/api/compositions/{$composition->id}/marks";
        $ends = $this->getJson($url)->assertOk()->json('frames');
        self::assertSame([true, true], [in_array(20, $ends, true), in_array(30, $ends, true)]);
        $all = $this->getJson("$url?layers[]=dot&layers[]=gone")->assertOk()->json('frames');
        self::assertSame([23, 26], array_values(array_diff($all, $ends)));
        $this->getJson("$url?layers=dot")->assertOk()->assertJsonPath('frames', $this->getJson("$url?layers[]=dot")->json('frames'));
    }

    public function test_sounds_are_cued_from_the_clip_where_the_layer_begins(): void
    {
        $composition = $this->composition();
        $file = "$this->folder/sound.mp4";
        exec(
            'ffmpeg -v error -f lavfi -i testsrc=s=64x36:r=25:d=2 -f lavfi -i sine=d=2 -c:v libx264 -pix_fmt yuv420p -c:a aac -shortest '
                .escapeshellarg($file),
            result_code: $status,
        );
        self::assertSame(0, $status);
        $media = $this->takeIn($composition->project, $file, 'sound.mp4')->key();
        $this->edit(
            $composition, 'add-layer',
            ['layer' => ['kind' => 'footage', 'media' => $media, 'from' => 10, 'in' => 50, 'id' => 'clip']],
        );
        $sounds = fn (): array => $this->getJson("/api/compositions/{$composition->id}/sounds")->assertOk()->json('cues');
        self::assertEquals(
            [[
                'layer' => 'clip', 'media' => $media, 'from' => 0.4, 'at' => 2, 'length' => 1.6, 'speed' => 1, 'level' => [[0, 1]], 'speeds' => [],
            ]],
            $sounds(),
        );
        $this->edit($composition, 'set-content', ['layer' => 'clip', 'content' => ['sound' => false]]);
        self::assertSame([], $sounds());
    }

    #[TestWith(['compositions/abc', 404])]
    #[TestWith(['compositions/99999999999999999999999', 404])]
    #[TestWith(['compositions/-1', 404])]
    #[TestWith(['compositions/77/frames', 404])]
    #[TestWith(['renders/77', 404])]
    #[TestWith(['projects/1e3/media', 404])]
    #[TestWith(['nothing/here', 404])]
    #[TestWith(['timecode', 422])]
    #[TestWith(['timecode?rate=0/0&text=1', 422])]
    #[TestWith(['timecode?rate[]=25&text=1', 422])]
    #[TestWith(['timecode?rate=25/1&from=-9999999999999999999&to=4', 422])]
    #[TestWith(['compositions/1/frames?from=9&to=3', 422])]
    #[TestWith(['compositions/1/frames?from=x&to=y', 422])]
    #[TestWith(['compositions/1/glimpse?frame=99999999999999999999', 422])]
    #[TestWith(['compositions/1/glimpse?layers[]=a', 200])]
    #[TestWith(['compositions/1/changes?since=x', 422])]
    #[TestWith(['timecode?rate=25/1&text=%ff%fe', 422])]
    #[TestWith(['timecode?rate=30000/1001&from=9999999998&to=9999999999', 200])]
    #[TestWith(['timecode?rate=30000/1001&from=-9999999999&to=9999999999', 422])]
    #[TestWith(['timecode?rate=%c3%28&text=1', 422])]
    #[TestWith(['media/1/frames/abc/0', 404])]
    #[TestWith(['uploads/none', 404])]
    #[TestWith(['projects/1/export.exe', 404])]
    public function test_addresses_that_make_no_sense_are_answered_as_such(string $path, int $status): void
    {
        $this->composition();
        $answer = $this->getJson("/api/$path");
        self::assertSame($status, $answer->status(), (string) $answer->getContent());
        if ($status !== 200) {
            self::assertNotEmpty($answer->json('message'));
            self::assertStringNotContainsString(base_path(), (string) $answer->getContent());
        }
    }

    /** @param  array<string, mixed>  $body */
    #[TestWith([['args' => [], 'revision' => 0]])]
    #[TestWith([['edit' => ['x'], 'args' => [], 'revision' => 0]])]
    #[TestWith([['edit' => 'remove-layers', 'args' => 'all', 'revision' => 0]])]
    #[TestWith([['edit' => 'remove-layers', 'args' => ['layers' => []], 'revision' => 0]])]
    #[TestWith([['edit' => 'set-composition', 'args' => ['name' => 'x'], 'revision' => 1e99]])]
    #[TestWith([['edit' => 'set-composition', 'args' => ['name' => 'x'], 'revision' => 0, 'show' => ['frame' => 'now']]])]
    #[TestWith([['edit' => 'set-composition', 'args' => ['name' => 'x'], 'revision' => 0, 'show' => ['frame' => 0, 'known' => [['a']]]]])]
    public function test_bodies_that_make_no_sense_are_refused_and_change_nothing(array $body): void
    {
        $composition = $this->composition();
        $this->postJson("/api/compositions/{$composition->id}/edits", $body)->assertStatus(422)->assertJsonStructure(['message']);
        self::assertSame(0, $composition->refresh()->revision);
    }

    public function test_markers_are_got_out_as_files(): void
    {
        $composition = $this->composition();
        $this->edit($composition, 'add-markers', ['markers' => [['frame' => 30, 'name' => 'Bell, loud']]])->assertOk();
        $vtt = $this->get("/api/compositions/{$composition->id}/markers.vtt")->assertOk()->assertHeader(
            'Content-Type', 'text/vtt; charset=utf-8',
        );
        self::assertStringContainsString("00:00:01.200 --> 00:00:01.240\nBell, loud\n", (string) $vtt->getContent());
        $csv = $this->get("/api/compositions/{$composition->id}/markers.csv")->assertOk();
        self::assertSame("frame,timecode,name,label\r\n30,00:00:01:05,\"Bell, loud\",saffron\r\n", $csv->getContent());
        $this->get("/api/compositions/{$composition->id}/markers.exe")->assertStatus(404);
    }
}
