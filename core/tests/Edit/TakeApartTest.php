<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Compositions;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\MediaFacts;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Interchange\Svg\SvgReader;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Text\TextBlocks;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;
use Ricamo\Core\Tests\SquareShaper;
use Ricamo\Core\Time\FrameRate;

/** Drawings of 200 × 100 that are taken apart into shapes. */
final class TakeApartTest extends TestCase
{
    private static function evaluator(string $svg): Evaluator
    {
        $drawing = SvgReader::parse("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"200\" height=\"100\">$svg</svg>");

        return new Evaluator(MediaLibrary::of(
            new Media('m1', 'Logo', 'logo.svg', new MediaFacts(200, 100, new FrameRate(25), 1, false, true, drawing: $drawing->toJson())),
            new Media('m2', 'Street', 'street.mp4', new MediaFacts(200, 100, new FrameRate(25), 50, false)),
        ), new TextBlocks(new SquareShaper));
    }

    private static function placed(array $more = []): Composition
    {
        return Fixture::composition([
            Fixture::bar(['id' => 'below']),
            Fixture::clip([
                'id' => 'logo', 'position' => [500, 300], 'rotation' => 30, 'scale' => [200, 150], 'anchor' => [40, 0],
                ...$more,
            ]),
            Fixture::bar(['id' => 'above']),
        ]);
    }

    private static function apart(Composition $composition, Evaluator $evaluator): Composition
    {
        $project = new Project('P', $evaluator->media, Compositions::of($composition));

        return Edits::applyTo(
            $project, Edits::read(new Node(['edit' => 'take-apart', 'args' => ['layer' => 'logo']])), 'c1', $evaluator,
        )->composition('c1');
    }

    /**
     * What is drawn, in the pixels of the frame: each path's numbers, with what it is painted with.
     *
     * @return list<array{string, list<float>, mixed}>
     */
    private static function seen(Composition $composition, Evaluator $evaluator, int $frame = 0): array
    {
        $list = $evaluator->frame($composition, $frame)->toJson();
        $seen = [];
        $walk = function (array $items) use (&$walk, &$seen, $list): void {
            foreach ($items as $item) {
                if ($item['op'] === 'group') {
                    $walk($item['items']);
                } elseif (in_array($item['op'], ['fill', 'stroke'], true)) {
                    $path = Contours::parse($list['paths'][$item['path']])->mapped((new Affine(...$item['matrix']))->apply(...));
                    $seen[] = [
                        $item['op'], array_map(fn (float $one): float => round($one, 1), $path->path()->coordinates),
                        $item['colour'] ?? 'gradient',
                    ];
                }
            }
        };
        $walk($list['items']);

        return $seen;
    }

    /** @return array<string, array{string}> */
    public static function drawings(): array
    {
        return [
            'shapes one over another' => [
                '<rect x="10" y="10" width="80" height="60" fill="#2f5d50"/><path d="M100 20C140 0 160 60 180 80Z" fill="#c9973f" transform="rotate(5)"/>',
            ],
            'an outline of its own' => [
                '<circle cx="50" cy="50" r="30" fill="none" stroke="#c0392b" stroke-width="6" stroke-linecap="round"/>',
            ],
            'turned and stretched' => ['<g transform="translate(20 10) scale(2 1)"><rect width="30" height="30" fill="#24557a"/></g>'],
            'parts that are seen through together' => [
                '<g opacity="0.5"><rect width="50" height="50" fill="#2f5d50"/><rect x="20" y="20" width="50" height="50" fill="#c9973f"/></g>',
            ],
        ];
    }

    #[DataProvider('drawings')]
    public function test_nothing_of_what_is_seen_changes(string $svg): void
    {
        $evaluator = self::evaluator($svg);
        foreach ([
            [], ['arrive' => ['length' => 20, 'easing' => 'linear', 'moves' => [['move' => 'fade']]]],
            ['position' => Fixture::keyframes([0, [100, 100]], [50, [900, 400]])],
        ] as $more) {
            $before = self::placed($more);
            $after = self::apart($before, $evaluator);
            foreach ([10, 60] as $frame) {
                [$one, $other] = [self::seen($before, $evaluator, $frame), self::seen($after, $evaluator, $frame)];
                self::assertSame(array_column($one, 0), array_column($other, 0));
                foreach ($one as $index => [, $numbers, $colour]) {
                    self::assertEqualsWithDelta($numbers, $other[$index][1], 0.15);
                    self::assertSame(substr($colour, 0, 7), substr($other[$index][2], 0, 7));
                }
            }
        }
    }

    public function test_its_parts_are_layers_in_a_group_in_its_place(): void
    {
        $evaluator = self::evaluator(
            '<rect width="80" height="60" fill="#2f5d50"/><g opacity="0.5"><circle cx="50" cy="50" r="30" fill="red"/><circle cx="90" cy="50" r="30" fill="blue"/></g>',
        );
        $after = self::apart(self::placed(['effects' => [['id' => 'e1', 'effect' => 'blur']]]), $evaluator);
        self::assertSame(['below', 'l1', 'l3', 'l4', 'l2', 'logo', 'above'], $after->layers->ids());
        self::assertSame(
            ['group', 'blur'],
            [$after->layer('logo')->kind->name(), $after->layer('logo')->attached->effects[0]->effect->name()],
        );
        self::assertSame(
            ['logo', 'l2', 50.0],
            [$after->layer('l2')->group, $after->layer('l3')->group, $after->layer('l2')->number('opacity', 0)],
        );
        // Each turns about its own middle.
        self::assertEquals([-60, -20], [$after->layer('l1')->point('position', 0)->x, $after->layer('l1')->point('position', 0)->y]);
    }

    public function test_holes_stay_holes_and_gradients_gradients(): void
    {
        $ring = self::evaluator(
            '<path fill-rule="evenodd" d="M0 0L100 0L100 100L0 100ZM20 20L80 20L80 80L20 80ZM40 40L60 40L60 60L40 60Z"/>',
        );
        $path = Contours::parse(self::apart(self::placed(), $ring)->toJson()['layers'][1]['path']);
        self::assertSame([1, -1, 1], array_map(fn ($contour): int => $contour->winding() <=> 0, $path->all));
        $painted = self::evaluator(
            '<defs><linearGradient id="g" x1="0" y1="0" x2="1" y2="0"><stop offset="0" stop-color="#ff0000"/><stop offset="0.5" stop-color="#00ff00"/><stop offset="1" stop-color="#0000ff"/></linearGradient></defs><rect x="20" y="10" width="100" height="50" fill="url(#g)"/>',
        );
        $gradient = self::apart(self::placed(), $painted)->toJson()['layers'][1]['gradients'][0];
        self::assertEquals(
            ['linear', 3, [0, 0], [100, 0], '#00ff00', 50],
            [$gradient['form'], $gradient['stops'], $gradient['from'], $gradient['to'], $gradient['colour2'], $gradient['at2']],
        );
    }

    public function test_what_is_no_drawing_or_has_too_many_parts_is_refused(): void
    {
        foreach ([
            [self::placed(['media' => 'm2']), '<rect width="1" height="1"/>', 'not made of outlines'],
            [self::placed(), str_repeat('<rect width="9" height="9"/>', 301), '301 parts'],
        ] as [$composition, $svg, $message]) {
            try {
                self::apart($composition, self::evaluator($svg));
                self::fail($message);
            } catch (Refusal $refusal) {
                self::assertStringContainsString($message, $refusal->getMessage());
            }
        }
    }

    public function test_what_is_cut_by_an_outline_stays_cut_and_what_is_masked_is_not_taken_apart(): void
    {
        $svg = '<clipPath id="c"><circle cx="60" cy="50" r="30"/></clipPath><g clip-path="url(#c)"><rect width="100" height="100"/></g><rect x="190" width="40" height="20"/>';
        $apart = Edits::apply(
            Edits::read(new Node(['edit' => 'take-apart', 'args' => ['layer' => 'logo']])), self::placed(),
            self::evaluator($svg),
        );
        $masked = array_values(array_filter($apart->toJson()['layers'], fn (array $layer): bool => isset($layer['masks'])));
        // The group that the circle cuts, and the one that the edge of the picture cuts.
        self::assertSame(['group', 'group'], array_column($masked, 'kind'));
        self::assertEqualsWithDelta(
            [[-70, -30, -10, 30], [-100, -50, 100, 50]],
            array_map(fn (array $layer): array => Contours::parse($layer['masks'][0]['path'])->path()->bounds()?->toJson() ?? [], $masked),
            0.01,
        );
        $this->expectExceptionMessage('is masked by more than one outline');
        $masks = '<mask id="m"><rect width="50" height="50" fill="#fff"/></mask><rect width="100" height="100" mask="url(#m)"/>';
        Edits::apply(
            Edits::read(new Node(['edit' => 'take-apart', 'args' => ['layer' => 'logo']])), self::placed(),
            self::evaluator($masks),
        );
    }
}
