<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Kind;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Compositions;
use Ricamo\Core\Evaluate\Inspection;
use Ricamo\Core\Tests\Fixture;
use Ricamo\Core\Time\FrameRate;

/** Properties that mean nothing to a layer as it is. */
final class IdleTest extends TestCase
{
    #[TestWith([['form' => 'rectangle'], ['sides', 'inner', 'sweep', 'path', 'endSize', 'along'], ['size', 'rounding', 'columns']])]
    #[TestWith([['form' => 'star'], ['sweep', 'roundTopLeft'], ['sides', 'inner', 'rounding']])]
    #[TestWith([['form' => 'line', 'endMark' => 'arrow'], ['sides'], ['endSize', 'size']])]
    #[TestWith([['form' => 'ellipse', 'along' => 'M0 0L100 0'], ['columns', 'ringRadius'], ['along', 'alongCount']])]
    public function test_of_a_shape_it_is_what_it_is_not_made_of(array $fields, array $idle, array $meant): void
    {
        $this->assertIdle([...Fixture::bar(), ...$fields], $idle, $meant);
    }

    public function test_what_makes_no_sound_has_no_level(): void
    {
        $this->assertIdle(Fixture::clip(), [], ['level']);
        $this->assertIdle(Fixture::clip(['media' => 'm2']), ['level'], []);
        $window = ['id' => 'w', 'kind' => 'window', 'form' => 'ellipse', 'name' => 'Window', 'in' => 0, 'out' => 9];
        $this->assertIdle($window, ['level', 'rounding'], ['size']);
        $this->assertIdle([...$window, 'media' => 'm1'], ['rounding'], ['level']);
        $this->assertIdle([...$window, 'media' => 'm2'], ['level'], []);
        $this->assertIdle([...$window, 'composition' => 'c2'], [], ['level']);
    }

    /** @param  list<string>  $meant */
    #[TestWith([[], []])]
    #[TestWith([['counts' => ['decimals' => 0]], ['number']])]
    #[TestWith([['path' => 'M0 0L90 0'], ['path', 'pathOffset']])]
    #[TestWith([['path' => ['keyframes' => [['at' => 5, 'value' => 'M0 0L90 0']]]], ['path', 'pathOffset']])]
    #[TestWith([['boxWidth' => 300], ['fitBox']])]
    #[TestWith([['plate' => '#102030'], ['platePadding', 'plateRounding', 'plateByLine']])]
    #[TestWith([['plate' => ['keyframes' => [['at' => 5, 'value' => '#10203000']]]], ['platePadding', 'plateRounding', 'plateByLine']])]
    #[TestWith([['shine' => 30], ['roughness']])]
    #[TestWith([['thickness' => 30], ['sideColour']])]
    public function test_of_words_it_is_what_they_have_not_got(array $fields, array $meant): void
    {
        $all = ['number', 'path', 'pathOffset', 'fitBox', 'platePadding', 'plateRounding', 'plateByLine', 'roughness', 'sideColour'];
        self::assertSame(array_values(array_diff($all, $meant)), $this->idle(Fixture::words($fields)));
    }

    public function test_a_shape_that_is_not_repeated_has_nothing_to_spread_a_cascade_over(): void
    {
        $units = fn (array $layer, int $frame): array => Inspection::of(
            Fixture::layer($layer), $frame, new FrameRate(25), Fixture::media(),
        )['units'];
        self::assertSame([], $units(Fixture::bar(), 0));
        self::assertSame(['repeats'], $units(Fixture::bar(['columns' => 3]), 0));
        self::assertSame(['repeats'], $units(Fixture::bar(['along' => 'M0 0L100 0']), 0));
        $grows = Fixture::bar(['rows' => Fixture::keyframes([0, 1], [10, 5])]);
        self::assertSame([[], ['repeats']], [$units($grows, 0), $units($grows, 10)]);
        self::assertSame(['letters', 'words', 'lines'], $units(Fixture::words(), 0));
        self::assertSame([], $units(Fixture::clip(), 0));
    }

    /**
     * @param  array<string, mixed>  $layer
     * @param  list<string>  $idle
     * @param  list<string>  $meant
     */
    private function assertIdle(array $layer, array $idle, array $meant): void
    {
        $found = $this->idle($layer);
        self::assertSame([], array_diff($idle, $found));
        self::assertSame([], array_intersect($meant, $found));
    }

    /**
     * @param  array<string, mixed>  $layer
     * @return list<string>
     */
    private function idle(array $layer): array
    {
        $library = Fixture::media()->withCompositions(Compositions::of(Fixture::composition([], ['id' => 'c2'])));

        return Inspection::of(Fixture::layer($layer), 0, new FrameRate(25), $library)['idle'];
    }
}
