<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\BareLoop;
use App\Bench\CascadeBench;
use App\Bench\EvaluationBench;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Kind\Text\TextBlocks;
use Ricamo\Core\Text\Shaper;
use Tests\TestCase;

final class BareLoopTest extends TestCase
{
    public function test_what_evaluation_is_compared_with_writes_the_same(): void
    {
        $composition = EvaluationBench::composition(3, 5);
        $loop = new BareLoop($composition->toJson());
        $evaluator = new Evaluator(MediaLibrary::of(), new TextBlocks($this->app->make(Shaper::class)));
        for ($frame = 0; $frame < 5000; $frame += 133) {
            $shown = $evaluator->frame($composition, $frame)->toJson();
            $bare = json_decode($loop->frame($frame), true);
            self::assertSame(array_keys($shown), array_keys($bare));
            // Solved to within 1e-7 of the time, from another guess: the last decimal may differ.
            self::assertEqualsWithDelta($shown, $bare, 0.001, "frame $frame");
        }
    }

    public function test_what_letters_are_compared_with_writes_the_same(): void
    {
        $bench = $this->app->make(CascadeBench::class);
        [$composition, $loop] = [CascadeBench::letters(), $bench->bareLetters()];
        $evaluator = new Evaluator(MediaLibrary::of(), new TextBlocks($this->app->make(Shaper::class)));
        $counts = [];
        for ($frame = 0; $frame < CascadeBench::COMING; $frame += 8) {
            $shown = $evaluator->frame($composition, $frame)->toJson();
            $bare = json_decode($loop->frame($frame), true);
            $counts[] = count($shown['items'][0]['lists'][0]);
            self::assertSame($shown['paths'], $bare['paths']);
            self::assertEqualsWithDelta($shown, $bare, 0.001, "frame $frame");
        }
        self::assertGreaterThan(100, max($counts));
    }
}
