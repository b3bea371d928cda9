<?php

namespace Ricamo\Core\Edit;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Content\FootageContent;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Time\FrameRange;

/**
 * Moves a layer's in point, its out point, or both. Keyframes stay with the point they are pinned to. A clip's pictures
 * stay where they are in time, so its in point cannot go before its first frame.
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
        if ($layer->content instanceof FootageContent) {
            return $composition->replacing($this->trimClip($layer, $layer->content, $in, $out, $composition, $evaluator));
        }

        return $composition->replacing($layer->withSpan(new FrameRange($in, $out)));
    }

    public function title(): string
    {
        return 'trim layer';
    }

    private function trimClip(Layer $layer, FootageContent $content, int $in, int $out, Composition $composition, Evaluator $evaluator): Layer
    {
        $rate = $evaluator->media->get($content->media)->known()->rate;
        $earliest = $layer->span->in - $composition->rate->frameShownAt($content->from, $rate);
        $in = min(max($in, $earliest), $out - 1);
        $from = max(0, $content->from + $rate->nearestFrame($in - $layer->span->in, $composition->rate));

        return $layer->withSpan(new FrameRange($in, $out))->withContent($content->playedFrom($from));
    }
}
