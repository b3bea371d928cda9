<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CompositionRow;
use App\Models\MediaRow;
use App\Samples\Shelf;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\TestWith;
use Ricamo\Raster\Process\Ffmpeg;
use Ricamo\Raster\Tests\Clips;
use Tests\TestCase;
use ZipArchive;

/** What can be brought in besides clips: sounds, drawings, numbered pictures, and what is on the shelf. */
final class KindsOfMediaTest extends TestCase
{
    private function file(string $name, string $content): string
    {
        file_put_contents("$this->folder/$name", $content);

        return "$this->folder/$name";
    }

    public function test_a_sound_is_prepared_added_and_heard(): void
    {
        $composition = $this->composition();
        $tone = Clips::make('tone.flac', ['-f', 'lavfi', '-i', 'sine=f=440:r=44100:d=3']);
        $media = $this->takeIn($composition->project, $tone, 'Tone.flac');
        $this->getJson("/api/media/{$media->id}")->assertJson([
            'state' => 'ready', 'heard' => true, 'sound' => true, 'still' => false, 'poster' => null,
        ]);
        self::assertFileExists($media->previews().'/sound.ogg');
        self::assertCount(150, json_decode((string) file_get_contents($media->previews().'/peaks.json'), true));
        $this->edit(
            $composition, 'add-layer', ['layer' => ['kind' => 'footage', 'media' => $media->key()]],
        )->assertStatus(422)->assertJsonPath('message', '“Tone.flac” has no picture');
        $this->edit($composition, 'add-layer', ['layer' => ['kind' => 'sound', 'media' => $media->key()], 'at' => 25])->assertOk();
        $cue = $this->getJson("/api/compositions/{$composition->id}/sounds")->assertOk()->json('cues.0');
        self::assertEqualsWithDelta([0, 1, 3], [$cue['from'], $cue['at'], $cue['length']], 0.011);
        $this->getJson("/api/compositions/{$composition->id}/glimpse?frame=30")->assertOk()
            ->assertJsonPath('glimpse.list.items', [])->assertJsonPath('glimpse.missing', []);
    }

    public function test_a_drawing_is_shown_as_outlines(): void
    {
        $composition = $this->composition();
        $svg = $this->file(
            'logo.svg',
            '<?xml version="1.0"?><svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 20 10" width="200"><rect width="20" height="10" fill="#c0392b"/><text>9</text></svg>',
        );
        $media = $this->takeIn($composition->project, $svg, 'logo.svg');
        $this->getJson("/api/media/{$media->id}")->assertJson([
            'state' => 'ready', 'drawn' => true, 'width' => 200, 'height' => 100,
            'remark' => 'left out: words (make outlines of them)',
        ]);
        self::assertFileExists($media->previews().'/poster.png');
        $this->edit($composition, 'add-layer', ['layer' => ['kind' => 'footage', 'media' => $media->key()]])->assertOk();
        $shown = $this->getJson("/api/compositions/{$composition->id}/glimpse?frame=0")->json('glimpse.list');
        self::assertSame(['fill', '#c0392b'], [$shown['items'][0]['op'], $shown['items'][0]['colour']]);
    }

    public function test_numbered_pictures_in_a_zip_become_one_clip_of_the_rate_that_was_said(): void
    {
        $project = $this->project();
        Ffmpeg::run([...Ffmpeg::command(), '-i', Clips::counting(), '-frames:v', '12', "$this->folder/%d.png"]);
        $zip = new ZipArchive;
        $zip->open("$this->folder/shot.zip", ZipArchive::CREATE);
        foreach (range(1, 12) as $number) {
            $zip->addFile("$this->folder/$number.png", "shot/a$number.png");
        }
        $zip->close();
        $location = $this->withHeaders([
            'Tus-Resumable' => '1.0.0', 'Upload-Length' => (string) filesize("$this->folder/shot.zip"),
            'Upload-Metadata' => 'filename '.base64_encode('a1–12.png').',rate '.base64_encode('60/1'),
        ])
            ->post("/api/projects/{$project->id}/uploads")->headers->get('Location');
        $id = $this->send((string) $location, 0, (string) file_get_contents("$this->folder/shot.zip"))->headers->get('Ricamo-Media');
        $this->work();
        $this->getJson("/api/media/$id")->assertJson([
            'name' => 'a1–12.png', 'state' => 'ready', 'frames' => 12, 'rate' => '60/1', 'width' => 320,
        ]);
        self::assertSame([], File::glob(config('ricamo.uploads').'/*'), 'nothing is left of the ZIP');
    }

    #[TestWith(['script.svg', '<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>', 'it holds “script”'])]
    #[TestWith([
        'entity.svg', '<!DOCTYPE svg [<!ENTITY a SYSTEM "file:///etc/passwd">]><svg xmlns="http://www.w3.org/2000/svg"/>',
        'it defines entities',
    ])]
    #[TestWith(['zip.zip', "PK\x03\x04 and no more", 'it is a damaged ZIP'])]
    #[TestWith(['list.m3u8', "#EXTM3U\n#EXTINF:1,\nfile:///etc/passwd\n", 'it cannot be read'])]
    public function test_hostile_files_are_refused_and_leave_nothing_behind(string $name, string $content, string $says): void
    {
        $media = $this->takeIn($this->project(), $this->file($name, $content), $name);
        $problem = (string) $this->getJson("/api/media/{$media->id}")->assertJson(['state' => 'refused'])->json('problem');
        self::assertStringContainsString($says, $problem);
        self::assertSame([], File::glob(config('ricamo.uploads').'/*'));
        self::assertSame([], File::glob(config('ricamo.originals').'/*'));
    }

    public function test_what_is_on_the_shelf_is_brought_in_like_anything_else(): void
    {
        $project = $this->project();
        $samples = $this->getJson('/api/shelf')->assertOk()->json('samples');
        self::assertSame(
            ['Clips', 'Pictures', 'Textures', 'Logos', 'Sounds'],
            array_values(array_unique(array_column($samples, 'subject'))),
        );
        $taken = [];
        foreach (['badge', 'bell', 'enamel'] as $sample) {
            $taken[] = $this->postJson("/api/projects/{$project->id}/shelf/$sample")->assertStatus(202)->json('media');
        }
        $this->postJson("/api/projects/{$project->id}/shelf/nothing")->assertStatus(422);
        $this->work();
        $kinds = array_map(fn (int $id): array => $this->getJson("/api/media/$id")->assertJson(['state' => 'ready'])->json(), $taken);
        self::assertSame(
            [[true, false], [false, true], [false, false]],
            array_map(fn (array $one): array => [$one['drawn'], $one['heard']], $kinds),
        );
        self::assertSame('Signal bell.wav', $kinds[1]['name']);
        // The same again is the same.
        $again = $this->postJson("/api/projects/{$project->id}/shelf/bell")->json('media');
        $this->work();
        $this->getJson("/api/media/$again")->assertJson(['state' => 'twin', 'twin' => "m{$taken[1]}"]);
        self::assertSame(3, MediaRow::query()->where('state', 'ready')->count());
        self::assertSame([], File::glob(config('ricamo.uploads').'/*'));
    }

    public function test_every_sample_has_a_name_of_its_own(): void
    {
        $samples = app(Shelf::class)->all();
        self::assertSame(count($samples), count(array_unique(array_column($samples, 'file'))));
    }

    public function test_a_layer_shows_something_else_where_it_was(): void
    {
        $composition = $this->composition();
        $clip = $this->takeIn($composition->project, $this->clipFile());
        $svg = $this->takeIn(
            $composition->project,
            $this->file('a.svg', '<svg xmlns="http://www.w3.org/2000/svg" width="640" height="90"><rect width="9" height="9"/></svg>'),
            'a.svg',
        );
        $this->edit(
            $composition, 'add-layer',
            ['layer' => ['kind' => 'footage', 'media' => $clip->key(), 'scale' => [50, 50], 'position' => [100, 80]]],
        )->assertOk();
        $this->edit($composition, 'show-instead', ['layers' => ['l1'], 'media' => $svg->key()])->assertOk();
        $layer = $this->document(CompositionRow::query()->findOrFail($composition->id))['layers'][0];
        // 320 × 180 at 50 %; 640 × 90 covers it at 100 %.
        self::assertEquals([$svg->key(), [100, 100], [100, 80]], [$layer['media'], $layer['scale'], $layer['position']]);
    }

    public function test_words_are_set_in_a_font_that_was_brought_in_and_it_stays_while_it_is_used(): void
    {
        $composition = $this->composition();
        $font = $this->takeIn($composition->project, base_path('raster/fonts/DancingScript-Bold.otf'), 'Script.otf');
        $clip = $this->takeIn($composition->project, $this->clipFile());
        $this->getJson("/api/media/{$font->id}")->assertJson([
            'state' => 'ready', 'font' => 'Dancing Script Bold', 'poster' => "/storage/media/{$font->hash}/poster.png",
        ]);
        self::assertFileExists($font->previews().'/poster.png');
        $this->edit(
            $composition, 'add-layer', ['layer' => ['kind' => 'text', 'text' => 'With love', 'fontMedia' => $font->key()]],
        )->assertOk();
        $paths = fn (): array => array_keys($this->getJson("/api/compositions/{$composition->id}/glimpse?frame=0")->assertOk()->json('glimpse.list.paths'));
        $own = $paths();
        $this->editProject($composition->project, 'remove-media', ['media' => [$font->key()]])->assertStatus(422);
        $this->edit(
            $composition, 'set-content', ['layer' => 'l1', 'content' => ['fontMedia' => $clip->key()]],
        )->assertStatus(422)->assertJsonPath('message', '“street.mp4” is no font');
        $this->edit(
            $composition, 'set-content',
            ['layer' => 'l1', 'content' => ['font' => 'dancing-script-bold', 'fontMedia' => null]],
        )->assertOk();
        self::assertSame($own, $paths(), 'the same face, shipped and brought in');
        $this->editProject($composition->project, 'remove-media', ['media' => [$font->key()]])->assertOk();
    }

    public function test_a_sample_that_is_given_up_on_its_way_leaves_nothing(): void
    {
        $project = $this->project();
        $id = $this->postJson("/api/projects/{$project->id}/shelf/bell")->json('media');
        $this->deleteJson("/api/media/$id")->assertOk();
        $this->work();
        self::assertSame(0, MediaRow::query()->count());
        self::assertSame([], File::glob(config('ricamo.originals').'/*'));
        self::assertSame([], File::glob(config('ricamo.uploads').'/*'));
    }
}
