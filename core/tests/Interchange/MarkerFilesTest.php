<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Interchange;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Dye;
use Ricamo\Core\Document\Marker;
use Ricamo\Core\Document\Markers;
use Ricamo\Core\Interchange\MarkerCsv;
use Ricamo\Core\Interchange\WebVtt;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;
use Ricamo\Core\Time\FrameRate;

final class MarkerFilesTest extends TestCase
{
    private function markers(): Markers
    {
        return Markers::of(new Marker(0), new Marker(37, 'Bell & "whistle" <loud>', Dye::Woad), new Marker(89_999, 'Ende, zwölf; 鐘'));
    }

    public function test_a_webvtt_file_says_when_each_begins(): void
    {
        self::assertSame(
            "WEBVTT\n\nsaffron\n00:00:00.000 --> 00:00:00.040\n\n\nwoad\n00:00:01.480 --> 00:00:01.520\nBell &amp; \"whistle\" &lt;loud&gt;\n\nsaffron\n00:59:59.960 --> 01:00:00.000\nEnde, zwölf; 鐘\n",
            WebVtt::write($this->markers(), new FrameRate(25)),
        );
    }

    public function test_a_table_has_a_heading_and_quotes_what_needs_it(): void
    {
        self::assertSame(
            "frame,timecode,name,label\r\n0,00:00:00:00,,saffron\r\n37,00:00:01:12,\"Bell & \"\"whistle\"\" <loud>\",woad\r\n89999,00:59:59:24,\"Ende, zwölf; 鐘\",saffron\r\n",
            MarkerCsv::write($this->markers(), new FrameRate(25)),
        );
    }

    #[TestWith([25, 1])]
    #[TestWith([30000, 1001])]
    #[TestWith([24000, 1001])]
    #[TestWith([120, 1])]
    #[TestWith([240, 1])]
    public function test_what_is_written_is_read_on_the_very_same_frames(int $numerator, int $denominator): void
    {
        $rate = new FrameRate($numerator, $denominator);
        $many = Markers::of(
            ...array_map(fn (int $frame): Marker => new Marker($frame, "No. $frame"), range(0, 50_000, 97)),
            ...$this->markers()->all(),
        );
        self::assertEquals($many, Markers::of(...WebVtt::read(WebVtt::write($many, $rate), $rate)));
        self::assertEquals($many, Markers::of(...MarkerCsv::read(MarkerCsv::write($many, $rate), $rate)));
    }

    public function test_captions_of_another_program_give_their_beginnings_and_words(): void
    {
        $file = "\u{FEFF}WEBVTT - Talk\r\n\r\nNOTE made by hand\r\n\r\nSTYLE\r\n::cue { color: red }\r\n\r\n1\r\n00:02.000 --> 00:04.500 line:90%\r\n<v Marta>Good <i>evening</i>,\r\nall of you\r\n\r\n01:00:00.020 --> 01:00:01.000\r\n&lt;bell&gt;\r\n";
        self::assertEquals(
            [new Marker(50, 'Good evening, all of you'), new Marker(90_001, '<bell>')], WebVtt::read($file, new FrameRate(25)),
        );
    }

    public function test_a_table_may_have_other_columns_and_only_timecode(): void
    {
        self::assertEquals(
            [new Marker(60, 'Beat', Dye::Madder), new Marker(12)],
            MarkerCsv::read("Who,Timecode,Name,Label\nTeo,00:00:02:10,Beat,madder\n\nIvo,12,,purple", new FrameRate(25)),
        );
    }

    #[TestWith(['WEBVTT', 'args.text: the file holds no cues'])]
    #[TestWith(["WEBVTT\n\n00:09.000 --> 00:10.000\nx\n\n10:00.000 --> 10:01.000\ny", null])]
    #[TestWith(["WEBVTT\n\n10:00.000 --> 10:01.000\ny", 'args.text: all its markers lie beyond the end of the composition'])]
    #[TestWith(["name,when\nx,3", 'args.text: the table needs a heading with a column “frame” or “timecode”'])]
    #[TestWith(['frame,name', 'args.text: the table holds no markers'])]
    #[TestWith(["frame,name\n3,a\nlater,b", 'args.text: row 3: '])]
    #[TestWith(["frame\n-3", 'args.text: all its markers lie beyond'])]
    public function test_markers_are_brought_in_as_far_as_the_composition_goes_or_refused(string $text, ?string $says): void
    {
        if ($says !== null) {
            $this->expectException(Refusal::class);
            $this->expectExceptionMessage($says);
        }
        $after = Fixture::edit(Fixture::composition(), 'import-markers', ['text' => $text]);
        self::assertSame([225], $after->markers->frames());
    }
}
