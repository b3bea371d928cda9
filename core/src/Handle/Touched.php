<?php

declare(strict_types=1);

namespace Ricamo\Core\Handle;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\View;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Evaluate\Trail;
use Ricamo\Core\Kind\MaskPlaces;

/** What has handles of its own in the picture while a layer is selected alone: its way, its masks, its paths, points of its effects. */
final class Touched
{
    /**
     * What lies on a layer that is seen in perspective has none, as it would be shown, and pulled, where it is not seen.
     *
     * @return array{trail: ?array<string, mixed>, masks: list<mixed>, paths: list<mixed>, points: list<mixed>}
     */
    public static function of(Layer $layer, Composition $composition, int $frame, Evaluator $evaluator): array
    {
        $lies = View::ofLayer($layer, $composition, $frame) === null;

        return [
            'trail' => Trail::of($layer, $frame, $composition, $evaluator),
            'masks' => ! $lies || $layer->attached->masks === [] ? [] : MaskPlaces::of(
                $layer, $composition, $frame, $evaluator->pose($layer, $composition, $frame)->box,
            ),
            'paths' => $lies ? PathPlaces::of($layer, $composition, $frame, $evaluator->media) : [],
            'points' => $lies ? EffectPoints::of($layer, $composition, $frame, $evaluator) : [],
        ];
    }
}
