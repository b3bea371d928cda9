<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Transitions;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Json\Misfit;
use Ricamo\Core\Json\Name;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Move\Phase;
use Ricamo\Core\Refusal;

/**
 * Puts a transition where it was dropped: at the end of a layer that is nearer to a `frame`. Where another layer meets it there it
 * leads across the cut, otherwise the layer arrives or leaves by it. Of a `composition` in the place of a `phase` it covers the cut.
 */
final readonly class PlaceTransition implements CompositionEdit
{
    private function __construct(private string $layer, private int $frame, private ?Node $phase, private ?string $composition)
    {
    }

    /** @throws Refusal where its arguments do not go together */
    public static function from(
        #[Id] string $layer,
        #[Frame] int $frame,
        #[Field(ref: 'Phase')] ?Node $phase = null,
        #[Name(longest: 64)] ?string $composition = null,
    ): self {
        return $composition === null && $phase === null
            ? throw Misfit::missing('phase')
            : new self($layer, $frame, $composition === null ? $phase : null, $composition);
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $layer = $composition->layer($this->layer);
        if (! $layer->kind->isSeen()) {
            throw new Refusal("“{$layer->name}” is not seen; it has no transitions");
        }
        $atEnd = abs($layer->span->out - $this->frame) < abs($layer->span->in - $this->frame);
        $cut = Cut::at($composition, $layer, $atEnd);
        if ($this->composition !== null) {
            return $cut === null
                ? throw new Refusal("Nothing meets “{$layer->name}” there: there is no cut to cover")
                : CoverCut::over($composition, $cut->frame, $this->composition, $evaluator);
        }
        if ($cut !== null) {
            return CrossCut::from([$cut->earlier->id, $cut->later->id], $this->phase)->apply($composition, $evaluator);
        }
        assert($this->phase !== null);
        $phase = Phase::read($this->phase, $composition->rate);
        $life = $atEnd ? $layer->life->leavingBy($phase->mirrored(), false) : $layer->life->arriving($phase);

        return $composition->replacing($layer->with(['life' => $life]));
    }

    public function title(): string
    {
        return 'transition';
    }
}
