<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\CompositionRow as StoredComposition;
use App\Models\ProjectRow;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Text\SetText;
use Ricamo\Core\Kind\Text\TextBlock;
use Ricamo\Core\Kind\Text\TextBlocks;
use Ricamo\Core\Kind\Text\TextContent;
use Ricamo\Core\Text\Shaper;

/** How fast 120 letters with two cascades and motion blur, and a stroke of 2,000 leaves, are worked out and played. */
final readonly class CascadeBench
{
    private const FRAMES = 100;

    /** For so long letters come. */
    public const COMING = 90;

    public function __construct(private Shaper $shaper)
    {
    }

    /** @return list<array{string, string, string}> */
    public function run(): array
    {
        [$letters, $leaves] = [self::letters(), self::leaves()];
        $bare = $this->bareLetters();
        $measured = ByTurns::measure(fn (): float => $this->framesPerSecond($letters), fn (): float => self::timed($bare->frame(...)));
        $ofLeaves = $this->framesPerSecond($leaves);
        $played = BenchServer::with(fn (ProjectRow $project): array => array_map(fn (Composition $one, int $place): string => sprintf(
            '%.1f of 25 frames a second', BenchServer::played(StoredComposition::store($project->id, $one->withId("c$place"), $place)),
        ), [$letters, $leaves], [1, 2]));

        return [
            ['120 letters, two cascades, motion blur: evaluated', sprintf('%d frames a second', $measured->first), ''],
            ['… a bare loop that writes the same', sprintf('%d frames a second', $measured->second), ''],
            ['… evaluated, of what the bare loop does', sprintf('× %.2f', $measured->share), '≥ × 0.6'],
            ['… played', $played[0], '≥ 25'],
            ['a stroke of 2,000 leaves: evaluated', sprintf('%d frames a second', $ofLeaves), ''],
            ['… played', $played[1], '≥ 25'],
        ];
    }

    private function framesPerSecond(Composition $composition): float
    {
        $evaluator = new Evaluator(MediaLibrary::of(), new TextBlocks($this->shaper));
        $evaluator->frame($composition, 0);

        return self::timed(fn (int $frame): string => $evaluator->frame($composition, $frame)->encode());
    }

    /**
     * How many frames are worked out in a second, of those on which letters come.
     *
     * @param  callable(int): string  $frame
     */
    private static function timed(callable $frame): float
    {
        $began = hrtime(true);
        for ($at = 0; $at < self::COMING; $at++) {
            $frame($at);
        }

        return self::COMING / ((hrtime(true) - $began) / 1e9);
    }

    public function bareLetters(): BareLetters
    {
        $layer = self::letters()->layer('l1');
        assert($layer->content instanceof TextContent);

        return new BareLetters(
            new SetText(TextBlock::of($layer->content, 0.0, $this->shaper), $layer->number('typeSize', 0), $layer->number('leading', 0)),
            [160.0, 260.0], '#f3e3c3',
        );
    }

    public static function letters(): Composition
    {
        $text = implode(
            "\n",
            [
                'The depot opens all its gates', 'to those who like old trams', 'and bells, and to the street',
                'they ran along for many years', 'until last Sunday in June',
            ],
        );

        return self::composition([[
            'id' => 'l1', 'kind' => 'text', 'name' => 'Letters', 'in' => 0, 'out' => self::FRAMES,
            'text' => mb_substr($text, 0, 145), 'typeSize' => 90, 'position' => [160, 260], 'motionBlur' => true,
            'cascades' => [
                [
                    'id' => 'c1', 'as' => 'arrive', 'units' => 'letters', 'length' => 90, 'overlap' => 85,
                    'position' => [0, 90], 'turn' => 25, 'scale' => [40, 40], 'easing' => 'cubic-out',
                ],
                [
                    'id' => 'c2', 'as' => 'arrive', 'units' => 'words', 'length' => 95, 'overlap' => 60,
                    'position' => [-60, 0], 'opacity' => 100, 'easing' => 'quint-out',
                ],
            ],
        ]]);
    }

    private static function leaves(): Composition
    {
        return self::composition([[
            'id' => 'l1', 'kind' => 'shape', 'form' => 'path', 'name' => 'Leaves', 'in' => 0, 'out' => self::FRAMES,
            'position' => [960, 540], 'fill' => '#00000000', 'outline' => '#5d8a4a', 'outlineWidth' => 6,
            'path' => 'M-800 -300C-400 -500 400 -100 800 -300C1000 -100 -1000 0 -800 200C-400 500 400 100 800 300',
            'brush' => ['form' => 'leaves', 'size' => 300, 'spacing' => 14],
            'drawEnd' => ['keyframes' => [['at' => 0, 'value' => 60], ['at' => self::FRAMES - 1, 'value' => 100]]],
        ]]);
    }

    /** @param  list<array<string, mixed>>  $layers */
    private static function composition(array $layers): Composition
    {
        return Composition::read(new Node([
            'id' => 'c', 'name' => 'Cascades', 'width' => 1920, 'height' => 1080, 'rate' => '25/1',
            'length' => self::FRAMES, 'layers' => $layers,
        ]));
    }
}
