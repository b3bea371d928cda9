<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\TestWith;
use Ricamo\Core\Document\Project;
use Ricamo\Raster\Media\Probe;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** ./ricamo on project files, as a process of its own, from another folder. */
final class CommandLineTest extends TestCase
{
    /** @param  array<string, mixed>  $layer */
    private function write(array $layer = [], array $fields = []): void
    {
        copy($this->clipFile(), "$this->folder/clip.mp4");
        file_put_contents("$this->folder/doc.json", json_encode([
            'format' => 'ricamo-project', 'version' => 1, 'name' => 'Depot Nine',
            'media' => [['id' => 'm1', 'file' => 'clip.mp4']],
            'compositions' => [['id' => 'c1', 'name' => 'Lower third', 'width' => 320, 'height' => 180, 'rate' => '25/1', 'length' => 60, 'layers' => [
                ['id' => 'clip', 'kind' => 'footage', 'name' => 'Clip', 'media' => 'm1', 'in' => 0, 'out' => 60, 'position' => [160, 90]],
                ['id' => 'bar', 'kind' => 'shape', 'form' => 'rectangle', 'name' => 'Bar', 'in' => 0, 'out' => 60, 'size' => [100, 30], 'fill' => '#2f5d50',
                    'position' => ['keyframes' => [
                        ['at' => 0, 'value' => [-50, 140], 'easing' => 'cubic-out'], ['at' => 20, 'value' => [160, 140]],
                    ]], ...$layer],
            ]]], ...$fields,
        ]));
    }

    private function ricamo(string ...$arguments): Process
    {
        $process = new Process([base_path('ricamo'), ...$arguments], $this->folder, timeout: null);
        $process->run();

        return $process;
    }

    public function test_a_still_has_the_pixels_worked_out_by_hand(): void
    {
        $this->write();
        self::assertSame(0, $this->ricamo('still', 'doc.json', '--frame', '10', '--out', 'still.png')->getExitCode());
        // Half way, cubic-out has gone 1 − 0.5³ = 0.875: from −50 by 0.875 × 210 to 133.75; the bar covers 83.75 to 183.75.
        $image = "$this->folder/still.png";
        $pixel = fn (int $x, int $y): string => bin2hex((new Process([
            'ffmpeg', '-v', 'error', '-i', $image, '-vf', "crop=1:1:$x:$y", '-f', 'rawvideo', '-pix_fmt', 'rgb24', 'pipe:1',
        ]))->mustRun()->getOutput());
        self::assertSame('2f5d50', $pixel(84, 140));
        self::assertSame('2f5d50', $pixel(182, 126));
        self::assertNotSame('2f5d50', $pixel(82, 140));
        self::assertNotSame('2f5d50', $pixel(185, 140));
    }

    public function test_display_lists_are_printed_a_line_each(): void
    {
        $this->write();
        $process = $this->ricamo('evaluate', 'doc.json', '--frame', '8..12');
        $lists = array_map(fn (string $line): array => json_decode($line, true), explode("\n", trim($process->getOutput())));
        self::assertSame([8, 9, 10, 11, 12], array_column($lists, 'frame'));
        self::assertSame(133.75, $lists[2]['items'][1]['matrix'][4]);
        self::assertSame(10, $lists[2]['items'][0]['frame']);
    }

    public function test_a_render_has_the_frames_that_were_asked_for(): void
    {
        $this->write();
        $process = $this->ricamo('render', 'doc.json', '--out', 'out.mp4', '--range', '10..29', '--composition', 'Lower third');
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        $clip = Probe::clip("$this->folder/out.mp4");
        self::assertSame([320, 180, 20, '25/1'], [$clip->width, $clip->height, $clip->frames, (string) $clip->rate]);
        self::assertSame(['clip.mp4', 'out.mp4'], array_map(basename(...), glob("$this->folder/*mp4*") ?: []));
        self::assertSame(0, $this->ricamo('render', 'doc.json', '--out', 'half.mp4', '--range', '0..4', '--scale', '0.5')->getExitCode());
        self::assertSame(160, Probe::clip("$this->folder/half.mp4")->width);
    }

    public function test_edits_are_applied_to_a_file(): void
    {
        $this->write();
        file_put_contents("$this->folder/edits.json", json_encode([
            ['edit' => 'rename-layer', 'args' => ['layer' => 'bar', 'name' => 'Lower bar']],
            ['edit' => 'add-layer', 'args' => ['layer' => ['kind' => 'text', 'text' => 'Marta Oldani', 'id' => 'name']]],
        ]));
        self::assertSame(0, $this->ricamo('edit', 'doc.json', 'edits.json', '--out', 'new.json')->getExitCode());
        $project = Project::parse((string) file_get_contents("$this->folder/new.json"));
        self::assertSame('Lower bar', $project->composition()->layer('bar')->name);
        self::assertSame('Marta Oldani', $project->composition()->layer('name')->name);
        file_put_contents(
            "$this->folder/edits.json",
            json_encode([
                ['edit' => 'rename-layer', 'args' => ['layer' => 'bar', 'name' => 'x']],
                ['edit' => 'remove-layers', 'args' => ['layers' => ['gone']]],
            ]),
        );
        $before = file_get_contents("$this->folder/doc.json");
        $process = $this->ricamo('edit', 'doc.json', 'edits.json');
        self::assertSame(
            [2, "edits.json: [1]: there is no layer \"gone\" in \"Lower third\"\n"],
            [$process->getExitCode(), $process->getErrorOutput()],
        );
        self::assertSame($before, file_get_contents("$this->folder/doc.json"));
    }

    public function test_what_is_wrong_is_told_with_its_place_once(): void
    {
        $this->write();
        foreach ([
            '[0].args.values[0].value: 130 is outside 0..100' => [
                'set-values', ['frame' => 0, 'values' => [['layer' => 'bar', 'property' => 'opacity', 'value' => 130]]],
            ],
            '[0].args.by: is missing' => ['move-layers', ['layers' => ['bar']]],
            '[0]: “Bar” would end on frame 100, before it begins on 500' => ['trim-layer', ['layer' => 'bar', 'in' => 500, 'out' => 100]],
        ] as $says => [$edit, $args]) {
            file_put_contents("$this->folder/edits.json", json_encode([['edit' => $edit, 'args' => $args]]));
            self::assertSame("edits.json: $says\n", $this->ricamo('edit', 'doc.json', 'edits.json')->getErrorOutput());
        }
        file_put_contents("$this->folder/whole.ricamo", "PK\x03\x04 and so on");
        self::assertSame(
            "whole.ricamo: is an archive of a project and its media; unpack it, as a ZIP, and name its project.json\n",
            $this->ricamo('still', 'whole.ricamo', '--out', 'x.png')->getErrorOutput(),
        );
    }

    public function test_edits_of_the_project_are_applied_to_a_file(): void
    {
        $this->write();
        file_put_contents("$this->folder/edits.json", json_encode([
            ['edit' => 'duplicate-composition', 'args' => ['composition' => 'c1']],
            ['edit' => 'rename-layer', 'args' => ['layer' => 'bar', 'name' => 'Other bar'], 'composition' => 'c2'],
            ['edit' => 'rename-composition', 'args' => ['composition' => 'c1', 'name' => 'First']],
            ['edit' => 'rename-layer', 'args' => ['layer' => 'bar', 'name' => 'First bar']],
            ['edit' => 'file-media', 'args' => ['media' => ['m1'], 'folder' => 'Street']],
            ['edit' => 'add-swatch', 'args' => ['colour' => '#2f5d50']],
        ]));
        self::assertSame('', $this->ricamo('edit', 'doc.json', 'edits.json')->getErrorOutput());
        $project = Project::parse((string) file_get_contents("$this->folder/doc.json"));
        self::assertSame(
            ['First bar', 'Other bar'],
            [$project->composition('First')->layer('bar')->name, $project->composition('Lower third 2')->layer('bar')->name],
        );
        self::assertSame(['Street', '#2f5d50'], [$project->media->get('m1')->folder, (string) $project->kept->swatches[0]->colour]);
        self::assertSame(
            0,
            $this->ricamo('still', 'doc.json', '--frame', '10', '--out', 'still.png', '--composition', 'Lower third 2')->getExitCode(),
        );
        file_put_contents("$this->folder/edits.json", json_encode([['edit' => 'remove-media', 'args' => ['media' => ['m1']]]]));
        self::assertSame(
            "edits.json: [0]: “clip.mp4” is in use: “Clip” in “First”, “Clip” in “Lower third 2”. Remove those layers first.\n",
            $this->ricamo('edit', 'doc.json', 'edits.json')->getErrorOutput(),
        );
    }

    #[TestWith([['opacity' => 130], 'doc.json: compositions[0].layers[1].opacity: 130 is outside 0..100'])]
    #[TestWith([
        ['kind' => 'hologram'],
        'doc.json: compositions[0].layers[1].kind: "hologram" is not one of adjusting, bundle, camera, footage, group, light, shape, sound, text, window',
    ])]
    public function test_a_bad_document_ends_with_status_2_and_one_line(array $layer, string $says): void
    {
        $this->write($layer);
        $process = $this->ricamo('still', 'doc.json', '--out', 'x.png');
        self::assertSame([2, "$says\n", ''], [$process->getExitCode(), $process->getErrorOutput(), $process->getOutput()]);
        self::assertFileDoesNotExist("$this->folder/x.png");
    }

    public function test_media_outside_the_folder_and_missing_files_are_refused(): void
    {
        foreach ([
            '../../etc/passwd' => "doc.json: media \"m1\" (../../etc/passwd): the path leads out of the project's folder\n",
            'gone.mp4' => "doc.json: media \"m1\" (gone.mp4): there is no such file\n",
        ] as $file => $says) {
            $this->write(fields: ['media' => [['id' => 'm1', 'file' => $file]]]);
            $process = $this->ricamo('evaluate', 'doc.json');
            self::assertSame([2, $says], [$process->getExitCode(), $process->getErrorOutput()]);
        }
    }

    #[TestWith([['still', 'gone.json', '--out', 'x.png'], 'gone.json: there is no such file'])]
    #[TestWith([['still', 'doc.json'], '--out: say which file to write'])]
    #[TestWith([['still', 'doc.json', '--out', 'x.png', '--frame', '60'], 'doc.json: frame 60 is outside 0..59'])]
    #[TestWith([['still', 'doc.json', '--out', 'x.png', '--frame=-1'], '--frame: "-1" is not a frame number'])]
    #[TestWith([['render', 'doc.json', '--out', 'x.mov', '--format', 'hevc'], 'x.mov: MP4, HEVC ends with .mp4'])]
    #[TestWith([['render', 'doc.json', '--out', 'x.png'], 'x.png: holds one frame; say which with --range, or write a .zip of all'])]
    #[TestWith([['render', 'doc.json', '--out', 'x.mp4', '--quality', 'superb'], '--quality: "superb" is not small, good or best'])]
    #[TestWith([
        ['render', 'doc.json', '--out', 'x.avi'],
        'x.avi: must end with .mp4, .mov, .webm, .mkv, .zip, .apng, .gif, .webp, .png, .wav',
    ])]
    #[TestWith([['render', 'doc.json', '--out', 'folder.mp4'], 'folder.mp4: is a folder'])]
    #[TestWith([['render', 'doc.json', '--out', 'nowhere/x.mp4'], 'nowhere/x.mp4: there is no such folder'])]
    #[TestWith([['render', 'doc.json', '--out', '/proc/x.mp4'], '/proc/x.mp4: cannot be written'])]
    #[TestWith([['still', 'doc.json', '--out', '/proc/x.png'], '/proc/x.png: cannot be written'])]
    #[TestWith([['edit', 'doc.json', 'doc.json', '--out', 'folder.mp4'], 'folder.mp4: is a folder'])]
    #[TestWith([['render', 'doc.json', '--out', 'x.mp4', '--range', '9..3'], '--range: 9..3 ends before it begins'])]
    #[TestWith([['render', 'doc.json', '--out', 'x.mp4', '--scale', '99'], '--scale: "99" is outside 0.05..4'])]
    #[TestWith([['render', 'doc.json', '--out', 'x.mp4', '--composition', 'Intro'], 'there is no composition "Intro"'])]
    #[TestWith([['render', 'doc.json', '--out', 'x.mp4', '--speed', '2'], 'The "--speed" option does not exist.'])]
    #[TestWith([['still', 'doc.json', '--out', 'x.jpg'], 'x.jpg: must end with .png'])]
    #[TestWith([['bench', '--only', 'tea'], '--only: "tea" is not one of evaluation, edits'])]
    #[TestWith([['render'], 'Not enough arguments'])]
    #[TestWith([['dance'], './ricamo: "dance" is not a command'])]
    public function test_bad_arguments_end_with_status_2_and_one_line(array $arguments, string $says): void
    {
        $this->write();
        mkdir("$this->folder/folder.mp4");
        $process = $this->ricamo(...$arguments);
        self::assertSame(2, $process->getExitCode());
        self::assertStringStartsWith($says, $process->getErrorOutput());
        self::assertSame(1, substr_count($process->getErrorOutput(), "\n"));
    }

    public function test_what_is_read_is_never_written_and_other_files_only_when_that_is_said(): void
    {
        $this->write();
        file_put_contents("$this->folder/edits.json", '[]');
        link("$this->folder/clip.mp4", "$this->folder/other name.mp4");
        symlink('doc.json', "$this->folder/link.png");
        $sums = fn (): array => array_map(fn (string $file): string => (string) md5_file($file), glob("$this->folder/*") ?: []);
        $before = $sums();
        foreach ([
            ['render', 'doc.json', '--out', 'clip.mp4'], ['render', 'doc.json', '--out', './clip.mp4'],
            ['render', 'doc.json', '--out', 'other name.mp4'], ['still', 'doc.json', '--out', 'link.png'],
            ['edit', 'doc.json', 'edits.json', '--out', 'doc.json'],
            ['edit', 'doc.json', 'edits.json', '--out', 'edits.json'],
            ['edit', 'doc.json', 'edits.json', '--out', 'clip.mp4'],
        ] as $arguments) {
            $process = $this->ricamo(...[...$arguments, '--force']);
            self::assertSame(
                [2, "{$arguments[count($arguments) - 1]}: is read for this, and is not overwritten\n"],
                [$process->getExitCode(), $process->getErrorOutput()],
            );
        }
        self::assertSame($before, $sums());
        file_put_contents("$this->folder/mine.png", 'mine');
        $process = $this->ricamo('still', 'doc.json', '--out', 'mine.png');
        self::assertSame(
            [2, "mine.png: is there already; --force overwrites it\n", 'mine'],
            [$process->getExitCode(), $process->getErrorOutput(), file_get_contents("$this->folder/mine.png")],
        );
        self::assertSame(0, $this->ricamo('still', 'doc.json', '--out', 'mine.png', '--force')->getExitCode());
        self::assertStringStartsWith("\x89PNG", (string) file_get_contents("$this->folder/mine.png"));
    }

    public function test_what_killed_commands_left_is_taken_away_by_the_next(): void
    {
        $this->write();
        file_put_contents("$this->folder/edits.json", '[]');
        foreach (['x.png', 'new.json', 'doc.json', 'x.mp4'] as $file) {
            // No process has this number: it is above what the system gives.
            file_put_contents("$this->folder/$file.99999999.part", 'half');
        }
        self::assertSame(0, $this->ricamo('still', 'doc.json', '--out', 'x.png')->getExitCode());
        self::assertSame(0, $this->ricamo('edit', 'doc.json', 'edits.json', '--out', 'new.json')->getExitCode());
        self::assertSame(0, $this->ricamo('edit', 'doc.json', 'edits.json')->getExitCode());
        self::assertSame(0, $this->ricamo('render', 'doc.json', '--out', 'x.mp4', '--range', '0..1')->getExitCode());
        self::assertSame([], glob("$this->folder/*.part"));
    }

    public function test_an_animated_webp_is_rendered_and_used_as_a_clip(): void
    {
        $this->write();
        self::assertSame(0, $this->ricamo('render', 'doc.json', '--out', 'moving.webp', '--range', '0..19')->getExitCode());
        $this->write(fields: ['media' => [['id' => 'm1', 'file' => 'moving.webp']]]);
        $before = glob(sys_get_temp_dir().'/ricamo-*.mov');
        $process = $this->ricamo('evaluate', 'doc.json', '--frame', '12');
        self::assertSame(12, json_decode($process->getOutput(), true)['items'][0]['frame'], $process->getErrorOutput());
        self::assertSame($before, glob(sys_get_temp_dir().'/ricamo-*.mov'), 'what was made for it is gone');
    }

    public function test_what_of_a_drawing_stays_out_is_said(): void
    {
        file_put_contents(
            "$this->folder/sign.svg",
            '<svg xmlns="http://www.w3.org/2000/svg" width="20" height="20"><rect width="9" height="9"/><text>Depot</text></svg>',
        );
        $this->write(fields: ['media' => [['id' => 'm1', 'name' => 'Sign', 'file' => 'sign.svg']]]);
        foreach ([
            ['still', 'doc.json', '--out', 'x.png'], ['evaluate', 'doc.json'],
            ['render', 'doc.json', '--out', 'x.mp4', '--range', '0..1'],
        ] as $arguments) {
            self::assertStringStartsWith(
                "Sign: left out: words (make outlines of them).\n", $this->ricamo(...$arguments)->getErrorOutput(),
                $arguments[0],
            );
        }
    }

    public function test_what_points_nowhere_is_said_and_left_out(): void
    {
        $layer = fn (array $fields): array => ['kind' => 'text', 'text' => '#', 'name' => 'Words', 'in' => 0, 'out' => 9, ...$fields];
        $this->write(fields: ['compositions' => [['id' => 'c1', 'name' => 'C', 'width' => 320, 'height' => 180, 'rate' => 25, 'length' => 9, 'alone' => ['a', 'z'], 'layers' => [
            $layer(['id' => 'a', 'counts' => ['of' => ['layer' => 'x', 'property' => 'opacity']]]),
            $layer([
                'id' => 'b',
                'masks' => [['id' => 'm1', 'form' => 'layer', 'layer' => 'b'], ['id' => 'm2', 'form' => 'layer', 'layer' => 'y']],
            ]),
            $layer(['id' => 'c', 'leave' => ['mirror' => true], 'cascades' => [['id' => 'c1', 'mirrors' => 'c9']]]),
        ]]]]);
        $process = $this->ricamo('evaluate', 'doc.json');
        self::assertSame(0, $process->getExitCode());
        self::assertSame(implode("\n", [
            'doc.json: compositions[0].alone[1]: there is no layer "z"',
            'doc.json: compositions[0].layers[0].counts.of.layer: there is no layer "x", and what is taken from it counts as nought',
            'doc.json: compositions[0].layers[1].masks[0].layer: a layer is no mask of itself',
            'doc.json: compositions[0].layers[1].masks[1].layer: there is no layer "y", and nothing is masked by it',
            'doc.json: compositions[0].layers[2].cascades[0].mirrors: there is no cascade "c9" that arrives, and nothing is mirrored',
            'doc.json: compositions[0].layers[2].leave.mirror: it does not arrive by a move, and nothing is mirrored',
        ])."\n", $process->getErrorOutput());
    }

    public function test_a_path_is_printed_once(): void
    {
        $this->write();
        $lists = array_map(
            fn (string $line): array => json_decode($line, true),
            explode("\n", trim($this->ricamo('evaluate', 'doc.json', '--frame', '8..12')->getOutput())),
        );
        self::assertSame([1, 0, 0, 0, 0], array_map(fn (array $list): int => count($list['paths']), $lists));
    }

    /** Begins a render that takes long, and waits until it is at it. */
    private function longRender(): Process
    {
        $this->write(fields: ['compositions' => [['id' => 'c', 'name' => 'Long', 'width' => 1920, 'height' => 1080, 'rate' => '25/1', 'length' => 2000, 'layers' => [
            [
                'id' => 'clip', 'kind' => 'footage', 'name' => 'Clip', 'media' => 'm1', 'in' => 0, 'out' => 2000,
                'position' => [960, 540], 'scale' => [600, 600], 'rotation' => 3,
            ],
        ]]]]);
        $process = new Process(
            [base_path('ricamo'), 'render', 'doc.json', '--out', 'long.mp4'], $this->folder, ['APP_ENV' => 'production'],
            timeout: null,
        );
        $process->start();
        $process->waitUntil(fn (): bool => glob("$this->folder/long.mp4.*") !== []);

        return $process;
    }

    /** @return list<string> the command lines of processes that are at files in the folder */
    private function atWork(): array
    {
        return array_values(array_filter(
            array_map(fn (string $file): string => (string) @file_get_contents($file), glob('/proc/[0-9]*/cmdline') ?: []),
            fn (string $line): bool => str_starts_with($line, 'ffmpeg') && str_contains($line, 'long.mp4'),
        ));
    }

    #[TestWith([SIGINT])]
    #[TestWith([SIGTERM])]
    public function test_a_render_that_is_ended_leaves_nothing(int $signal): void
    {
        $process = $this->longRender();
        $process->signal($signal);
        $process->wait();
        self::assertSame(130, $process->getExitCode());
        self::assertStringEndsWith("stopped; nothing was written\n", $process->getErrorOutput());
        self::assertSame([], glob("$this->folder/long.mp4*"));
        self::assertSame([], $this->atWork());
    }

    public function test_of_a_render_that_is_killed_nothing_goes_on_and_the_next_one_clears_up(): void
    {
        $process = $this->longRender();
        posix_kill((int) $process->getPid(), SIGKILL);
        for ($end = microtime(true) + 600; microtime(true) < $end && ($process->isRunning() || $this->atWork() !== []); usleep(20_000));
        self::assertSame([], $this->atWork());
        self::assertNotSame([], glob("$this->folder/long.mp4.*"));
        self::assertSame(0, $this->ricamo('render', 'doc.json', '--out', 'long.mp4', '--range', '0..1')->getExitCode());
        self::assertSame(["$this->folder/long.mp4"], glob("$this->folder/long.mp4*"));
    }

    public function test_sides_that_the_format_cannot_have_are_said(): void
    {
        $this->write(fields: ['compositions' => [[
            'id' => 'c', 'name' => 'Odd', 'width' => 321, 'height' => 181, 'rate' => '25/1', 'length' => 3, 'layers' => [],
        ]]]);
        $process = $this->ricamo('render', 'doc.json', '--out', 'odd.mp4');
        self::assertSame(0, $process->getExitCode());
        self::assertStringContainsString(
            'The picture is 321 × 181; MP4 takes even sides only, so the file is 322 × 182', $process->getErrorOutput(),
        );
        self::assertSame(0, $this->ricamo('still', 'doc.json', '--out', 'odd.png')->getExitCode());
        self::assertSame([321, 181], array_slice((array) getimagesize("$this->folder/odd.png"), 0, 2));
    }
}
