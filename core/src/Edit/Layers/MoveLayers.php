<?php

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\Edit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRange;

/** Shifts layers in time by some frames, keyframes and all. */
final readonly class MoveLayers implements Edit
{
    /** @param  non-empty-list<string>  $layers */
    private function __construct(private array $layers, private int $by)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['layers', 'by']);

        return new self(LayerIds::read($args), $args->field('by')->int(-Composition::LONGEST, Composition::LONGEST));
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            $span = new FrameRange($layer->span->in + $this->by, $layer->span->out + $this->by);
            if (abs($span->in) > Composition::LONGEST || $span->out > 2 * Composition::LONGEST) {
                throw new Refusal('that is too far away in time');
            }
            $composition = $composition->replacing($layer->withSpan($span));
        }

        return $composition;
    }

    public function title(): string
    {
        return 'move in time';
    }
}
