<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Transitions;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Layers\AddLayer;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Misfit;
use Ricamo\Core\Json\Name;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRange;

/**
 * Places another composition over the cut where two layers meet, so that the cut lies in the middle of the frames on which it
 * covers the whole frame. Whether a clip with alpha, and what is filtered or masked, does, is found by drawing it small and
 * looking at it. Refused where there are no such frames.
 */
final readonly class CoverCut implements CompositionEdit
{
    /** How many frames of a composition are looked through at most. */
    private const LONGEST = 500;

    /** @param  non-empty-list<string>  $layers */
    private function __construct(private array $layers, private string $with)
    {
    }

    /**
     * @param  non-empty-list<string>  $layers
     *
     * @throws Refusal where its arguments do not go together
     */
    public static function from(
        #[LayerIds('two that meet at a cut')] array $layers,
        #[Name('that is placed', longest: 64)] string $composition,
    ): self {
        return count($layers) === 2 ? new self($layers, $composition) : throw new Misfit('layers', 'must be two layers that meet at a cut');
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        [$one, $other] = array_map($composition->layer(...), $this->layers);
        $frame = match (true) {
            $one->span->out === $other->span->in => $one->span->out,
            $other->span->out === $one->span->in => $other->span->out,
            default => throw new Refusal("“{$one->name}” and “{$other->name}” do not meet at a cut"),
        };

        return self::over($composition, $frame, $this->with, $evaluator);
    }

    /**
     * With another composition over a cut, on top of all.
     *
     * @param  int  $cut  the first frame after it
     *
     * @throws Refusal where it never covers the whole frame, or would begin too early
     */
    public static function over(Composition $composition, int $cut, string $with, Evaluator $evaluator): Composition
    {
        $placed = (new AddLayer(new Node(['kind' => 'bundle', 'composition' => $with], 'layer')))->apply($composition, $evaluator);
        $layer = $placed->layer($placed->layers->ids()[count($placed->layers) - 1]);
        [$first, $last] = self::covering($placed, $layer, $evaluator);
        // In the middle of what is covered: the frames before are of the one, those from it on of the other.
        $in = $cut - intdiv($first + $last + 1, 2);

        return $placed->replacing($layer->withSpan(new FrameRange($in, $in + $layer->span->length())));
    }

    public function title(): string
    {
        return 'cover the cut';
    }

    /** @return array{int, int} the first and the last frame of the longest time for which it covers the frame, counted from its in point */
    private static function covering(Composition $composition, Layer $layer, Evaluator $evaluator): array
    {
        $length = $layer->span->length();
        $stage = $composition->with(['alone' => [$layer->id], 'background' => null, 'length' => max($composition->length, $length)]);
        if ($length > self::LONGEST) {
            throw new Refusal("“{$layer->name}” is longer than ".self::LONGEST.' frames; that is no transition');
        }
        [$best, $begun, $most, $mostAt] = [null, null, 0.0, 0];
        for ($frame = 0; $frame <= $length; $frame++) {
            $share = $frame === $length ? 0.0 : $evaluator->coverage($stage, $frame);
            if ($share >= 1) {
                $begun ??= $frame;
            } elseif ($begun !== null) {
                $best = $best === null || $frame - $begun > $best[1] - $best[0] + 1 ? [$begun, $frame - 1] : $best;
                $begun = null;
            }
            [$most, $mostAt] = $share > $most ? [$share, $frame] : [$most, $mostAt];
        }

        return $best ?? throw new Refusal($most < 0.005
            ? "“{$layer->name}” covers nothing: there is no frame for a cut to lie beneath"
            : "“{$layer->name}” never covers the whole frame: on frame $mostAt it covers ".floor(100 * $most).' %');
    }
}
