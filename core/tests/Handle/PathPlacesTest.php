<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Handle;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Handle\PathPlaces;
use Ricamo\Core\Tests\Fixture;

final class PathPlacesTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $layer
     * @return list<string>
     */
    private function properties(array $layer): array
    {
        $composition = Fixture::composition([$layer]);

        return array_column(PathPlaces::of($composition->layers[0], $composition, 0, Fixture::media()), 'property');
    }

    public function test_each_path_that_a_layer_goes_by_is_told(): void
    {
        $line = 'M0 0L100 0';
        self::assertSame(['path'], $this->properties(Fixture::bar(['form' => 'path', 'path' => $line])));
        self::assertSame(['path', 'along'], $this->properties(Fixture::bar(['form' => 'path', 'path' => $line, 'along' => $line])));
        self::assertSame(['path'], $this->properties([...Fixture::bar(['form' => 'path', 'path' => $line]), 'kind' => 'window']));
        self::assertSame(['path'], $this->properties(Fixture::words(['path' => $line])));
        foreach (['path' => ['p1.path'], 'grid' => []] as $form => $told) {
            self::assertSame($told, $this->properties(Fixture::bar(['patchwork' => ['form' => $form, 'path' => $line]])));
        }
        self::assertSame([], $this->properties(Fixture::bar(['patchwork' => ['form' => 'path']])), 'none was drawn');
        self::assertSame(['path', 'm1.path'], $this->properties(Fixture::words([
            'path' => $line, 'masks' => [['id' => 'm1', 'form' => 'free', 'path' => "{$line}L0 100Z"]],
        ])));
    }

    public function test_one_that_a_form_does_not_go_by_is_not(): void
    {
        self::assertSame([], $this->properties(Fixture::bar(['form' => 'star', 'path' => 'M0 0L100 0'])));
        self::assertSame([], $this->properties(Fixture::words()));
    }

    public function test_points_are_told_in_composition_pixels_with_their_handles_as_places(): void
    {
        $composition = Fixture::composition([Fixture::bar([
            'form' => 'path', 'path' => 'M0 0C10 0 20 0 30 0', 'position' => [500, 300], 'scale' => [200, 200],
        ])]);
        $told = PathPlaces::of($composition->layers[0], $composition, 0, Fixture::media())[0];
        self::assertSame('M500 300C520 300 540 300 560 300', $told['path']);
        self::assertEquals([
            ['at' => [500, 300], 'in' => [500, 300], 'out' => [520, 300]], ['at' => [560, 300], 'in' => [540, 300], 'out' => [560, 300]],
        ], $told['contours'][0]['knots']);
        self::assertFalse($told['contours'][0]['closed']);
    }
}
