<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Evaluate;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Text\TextBlocks;
use Ricamo\Core\Tests\Fixture;
use Ricamo\Core\Tests\SquareShaper;

/** A bundle that keeps its space is seen as a group of the same layers is. */
final class KeptSpaceTest extends TestCase
{
    private const HEAD = ['width' => 1920, 'height' => 1080, 'rate' => '25/1', 'length' => 100, 'background' => 'transparent'];

    private const CAMERA = [
        'id' => 'camera', 'kind' => 'camera', 'name' => 'Camera', 'in' => 0, 'out' => 100, 'position' => [960, 540], 'z' => -2666.666667,
        'aim' => [960, 540], 'orbitY' => ['keyframes' => [['at' => 0, 'value' => 0], ['at' => 40, 'value' => 60]]],
    ];

    private const LAMP = [
        'id' => 'lamp', 'kind' => 'light', 'source' => 'point', 'name' => 'Lamp', 'in' => 0, 'out' => 100, 'position' => [700, 300], 'z' => -500,
    ];

    /** @return list<array<string, mixed>> layers with depths of their own */
    private static function layers(): array
    {
        return [
            Fixture::bar(['position' => [1200, 640], 'size' => [200, 100], 'z' => -400, 'tiltX' => 25]),
            Fixture::bar(['id' => 'far', 'position' => [700, 400], 'size' => [300, 300], 'z' => 500, 'fill' => '#304050']),
            Fixture::words(['z' => ['keyframes' => [['at' => 0, 'value' => 900], ['at' => 40, 'value' => -200]]], 'shine' => 60]),
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $outer
     * @param  list<array<string, mixed>>|null  $inner
     */
    private static function frame(array $outer, int $frame, ?array $inner = null): string
    {
        $project = Project::read(new Node(['format' => 'ricamo-project', 'version' => 1, 'name' => 'Depot', 'compositions' => [
            [...self::HEAD, 'id' => 'c1', 'name' => 'Outer', 'layers' => $outer],
            [...self::HEAD, 'id' => 'c2', 'name' => 'Inner', 'layers' => $inner ?? self::layers()],
        ]]))->with(['media' => Fixture::media()]);
        $evaluator = new Evaluator($project->library(), new TextBlocks(new SquareShaper));

        return $evaluator->frame($project->compositions->get('c1'), $frame)->encode();
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    private static function bundle(array $fields = []): array
    {
        return [
            'id' => 'b', 'kind' => 'bundle', 'composition' => 'c2', 'name' => 'Bundle', 'in' => 0, 'out' => 100, 'position' => [960, 540],
            'space' => true, ...$fields,
        ];
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return list<array<string, mixed>> a group of the same layers
     */
    private static function group(array $fields = []): array
    {
        return [
            [
                'id' => 'b', 'kind' => 'group', 'name' => 'Group', 'in' => 0, 'out' => 100, 'position' => [960, 540], 'anchor' => [960, 540], ...$fields,
            ],
            ...array_map(fn (array $layer): array => [...$layer, 'group' => 'b'], self::layers()),
        ];
    }

    /** @return iterable<string, array{array<string, mixed>, list<array<string, mixed>>}> its own fields, and what is beside it */
    public static function kept(): iterable
    {
        yield 'as it is' => [[], []];
        yield 'tilted and far away' => [['tiltY' => 40, 'tiltX' => -20, 'z' => 300], []];
        yield 'moved, scaled and turned' => [['position' => [700, 600], 'scale' => [60, 60], 'rotation' => 30, 'tiltX' => 35], []];
        yield 'through a camera' => [['tiltY' => 20], [self::CAMERA]];
        yield 'in the light of a lamp' => [['tiltY' => -30], [self::LAMP]];
        yield 'in both, translucent' => [['opacity' => 50, 'z' => -100], [self::CAMERA, self::LAMP]];
        yield 'as it falls apart' => [['arrive' => ['moves' => [['move' => 'hinged']], 'length' => 60]], []];
    }

    /**
     * @param  array<string, mixed>  $fields
     * @param  list<array<string, mixed>>  $others
     */
    #[DataProvider('kept')]
    public function test_its_layers_are_seen_as_those_of_a_group(array $fields, array $others): void
    {
        foreach ([0, 17, 50] as $frame) {
            self::assertSame(
                self::rounded(self::frame([...self::group($fields), ...$others], $frame)),
                self::rounded(self::frame([self::bundle($fields), ...$others], $frame)), "frame $frame",
            );
        }
    }

    /** Numbers to half a hundredth: paths are kept by what they are, which differs by rounding. */
    private static function rounded(string $encoded): array
    {
        $list = json_decode($encoded, true, flags: JSON_THROW_ON_ERROR);
        $walk = function (mixed $value) use (&$walk, $list): mixed {
            if (is_array($value)) {
                return array_map($walk, $value);
            }
            if (is_string($value) && isset($list['paths'][$value])) {
                $value = $list['paths'][$value];

                return preg_replace_callback('/-?[0-9.]+/', fn (array $found): string => (string) round((float) $found[0], 1), $value);
            }

            return is_float($value) || is_int($value) ? round($value, 2) + 0.0 : $value;
        };

        return $walk($list['items']);
    }

    public function test_without_depth_it_is_what_it_is_as_a_flat_picture_that_is_not_cropped(): void
    {
        $flat = [Fixture::bar(), Fixture::words()];
        self::assertSame(
            self::rounded(self::frame([self::bundle(['space' => false, 'crop' => false])], 5, $flat)),
            self::rounded(self::frame([self::bundle()], 5, $flat)),
        );
    }

    public function test_masked_or_cut_it_is_one_flat_picture(): void
    {
        foreach ([
            ['masks' => [['id' => 'm1', 'form' => 'ellipse', 'size' => [900, 600]]]], ['patchwork' => ['form' => 'grid', 'gap' => 6]],
            ['arrive' => ['moves' => [['move' => 'unfold']], 'length' => 60, 'easing' => 'linear']],
        ] as $more) {
            self::assertSame(
                self::frame([self::bundle(['space' => false, 'tiltY' => 20, ...$more])], 20),
                self::frame([self::bundle(['tiltY' => 20, ...$more])], 20),
            );
        }
    }

    public function test_its_layers_throw_shadows_on_others_and_ids_that_are_alike_mean_nothing(): void
    {
        $wall = fn (string $id): array => Fixture::bar([
            'id' => $id, 'position' => [960, 540], 'size' => [2400, 1400], 'z' => 900, 'fill' => '#c8bfae',
        ]);
        $lamp = ['shadow' => 80, 'lightSize' => 0] + self::LAMP;
        $lit = fn (string $id, array $more = []): array => json_decode(
            self::frame([$wall($id), self::bundle($more), $lamp], 0), true,
        )['items'][0];
        // The wall is called as one of the layers within the bundle is.
        self::assertSame($lit('wall'), $lit('far'));
        self::assertNotSame($lit('wall'), $lit('wall', ['throwsShadow' => false]));
    }

    public function test_on_its_layers_none_fall(): void
    {
        $lamp = ['shadow' => 80, 'lightSize' => 0] + self::LAMP;
        $card = fn (bool $throws): array => Fixture::bar([
            'id' => 'card', 'position' => [700, 330], 'size' => [400, 300], 'z' => -300, 'throwsShadow' => $throws,
        ]);
        self::assertSame(
            self::frame([self::bundle(), $card(false), $lamp], 0), self::frame([self::bundle(), $card(true), $lamp], 0),
        );
        // Of a group they do.
        self::assertNotSame(
            self::frame([...self::group(), $card(false), $lamp], 0), self::frame([...self::group(), $card(true), $lamp], 0),
        );
    }

    public function test_within_one_that_keeps_its_space_another_does(): void
    {
        $read = Project::read(new Node(['format' => 'ricamo-project', 'version' => 1, 'name' => 'Depot', 'compositions' => [
            [...self::HEAD, 'id' => 'c1', 'name' => 'Outer', 'layers' => [self::bundle(['tiltY' => 30])]],
            [...self::HEAD, 'id' => 'c2', 'name' => 'Middle', 'layers' => [self::bundle(['composition' => 'c3', 'tiltX' => 10])]],
            [...self::HEAD, 'id' => 'c3', 'name' => 'Inner', 'layers' => self::layers()],
        ]]))->with(['media' => Fixture::media()]);
        $seen = (new Evaluator($read->library(), new TextBlocks(new SquareShaper)))->frame($read->compositions->get('c1'), 17)->encode();
        $groups = [
            ['id' => 'o', 'kind' => 'group', 'name' => 'O', 'in' => 0, 'out' => 100, 'position' => [960, 540], 'anchor' => [960, 540], 'tiltY' => 30],
            ...array_map(
                fn (array $layer): array => $layer['id'] === 'b' ? [...$layer, 'group' => 'o'] : $layer, self::group(['tiltX' => 10]),
            ),
        ];
        self::assertSame(self::rounded(self::frame($groups, 17)), self::rounded($seen));
    }
}
