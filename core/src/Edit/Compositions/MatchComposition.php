<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Compositions;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Json\Node;

/** Gives a composition a clip's size (to even numbers, as video needs them), its frame rate and its length; a picture's size. */
final readonly class MatchComposition implements CompositionEdit
{
    public function __construct(
        #[Id] private string $media,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $facts = $evaluator->media->get($this->media)->known();
        $even = fn (int $side): int => max(2, $side + $side % 2);

        return (new SetComposition(new Node([
            'width' => $even($facts->width),
            'height' => $even($facts->height),
            ...($facts->isStill() ? [] : ['rate' => (string) $facts->rate, 'length' => min(Composition::LONGEST, $facts->frames)]),
        ])))->apply($composition, $evaluator);
    }

    public function title(): string
    {
        return 'match composition to clip';
    }
}
