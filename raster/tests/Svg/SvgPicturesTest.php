<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests\Svg;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Drawing\Drawing;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Interchange\Svg\SvgReader;
use Ricamo\Raster\Draw\Painter;
use Ricamo\Raster\Draw\Surface;
use Ricamo\Raster\Media\ClipPictures;
use Ricamo\Raster\Media\Clips as ProbedClips;
use Ricamo\Raster\Process\Ffmpeg;
use Ricamo\Raster\Tests\Clips;
use Symfony\Component\Process\Process;

/** Drawings look as another program draws the same files: librsvg. */
final class SvgPicturesTest extends TestCase
{
    private const HEAD = '<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="160" height="120" ';

    /** @return iterable<string, array{string, string}> attributes of the file's own viewport, and what is in it */
    public static function files(): iterable
    {
        $box = 'viewBox="0 0 40 30"';
        $tram = '<path d="M4 22V8q0-4 4-4h24q4 0 4 4v14z" fill="#2f5d50"/><rect x="8" y="8" width="7" height="6" rx="1" fill="#f3e3c3"/><rect x="25" y="8" width="7" height="6" rx="1" fill="#f3e3c3"/><circle cx="11" cy="23" r="3" fill="#1d2430" stroke="#c9973f"/>';
        yield 'a tram' => [$box, $tram];
        yield 'what lies outside of the picture' => [
            $box,
            "<g transform=\"translate(18 -6) scale(1.4)\">$tram</g><circle cx=\"0\" cy=\"30\" r=\"9\" stroke=\"#c0392b\" stroke-width=\"3\"/>",
        ];
        yield 'in its own shape, from the left and from below' => ['viewBox="0 0 40 40" preserveAspectRatio="xMinYMax meet"', $tram];
        yield 'covering, from the right' => [
            'viewBox="0 0 40 40" preserveAspectRatio="xMaxYMid slice"',
            "<rect width=\"40\" height=\"40\" fill=\"#24557a\"/>$tram",
        ];
        yield 'stretched' => ['viewBox="0 0 40 80" preserveAspectRatio="none"', $tram];
        yield 'a viewport within' => [
            $box,
            "<rect width=\"40\" height=\"30\" fill=\"#f3e3c3\"/><svg x=\"4\" y=\"4\" width=\"16\" height=\"20\" viewBox=\"6 4 30 20\">$tram</svg>",
        ];
        yield 'a viewport that covers' => [
            $box,
            "<svg x=\"4\" y=\"4\" width=\"30\" height=\"12\" viewBox=\"0 0 40 30\" preserveAspectRatio=\"xMidYMin slice\">$tram</svg>",
        ];
        yield 'a viewport that lets out' => [
            $box, "<svg x=\"12\" y=\"8\" width=\"10\" height=\"8\" viewBox=\"10 8 10 8\" overflow=\"visible\">$tram</svg>",
        ];
        yield 'a sprite' => [
            $box,
            "<symbol id=\"t\" viewBox=\"0 0 40 30\">$tram</symbol><use xlink:href=\"#t\" x=\"2\" y=\"2\" width=\"16\" height=\"12\"/><use href=\"#t\" x=\"20\" y=\"14\" width=\"18\" height=\"14\"/>",
        ];
        yield 'a sprite of per cent' => [
            $box, "<symbol id=\"t\" viewBox=\"0 0 40 30\">$tram</symbol><use href=\"#t\" width=\"50%\" height=\"100%\"/>",
        ];
        yield 'clipped by one outline' => [
            $box, "<clipPath id=\"c\"><circle cx=\"20\" cy=\"14\" r=\"9\"/></clipPath><g clip-path=\"url(#c)\">$tram</g>",
        ];
        yield 'clipped by several, one of them turned and with a hole' => [
            $box,
            "<clipPath id=\"c\"><rect x=\"2\" y=\"2\" width=\"14\" height=\"24\"/><path clip-rule=\"evenodd\" transform=\"rotate(10 26 14)\" d=\"M16 6h20v16h-20zM20 10h10v8h-10z\"/></clipPath><g clip-path=\"url(#c)\">$tram</g>",
        ];
        yield 'a clip path of the box' => [
            $box,
            '<clipPath id="c" clipPathUnits="objectBoundingBox"><circle cx=".5" cy=".5" r=".5"/></clipPath><rect x="4" y="6" width="30" height="16" fill="#c0392b" clip-path="url(#c)"/>',
        ];
        yield 'masked by brightness' => [
            $box,
            "<linearGradient id=\"g\"><stop stop-color=\"#fff\"/><stop offset=\"1\" stop-color=\"#000\"/></linearGradient><mask id=\"m\" maskUnits=\"userSpaceOnUse\" x=\"0\" y=\"0\" width=\"40\" height=\"30\"><rect width=\"40\" height=\"30\" fill=\"url(#g)\"/></mask><g mask=\"url(#m)\">$tram</g>",
        ];
        yield 'masked by the box' => [
            $box,
            '<mask id="m" maskContentUnits="objectBoundingBox"><circle cx=".5" cy=".5" r=".4" fill="#fff"/></mask><rect x="4" y="6" width="30" height="16" fill="#24557a" mask="url(#m)"/>',
        ];
        yield 'gradients there and back' => [
            $box,
            '<linearGradient id="g" x1="0" x2=".2" y2=".1" spreadMethod="reflect"><stop stop-color="#c0392b"/><stop offset="1" stop-color="#f3e3c3"/></linearGradient><rect x="2" y="2" width="36" height="26" fill="url(#g)"/>',
        ];
        yield 'gradients again and again' => [
            $box,
            '<radialGradient id="g" r=".15" fx=".45" spreadMethod="repeat"><stop stop-color="#24557a"/><stop offset="1" stop-color="#f3e3c3"/></radialGradient><ellipse cx="20" cy="15" rx="18" ry="12" fill="url(#g)"/>',
        ];
        yield 'selectors' => [
            $box,
            "<style>g.tram > path { fill: #c0392b } g.tram rect, #none { fill: #24557a } svg circle { stroke-width: .1em } path { fill: lime }</style><g class=\"tram\" font-size=\"12\">$tram</g>",
        ];
        yield 'lengths of the type size' => [
            $box,
            '<g font-size="5"><rect x="1em" y="1ex" width="4em" height="2em" fill="#2f5d50"/><circle cx="30" cy="20" r="1em" style="font-size:150%" fill="#c9973f"/></g>',
        ];
        yield 'nested opacity and lines' => [
            $box,
            "<g opacity=\".6\">$tram<g opacity=\".5\"><path d=\"M2 28C12 10 28 40 38 14\" fill=\"none\" stroke=\"#c0392b\" stroke-width=\"2\" stroke-dasharray=\"3 1\" stroke-linecap=\"round\"/></g></g>",
        ];
    }

    private static function drawn(string $svg): Surface
    {
        // As it is kept and read again, too.
        $drawing = Drawing::parse(SvgReader::parse($svg)->toJson());
        $surface = new Surface(160, 120);
        (new Painter($surface, new ClipPictures(new ProbedClips([])), new Affine))->paintOver($drawing->operations(new Affine));

        return $surface;
    }

    /** Which librsvg leaves out: where both the circle and the box are. */
    public function test_a_clip_path_may_be_clipped_itself(): void
    {
        $picture = self::drawn(
            self::HEAD
                .'viewBox="0 0 40 30"><clipPath id="a"><rect x="2" y="2" width="36" height="12"/></clipPath><clipPath id="b" clip-path="url(#a)"><circle cx="20" cy="14" r="12"/></clipPath><rect width="40" height="30" fill="#2f5d50" clip-path="url(#b)"/></svg>',
        );
        self::assertSame(
            [[0x2F, 0x5D, 0x50, 255], [0, 0, 0, 0], [0, 0, 0, 0]],
            [$picture->pixel(80, 50), $picture->pixel(80, 62), $picture->pixel(14, 14)],
        );
    }

    #[DataProvider('files')]
    public function test_a_drawing_looks_as_librsvg_has_it(string $attributes, string $content): void
    {
        $svg = self::HEAD."$attributes>$content</svg>";
        $file = Clips::folder().'/'.md5($svg).'.svg';
        file_put_contents($file, $svg);
        $surface = self::drawn($svg);
        (new Process(['rsvg-convert', '-w', '160', '-h', '120', $file, '-o', "$file.png"], timeout: null))->mustRun();
        Ffmpeg::run([...Ffmpeg::command(), '-i', "$file.png", '-f', 'rawvideo', '-pix_fmt', 'bgra', "$file.raw"]);
        $theirs = array_values((array) unpack('C*', (string) file_get_contents("$file.raw")));
        $ours = array_values((array) unpack('C*', $surface->data()));
        self::assertSame(160 * 120 * 4, count($theirs));
        $off = 0.0;
        foreach ($ours as $at => $value) {
            // Theirs is straight alpha, ours is premultiplied.
            $off += abs($value - ($at % 4 === 3 ? $theirs[$at] : $theirs[$at] * $theirs[$at | 3] / 255));
        }
        array_map(unlink(...), [$file, "$file.png", "$file.raw"]);
        self::assertLessThan(0.6, $off / count($ours), 'the mean difference of 255');
    }
}
