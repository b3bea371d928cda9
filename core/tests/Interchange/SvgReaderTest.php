<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Interchange;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Display\Cap;
use Ricamo\Core\Display\FillRule;
use Ricamo\Core\Display\Gradient;
use Ricamo\Core\Display\Join;
use Ricamo\Core\Drawing\Drawing;
use Ricamo\Core\Drawing\DrawnGroup;
use Ricamo\Core\Drawing\DrawnShape;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Interchange\Svg\SvgColour;
use Ricamo\Core\Interchange\Svg\SvgReader;
use Ricamo\Core\Refusal;

final class SvgReaderTest extends TestCase
{
    private static function drawing(string $content, string $attributes = 'width="100" height="50"'): Drawing
    {
        return SvgReader::parse(
            "<svg xmlns=\"http://www.w3.org/2000/svg\" xmlns:xlink=\"http://www.w3.org/1999/xlink\" $attributes>$content</svg>",
        );
    }

    private static function shape(string $content, string $attributes = 'width="100" height="50"'): DrawnShape
    {
        $part = self::drawing($content, $attributes)->parts[0];
        // What may reach beyond the picture is cut off at its edge.
        $part = $part instanceof DrawnGroup && $part->clip !== null ? $part->parts[0] : $part;
        self::assertInstanceOf(DrawnShape::class, $part);

        return $part;
    }

    public function test_basic_shapes(): void
    {
        self::assertSame('M1 2L4 2L4 6L1 6Z', self::shape('<rect x="1" y="2" width="3" height="4"/>')->path->data());
        self::assertSame('M1 2L3 4', self::shape('<line x1="1" y1="2" x2="3" y2="4" stroke="red"/>')->path->data());
        self::assertSame('M1 2L3 4L5 6Z', self::shape('<polygon points="1,2 3,4 5,6"/>')->path->data());
        self::assertSame(
            'M1 2L3 4', self::shape('<polyline points="1 2 3 4 9" stroke="#000"/>')->path->data(),
            'an odd number is left out',
        );
        $bounds = self::shape('<ellipse cx="10" cy="20" rx="3" ry="4"/>')->path->bounds();
        self::assertSame([7.0, 16.0, 13.0, 24.0], $bounds?->toJson());
        $round = self::shape('<rect width="20" height="10" rx="4" ry="2"/>')->path;
        self::assertSame('M4 0L16 0', substr($round->data(), 0, 9));
        self::assertSame([0.0, 0.0, 20.0, 10.0], $round->bounds()?->toJson());
    }

    public function test_its_own_units_are_laid_out_in_its_size(): void
    {
        $matrix = fn (string $attributes): array => array_values(get_object_vars(self::shape(
            '<rect width="1" height="1"/>', $attributes,
        )->matrix));
        self::assertEquals([10, 0, 0, 10, 0, 0], $matrix('viewBox="0 0 10 5" width="100" height="50"'));
        // Twenty wider than its view: in the middle, in its own shape.
        self::assertEquals([10, 0, 0, 10, 10, 0], $matrix('viewBox="0 0 10 5" width="120" height="50"'));
        self::assertEquals([12, 0, 0, 10, 0, 0], $matrix('viewBox="0 0 10 5" width="120" height="50" preserveAspectRatio="none"'));
        self::assertEquals([1, 0, 0, 1, 5, 3], $matrix('viewBox="-5 -3 100 50"'));
        $drawing = self::drawing('<rect width="1" height="1"/>', 'width="25.4mm" height="0.5in"');
        self::assertEqualsWithDelta(96, $drawing->width, 1e-9);
        self::assertSame(48.0, $drawing->height);
    }

    public function test_styles_are_inherited_and_the_nearest_counts(): void
    {
        $paint = fn (string $content): string => (string) self::shape($content)->fill;
        self::assertSame('#000000', $paint('<rect width="1" height="1"/>'));
        self::assertSame('#ff0000', $paint('<g fill="red"><g><rect width="1" height="1"/></g></g>'));
        self::assertSame('#0000ff', $paint('<g fill="red"><rect fill="green" style="fill: blue" width="1" height="1"/></g>'));
        self::assertSame('#112233', $paint('<style>.a{fill:#123} rect{fill:lime}</style><rect class="b a" width="1" height="1"/>'));
        self::assertSame('#00ff0080', $paint('<rect fill="lime" fill-opacity="50%" width="1" height="1"/>'));
        self::assertSame('#ffa500', $paint('<g color="orange"><rect fill="currentColor" width="1" height="1"/></g>'));
        $shape = self::shape(
            '<rect width="1" height="1" fill="none" fill-rule="evenodd" stroke="red" stroke-width="3" stroke-linejoin="bevel" stroke-linecap="square" stroke-dasharray="1 2 3" stroke-dashoffset="4"/>',
        );
        self::assertNull($shape->fill);
        self::assertSame(FillRule::EvenOdd, $shape->rule);
        self::assertSame([3.0, Join::Bevel, Cap::Square, [1.0, 2.0, 3.0, 1.0, 2.0, 3.0], 4.0], array_values(get_object_vars($shape->pen)));
    }

    public function test_groups_are_moved_and_seen_through_as_one(): void
    {
        [$group, $rest] = self::drawing(
            '<g transform="translate(5 6)" opacity="0.5"><rect width="1" height="1" transform="scale(2)"/><rect width="2" height="2"/></g><rect width="3" height="3"/>',
        )->parts;
        self::assertInstanceOf(DrawnGroup::class, $group);
        self::assertSame([0.5, 2], [$group->opacity, count($group->parts)]);
        self::assertEquals(new Affine(2, 0, 0, 2, 5, 6), $group->parts[0]->matrix);
        self::assertInstanceOf(DrawnShape::class, $rest);
    }

    public function test_what_is_defined_once_is_used_again(): void
    {
        $drawing = self::drawing(
            '<defs><rect id="r" width="1" height="1"/><symbol id="s"><use xlink:href="#r"/></symbol></defs><use href="#r" x="3" y="4" fill="red"/><use xlink:href="#s" transform="scale(2)"/><use href="#none"/>',
        );
        self::assertCount(2, $drawing->parts);
        self::assertEquals([new Affine(1, 0, 0, 1, 3, 4), '#ff0000'], [$drawing->parts[0]->matrix, (string) $drawing->parts[0]->fill]);
        self::assertEquals(new Affine(2, 0, 0, 2, 0, 0), $drawing->parts[1]->matrix);
    }

    public function test_linear_gradients(): void
    {
        $gradient = fn (
            string $attributes, string $shape = '<rect x="10" y="20" width="40" height="20" fill="url(#g)"/>',
        ): Gradient => self::paint(
            "<linearGradient id=\"g\" $attributes><stop offset=\"0\" stop-color=\"red\"/><stop offset=\"100%\" stop-color=\"blue\" stop-opacity=\".5\"/></linearGradient>$shape",
        );
        $across = $gradient('');
        self::assertEquals(new Affine(40, 0, 0, 40, 10, 20), $across->matrix);
        self::assertSame(
            [[0.0, '#ff0000'], [1.0, '#0000ff80']],
            array_map(fn (array $stop): array => [$stop[0], (string) $stop[1]], $across->stops),
        );
        self::assertEquals(
            new Affine(0, 30, -30, 0, 1, 2),
            $gradient('gradientUnits="userSpaceOnUse" x1="1" y1="2" x2="1" y2="32"')->matrix,
        );
        // From corner to corner of a box twice as wide as high: colours lie along the other diagonal, and it runs across that.
        $diagonal = $gradient('x1="0" y1="0" x2="1" y2="1"')->matrix;
        self::assertEqualsWithDelta([16, 32], [$diagonal->a, $diagonal->b], 1e-9);
        self::assertEquals(
            new Affine(80, 0, 0, 80, 20, 40),
            $gradient('gradientTransform="scale(2)" gradientUnits="userSpaceOnUse" x1="10" y1="20" x2="50" y2="20"')->matrix,
        );
    }

    public function test_radial_gradients_and_those_that_take_the_rest_from_others(): void
    {
        $stops = '<linearGradient id="s"><stop offset="0" stop-color="red"/><stop offset="1" stop-color="blue"/></linearGradient>';
        $radial = self::paint("$stops<radialGradient id=\"g\" xlink:href=\"#s\"/><rect width=\"40\" height=\"20\" fill=\"url(#g)\"/>");
        self::assertEquals(new Affine(20, 0, 0, 10, 20, 10), $radial->matrix);
        self::assertEquals([0.0, 0.0], [$radial->focus?->x, $radial->focus?->y]);
        $focused = self::paint(
            "$stops<radialGradient id=\"g\" xlink:href=\"#s\" gradientUnits=\"userSpaceOnUse\" cx=\"10\" cy=\"10\" r=\"5\" fx=\"12\" fy=\"10\"/><rect width=\"40\" height=\"20\" fill=\"url(#g)\"/>",
        );
        self::assertEqualsWithDelta([0.4, 0.0], [$focused->focus?->x, $focused->focus?->y], 1e-9);
        // A gradient that refers to itself ends there; one without stops paints nothing, or what stands behind it.
        self::assertSame(
            '#008000',
            (string) self::shape('<linearGradient id="g" href="#g"/><rect width="4" height="2" fill="url(#none) green"/>')->fill,
        );
        $one = self::shape('<linearGradient id="g"><stop stop-color="gold"/></linearGradient><rect width="4" height="2" fill="url(#g)"/>');
        self::assertSame('#ffd700', (string) $one->fill);
    }

    public function test_gradients_that_go_on_are_one_of_as_many_stops_as_the_box_takes(): void
    {
        $stops = '<stop stop-color="red"/><stop offset="1" stop-color="blue"/>';
        $linear = fn (string $spread): Gradient => self::paint(
            "<linearGradient id=\"g\" gradientUnits=\"userSpaceOnUse\" x1=\"10\" y1=\"0\" x2=\"20\" y2=\"0\" spreadMethod=\"$spread\">$stops</linearGradient><rect width=\"40\" height=\"40\" fill=\"url(#g)\"/>",
        );
        // The box and a quarter of it around are −10 to 50: twice before the first, and three times behind it.
        $repeated = $linear('repeat');
        self::assertEquals(new Affine(60, 0, 0, 60, -10, 0), $repeated->matrix);
        self::assertEqualsWithDelta(
            [0, 1 / 6, 1 / 6, 2 / 6, 2 / 6, 3 / 6, 3 / 6, 4 / 6, 4 / 6, 5 / 6, 5 / 6, 1], array_column($repeated->stops, 0),
            1e-9,
        );
        $colours = fn (Gradient $gradient): string => implode(
            '', array_map(fn (array $stop): string => (string) $stop[1] === '#ff0000' ? 'r' : 'b', $gradient->stops),
        );
        self::assertSame('rbrbrbrbrbrb', $colours($repeated));
        self::assertSame('rbbrrbbrrbbr', $colours($linear('reflect')));
        self::assertCount(2, $linear('pad')->stops);
        // To the farthest corner it is √2 · 30 px, of a radius of 10 px: five times.
        $radial = self::paint(
            "<radialGradient id=\"g\" gradientUnits=\"userSpaceOnUse\" cx=\"20\" cy=\"20\" r=\"10\" spreadMethod=\"repeat\">$stops</radialGradient><rect width=\"40\" height=\"40\" fill=\"url(#g)\"/>",
        );
        self::assertEquals(new Affine(50, 0, 0, 50, 20, 20), $radial->matrix);
        self::assertCount(10, $radial->stops);
    }

    private static function paint(string $content): Gradient
    {
        $paint = self::shape($content)->fill;
        self::assertInstanceOf(Gradient::class, $paint);

        return $paint;
    }

    public function test_what_is_left_out_is_said(): void
    {
        $drawing = self::drawing(
            '<clipPath id="c"><rect width="1" height="1"/></clipPath><rect width="9" height="9" clip-path="url(#c)"/><text>Depot</text><rect width="2" height="2" style="filter:url(#f)"><animate/></rect>',
        );
        self::assertSame(['filters', 'words (make outlines of them)'], $drawing->leftOut);
        self::assertSame(
            ['animation', 'blending', 'markers', 'patterns'],
            self::drawing(
                '<pattern id="p"/><rect width="9" height="9" fill="url(#p) red"/><path d="M1 1L9 9" stroke="red" marker-end="url(#m)"/><g style="mix-blend-mode:multiply"><rect width="2" height="2"/></g><animate/>',
            )->leftOut,
        );
        self::assertCount(2, $drawing->parts);
    }

    public function test_selectors_are_followed_as_css_has_them(): void
    {
        $fill = fn (string $css, string $content): string => (string) self::shape("<defs><style>$css</style></defs>$content")->fill;
        $rect = '<rect class="y" id="x" data-k="1" width="9" height="9"/>';
        self::assertSame('#ff0000', $fill('g.a > rect{fill:red}', "<g class=\"a\">$rect</g>"));
        self::assertSame('#000000', $fill('g.a > rect{fill:red}', "<g class=\"a\"><g>$rect</g></g>"));
        self::assertSame('#ff0000', $fill('.b, g rect , #z {fill:red}', "<g><g>$rect</g></g>"));
        self::assertSame('#ff0000', $fill('[data-k="1"]{fill:red}', $rect));
        self::assertSame('#ff0000', $fill('#x{fill:red} rect.y{fill:blue} .y{fill:lime}', $rect), 'the more specific counts');
        self::assertSame('#0000ff', $fill('.y{fill:red} .y{fill:blue}', $rect), 'of two alike the later');
        self::assertSame('#ff0000', $fill('rect{fill:red !important}', '<rect style="fill:blue" width="9" height="9"/>'));
        self::assertSame('#000000', $fill('@media print{rect{fill:red}} @font-face{src:x} rect:hover{fill:red} rect{{}', $rect));
        self::assertSame('#ff0000', $fill('@media screen{rect{fill:red}}', $rect));
        $this->expectExceptionMessage('too many selectors');
        $fill(str_repeat('g rect{fill:red}', 300), $rect);
    }

    public function test_em_is_of_the_type_size_around_it(): void
    {
        self::assertSame(
            [0.0, 0.0, 20.0, 20.0],
            self::shape('<g font-size="10"><rect width="2em" height="20"/></g>')->path->bounds()?->toJson(),
        );
        self::assertSame(
            [0.0, 0.0, 30.0, 7.5],
            self::shape('<g font-size="10"><g style="font-size:150%"><rect width="2em" height="1ex"/></g></g>')->path->bounds()?->toJson(),
        );
        self::assertSame(16.0, self::shape('<rect width="1em" height="9"/>')->path->bounds()?->right);
    }

    public function test_a_cut_drawing_is_taken_apart_by_what_it_is_cut_by(): void
    {
        $drawing = self::drawing(
            '<clipPath id="c"><circle cx="20" cy="20" r="10"/></clipPath><g clip-path="url(#c)"><rect width="40" height="40"/></g><rect x="90" width="40" height="20"/>',
        );
        self::assertCount(1, $drawing->parts);
        $root = $drawing->parts[0];
        self::assertInstanceOf(DrawnGroup::class, $root);
        self::assertSame([0.0, 0.0, 100.0, 50.0], $root->clip?->bounds()?->toJson());
        self::assertInstanceOf(DrawnGroup::class, $root->parts[0]);
        self::assertSame([10.0, 10.0, 30.0, 30.0], $root->parts[0]->clip?->bounds()?->toJson());
    }

    public function test_only_one_outline_is_a_cut_and_all_else_a_mask(): void
    {
        $of = function (string $mask, string $by): DrawnGroup {
            $part = self::drawing("$mask<g $by><rect width=\"40\" height=\"40\"/></g>")->parts[0];
            self::assertInstanceOf(DrawnGroup::class, $part);

            return $part;
        };
        $one = '<rect width="9" height="9"/>';
        $cut = $of("<clipPath id=\"c\">$one</clipPath>", 'clip-path="url(#c)"');
        self::assertSame([true, 0], [$cut->clip !== null, count($cut->masks)]);
        // Two outlines, one that is cut out of itself, and a grey one, by which half is seen.
        foreach ([
            ["<clipPath id=\"c\">$one<rect x=\"20\" width=\"9\" height=\"9\"/></clipPath>", 'clip-path="url(#c)"'],
            ['<clipPath id="c"><path clip-rule="evenodd" d="M0 0H9V9H0ZM3 3H6V6H3Z"/></clipPath>', 'clip-path="url(#c)"'],
            ['<mask id="c"><rect width="9" height="9" fill="#808080"/></mask>', 'mask="url(#c)"'],
        ] as [$mask, $by]) {
            $masked = $of($mask, $by);
            self::assertSame([false, 1], [$masked->clip !== null, count($masked->masks)], $mask);
        }
    }

    public function test_a_drawing_is_written_and_read_again(): void
    {
        $drawing = self::drawing(
            '<linearGradient id="g"><stop offset=".25" stop-color="red"/><stop offset="1"/></linearGradient><radialGradient id="h"><stop/><stop offset="1" stop-color="#fff"/></radialGradient><g opacity=".25"><circle cx="30" cy="30" r="5" fill="url(#g)" stroke="red" stroke-dasharray="1 2"/></g><path d="M0 0H9V9z" fill-rule="evenodd" fill="url(#h)"/><text/>',
        );
        $again = Drawing::parse($drawing->toJson());
        self::assertSame([$drawing->width, $drawing->height, $drawing->leftOut], [$again->width, $again->height, $again->leftOut]);
        [$before, $after] = [$drawing->operations(new Affine), $again->operations(new Affine)];
        self::assertCount(2, $after);
        foreach ([[$before[0]->operations[0], $after[0]->operations[0]], [$before[1], $after[1]]] as [$one, $other]) {
            self::assertEqualsWithDelta($one->extent()?->toJson(), $other->extent()?->toJson(), 0.0005);
            self::assertEqualsWithDelta($one->paint->stops[0][0], $other->paint->stops[0][0], 1e-6);
            $place = fn (object $fill): array => array_values(get_object_vars($fill->matrix->after($fill->paint->matrix)));
            self::assertEqualsWithDelta($place($one), $place($other), 0.0005);
        }
        [$pen, $finer] = [$before[0]->operations[1], $after[0]->operations[1]];
        self::assertEqualsWithDelta($pen->pen->dashes[1], $finer->pen->dashes[1] * $finer->matrix->a, 1e-6);
    }

    public function test_a_file_is_known_by_its_beginning(): void
    {
        foreach ([
            '<svg >', "\xef\xbb\xbf<?xml version=\"1.0\"?>\n<!-- a --><svg\n",
            '<!DOCTYPE svg PUBLIC "-//W3C//DTD SVG 1.1//EN" "http://www.w3.org/x.dtd"><svg:svg ',
        ] as $beginning) {
            self::assertTrue(SvgReader::isSvg($beginning));
        }
        foreach (['', '<html>', 'svg', "\x89PNG <svg "] as $beginning) {
            self::assertFalse(SvgReader::isSvg($beginning));
        }
    }

    #[DataProvider('hostile')]
    public function test_hostile_files_are_refused(string $svg, string $says): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($says);
        SvgReader::parse($svg);
    }

    /** @return iterable<string, array{string, string}> */
    public static function hostile(): iterable
    {
        $svg = fn (string $content): string => "<svg xmlns=\"http://www.w3.org/2000/svg\" xmlns:xlink=\"http://www.w3.org/1999/xlink\"><rect width=\"1\" height=\"1\"/>$content</svg>";
        yield 'a script' => [$svg('<script>alert(1)</script>'), 'it holds “script”'];
        yield 'a handler' => [$svg('<g onload="alert(1)"/>'), 'it holds a script (“onload”)'];
        yield 'a page within it' => [$svg('<foreignObject/>'), 'foreignObject'];
        yield 'entities' => ['<!DOCTYPE svg [<!ENTITY a "aaaa">]>'.$svg('&a;'), 'it defines entities'];
        yield 'a file by an entity' => [
            '<!DOCTYPE svg [<!ENTITY x SYSTEM "file:///etc/passwd">]>'.$svg('<text>&x;</text>'), 'it defines entities',
        ];
        yield 'a picture from elsewhere' => [$svg('<image href="http://example.org/a.png"/>'), 'a picture made of pixels'];
        yield 'a shape from elsewhere' => [$svg('<use xlink:href="other.svg#a"/>'), 'outside the file'];
        yield 'a colour from elsewhere' => [
            $svg('<rect fill="url(http://example.org/a.svg#g)" width="1" height="1"/>'), 'outside the file',
        ];
        yield 'a style from elsewhere' => [$svg('<style>@import "http://example.org/a.css";</style>'), 'leads out of the file'];
        yield 'a style that fetches' => [$svg('<style>rect{fill:url("http://example.org/a#b")}</style>'), 'leads out of the file'];
        yield 'deep nesting' => [$svg(str_repeat('<g>', 150).str_repeat('</g>', 150)), 'nested too deeply'];
        yield 'a million points' => [$svg('<path d="M0 0'.str_repeat('l1 1', 500_000).'"/>'), 'too many points'];
        yield 'use within use within use' => [
            $svg('<g id="a0"><rect width="1" height="1"/></g>'.implode(
                '',
                array_map(fn (int $n): string => '<g id="a'.($n + 1).'">'.str_repeat("<use href=\"#a$n\"/>", 10).'</g>', range(0, 8)),
            )),
            'more than 20,000 shapes',
        ];
        yield 'use of itself' => [$svg('<g id="a"><use href="#a"/></g>'), 'nested too deeply'];
        yield 'far too large' => [
            '<svg xmlns="http://www.w3.org/2000/svg" width="1e6" height="5"><rect width="1" height="1"/></svg>',
            'is outside 1..',
        ];
        yield 'nothing in it' => ['<svg xmlns="http://www.w3.org/2000/svg"/>', 'no outline that can be drawn'];
        yield 'cut off' => ['<svg xmlns="http://www.w3.org/2000/svg"><rect', 'no well-formed SVG'];
        yield 'something else' => ['<html><svg/></html>', 'it is no SVG'];
    }

    public function test_colours(): void
    {
        foreach ([
            'Tomato' => '#ff6347', '#abc' => '#aabbcc', '#abcd' => '#aabbccdd', 'rgb(1, 2,3)' => '#010203',
            'rgb(10% 20% 30% / 50%)' => '#1a334d80',
            'rgba(255,0,0,.5)' => '#ff000080', 'hsl(120, 100%, 25%)' => '#008000', 'hsl(0 0% 50%)' => '#808080',
            'hsl(210, 50%, 40%)' => '#336699', 'transparent' => '#00000000',
        ] as $text => $expected) {
            self::assertSame($expected, (string) SvgColour::parse((string) $text), (string) $text);
        }
        self::assertNull(SvgColour::parse('octarine'));
        self::assertNull(SvgColour::parse('none'));
    }

    public function test_dashes_below_nought_are_none(): void
    {
        foreach (['3 -1', '-1 3', '0 0', 'none', ''] as $dashes) {
            self::assertSame([], self::shape("<path d=\"M0 0H9\" stroke=\"red\" stroke-dasharray=\"$dashes\"/>")->pen?->dashes, $dashes);
        }
        self::assertSame([0.0, 2.0], self::shape('<path d="M0 0H9" stroke="red" stroke-dasharray="0 2"/>')->pen?->dashes);
    }

    public function test_corners_of_no_radius_are_square_and_ellipses_of_none_are_not_there(): void
    {
        $square = self::shape('<rect width="9" height="5"/>')->path;
        foreach (['rx="0" ry="3"', 'rx="3" ry="0"', 'rx="-2"'] as $radii) {
            self::assertEquals($square, self::shape("<rect width=\"9\" height=\"5\" $radii/>")->path, $radii);
        }
        foreach ([
            '<ellipse cx="9" cy="9" rx="0" ry="5"/>', '<ellipse cx="9" cy="9" rx="5" ry="0"/>',
            '<circle cx="9" cy="9" r="0"/>',
        ] as $none) {
            self::assertCount(1, self::drawing("$none<rect width=\"9\" height=\"5\"/>")->parts, $none);
        }
    }

    public function test_radii_that_are_too_small_for_an_arc_are_made_just_large_enough(): void
    {
        // From (10, 10) to (16, 18), which are ten apart: half a circle of radius 5 about (13, 14), as SVG 2 § 9.5.1 has it; half of
        // it is at (17, 11).
        $coordinates = array_map(
            fn (float $one): float => round($one, 4), self::shape('<path d="M10 10a1 1 0 0 1 6 8z"/>')->path->coordinates,
        );
        self::assertContains([17.0, 11.0], array_chunk($coordinates, 2));
    }

    public function test_a_focus_outside_of_its_circle_is_brought_to_the_edge(): void
    {
        $paint = self::paint(
            '<radialGradient id="g" gradientUnits="userSpaceOnUse" cx="10" cy="10" r="10" fx="25" fy="30"><stop/>'
            .'<stop offset="1" stop-color="#fff"/></radialGradient><rect width="40" height="20" fill="url(#g)"/>',
        );
        // One and a half radii across and two down are two and a half away: 0.999 of a radius on the way there.
        self::assertEqualsWithDelta([0.999 * 0.6, 0.999 * 0.8], [$paint->focus?->x, $paint->focus?->y], 1e-9);
    }
}
