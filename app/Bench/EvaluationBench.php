<?php

declare(strict_types=1);

namespace App\Bench;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Text\TextBlocks;
use Ricamo\Core\Text\Shaper;

/** How many frames a second are evaluated, and how that grows with layers and keyframes. */
final readonly class EvaluationBench
{
    public function __construct(private Shaper $shaper)
    {
    }

    /** @return list<array{string, string, string}> */
    public function run(): array
    {
        $measured = ByTurns::measure(fn (): float => $this->framesPerSecond(20, 2), self::bareFramesPerSecond(...));
        $forty = $this->framesPerSecond(40, 2);
        $many = $this->framesPerSecond(20, 512);

        return [
            ['evaluation, 20 layers × 8 eased properties', sprintf('%d frames a second', $measured->first), ''],
            ['… a bare loop that writes the same', sprintf('%d frames a second', $measured->second), ''],
            ['… evaluation, of what the bare loop does', sprintf('× %.2f', $measured->share), '≥ × 0.7'],
            ['… with twice the layers, time', sprintf('× %.2f', $measured->first / $forty), '× 2 (linear)'],
            ['… with 256 times the keyframes, time', sprintf('× %.2f', $measured->first / $many), 'logarithmic'],
        ];
    }

    /** How many frames of so many layers the bare loop works out in a second: a figure of the machine alone. */
    public static function bareFramesPerSecond(int $layers = 20): float
    {
        $loop = new BareLoop(self::composition($layers, 2)->toJson());
        $loop->frame(0);
        $began = hrtime(true);
        for ($frame = 0; $frame < 500; $frame++) {
            $loop->frame(10 * $frame);
        }

        return 500 / ((hrtime(true) - $began) / 1e9);
    }

    private function framesPerSecond(int $layers, int $keyframes): float
    {
        $composition = self::composition($layers, $keyframes);
        $evaluator = new Evaluator(MediaLibrary::of(), new TextBlocks($this->shaper));
        $evaluator->frame($composition, 0);
        $began = hrtime(true);
        for ($frame = 0; $frame < 500; $frame++) {
            $evaluator->frame($composition, 10 * $frame)->encode();
        }

        return 500 / ((hrtime(true) - $began) / 1e9);
    }

    /** Bars with eight eased properties each, of which none changes their outline. */
    public static function composition(int $layers, int $keyframes): Composition
    {
        $eased = fn (mixed $from, mixed $to): array => ['keyframes' => array_map(fn (int $index): array => [
            'at' => intdiv(5000 * $index, $keyframes - 1), 'value' => $index % 2 === 0 ? $from : $to,
            'easing' => 'cubic-bezier(0.4, 0, 0.2, 1)',
        ], range(0, $keyframes - 1))];

        return Composition::read(new Node([
            'id' => 'c', 'name' => 'Bench', 'width' => 1920, 'height' => 1080, 'rate' => '25/1', 'length' => 5000,
            'layers' => array_map(fn (int $index): array => [
                'id' => "l$index", 'kind' => 'shape', 'form' => 'rectangle', 'name' => "Bar $index", 'in' => 0, 'out' => 5000,
                'position' => $eased([100, 100], [900, 600]), 'scale' => $eased([100, 100], [150, 80]), 'rotation' => $eased(0, 720),
                'opacity' => $eased(10, 90), 'anchor' => $eased([0, 0], [50, 20]), 'fill' => $eased('#2f5d50', '#c9973f'),
                'outline' => $eased('#1d2430', '#f3e3c3'), 'outlineWidth' => $eased(1, 6),
            ], range(1, $layers)),
        ]));
    }
}
