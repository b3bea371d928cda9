<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Colour;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Refusal;

final class ColourTest extends TestCase
{
    #[TestWith(['#f3e3c3', '#f3e3c3'])]
    #[TestWith(['#F3E3C380', '#f3e3c380'])]
    #[TestWith(['#000000ff', '#000000'])]
    public function test_it_is_read_and_written(string $text, string $written): void
    {
        self::assertSame($written, (string) Colour::parse($text));
    }

    #[TestWith(['red'])]
    #[TestWith(['#fff'])]
    #[TestWith(['#12345'])]
    #[TestWith(['#1234567'])]
    #[TestWith(['#gg0000'])]
    public function test_what_is_no_colour_is_refused(string $text): void
    {
        $this->expectException(Refusal::class);
        Colour::parse($text);
    }

    public function test_opaque_colours_mix_channel_by_channel(): void
    {
        self::assertSame('#804020', (string) Colour::parse('#000000')->mix(Colour::parse('#ff8040'), 0.5));
    }

    /** CSS Color 4 § 12.3: half way from opaque red to transparent green is red at half opacity, not brown. */
    public function test_a_transparent_end_lends_no_hue(): void
    {
        self::assertSame('#ff000080', (string) Colour::parse('#ff0000')->mix(Colour::parse('#00ff0000'), 0.5));
    }

    /**
     * Worked by hand: a quarter of the way from alpha 204 to 102 is alpha 178.5; red is
     * (255·204·0.75 + 55·102·0.25) / 178.5 = 226.43, green (0 + 200·102·0.25) / 178.5 = 28.57.
     */
    public function test_two_transparent_colours_weigh_as_much_as_they_cover(): void
    {
        $from = new Colour(255, 0, 10, 204);
        $to = new Colour(55, 200, 10, 102);
        self::assertEquals(new Colour(226, 29, 10, 179), $from->mix($to, 0.25));
        self::assertEquals($from, $from->mix($to, 0));
        self::assertEquals($to, $from->mix($to, 1));
        // Beyond an end that is clear already there is nothing, in that end's hue.
        self::assertEquals(new Colour(1, 2, 3, 0), (new Colour(9, 9, 9, 40))->mix(new Colour(1, 2, 3, 0), 1.2));
        self::assertEquals(new Colour(1, 2, 3, 0), (new Colour(9, 9, 9, 0))->mix(new Colour(1, 2, 3, 0), 0.5));
        self::assertTrue((new Colour(0, 0, 0, 1))->isVisible());
    }

    public function test_an_overshoot_stays_a_colour(): void
    {
        self::assertSame('#ffffff', (string) Colour::parse('#000000')->mix(Colour::parse('#f0f0f0'), 1.4));
        self::assertSame('#000000', (string) Colour::parse('#101010')->mix(Colour::parse('#f0f0f0'), -0.4));
    }

    public function test_fading_multiplies_alpha(): void
    {
        self::assertSame('#10203040', (string) Colour::parse('#10203080')->faded(0.5));
        self::assertFalse(Colour::parse('#102030')->faded(0)->isVisible());
    }
}
