<?php

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\Edit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Played;
use Ricamo\Core\Time\FrameRange;

/**
 * Moves a layer's in point, its out point, or both. Keyframes stay with the point they are pinned to. What plays in
 * the layer stays where it is in time, so that its in point cannot go before its beginning.
 */
final readonly class TrimLayer implements Edit
{
    private function __construct(private string $layer, private ?int $in, private ?int $out)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['layer', 'in', 'out']);
        if (! $args->has('in') && ! $args->has('out')) {
            $args->refuse('a trim needs an in or an out point');
        }
        $frame = fn (string $name): ?int => $args->optional($name)?->int(-Composition::LONGEST, 2 * Composition::LONGEST);

        return new self($args->field('layer')->string(64), $frame('in'), $frame('out'));
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $layer = $composition->layer($this->layer);
        $out = $this->out ?? $layer->span->out;
        $in = $this->in ?? $layer->span->in;
        $content = $layer->content;
        if ($content instanceof Played) {
            $in = min(max($in, $layer->span->in - $content->room($composition->rate, $evaluator->media)), $out - 1);
            $layer = $layer->withContent($content->begunLater($in - $layer->span->in, $composition->rate, $evaluator->media));
        }

        return $composition->replacing($layer->withSpan(new FrameRange($in, $out)));
    }

    public function title(): string
    {
        return 'trim layer';
    }
}
