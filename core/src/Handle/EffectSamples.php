<?php

declare(strict_types=1);

namespace Ricamo\Core\Handle;

use Ricamo\Core\Display\DisplayList;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\FittedEffect;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Effect\Effects;
use Ricamo\Core\Effect\HasSample;
use Ricamo\Core\Evaluate\Evaluator;

/** How a layer would look with one effect more, for choosing it by small pictures. */
final class EffectSamples
{
    /**
     * A frame from which a layer is told by sight: this one where it rests there, else the middle of the time in which it rests.
     */
    public static function seenAt(Layer $layer, Composition $composition, int $frame): int
    {
        $seen = $composition->onAir($layer)?->intersection($composition->range());
        if ($seen === null) {
            return max(0, min($composition->range()->last(), $frame));
        }
        $from = max($seen->in, $layer->span->in + ($layer->life->arrive->length ?? 0));
        $to = min($seen->last(), $layer->span->last() - ($layer->life->leaving()->length ?? 0));

        return match (true) {
            $from > $to => intdiv($seen->in + $seen->last(), 2),
            $frame >= $from && $frame <= $to => $frame,
            default => intdiv($from + $to, 2),
        };
    }

    /**
     * @return iterable<string, DisplayList> by the name of the effect: the layer alone on nothing, or all that lies beneath one
     *     that adjusts
     */
    public static function of(Layer $layer, Composition $composition, int $frame, Evaluator $evaluator): iterable
    {
        $box = $evaluator->pose($layer, $composition, $frame)->box;
        $stage = $layer->kind->adjusts() ? $composition : $composition->with(['alone' => [$layer->id], 'background' => null]);
        foreach (Effects::all() as $name => $effect) {
            $with = FittedEffect::added($layer, $effect, $box, $effect instanceof HasSample ? $effect->sample($box) : []);
            yield $name => $evaluator->frame($stage->replacing($with->switched(['motionBlur' => false])), $frame);
        }
    }
}
