<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Keyframes;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/**
 * Makes keyframes slower or faster: `length` frames from the first of them to the last. The first stays, or with
 * `from: last` the last.
 */
final readonly class StretchKeyframes implements CompositionEdit
{
    private function __construct(private KeyframeSelection $keyframes, private int $length, private string $from)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['keyframes', 'length', 'from']);
        $from = $args->optional('from')?->string() ?? 'first';
        in_array($from, ['first', 'last'], true) || $args->field('from')->refuse('must be "first" or "last"');

        return new self(KeyframeSelection::read($args), (int) round($args->field('length')->number(1, 2 * Composition::LONGEST)), $from);
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $frames = $this->keyframes->frames();
        $length = $frames === [] ? 0 : max($frames) - min($frames);
        if ($length === 0) {
            throw new Refusal('keyframes on one frame cannot be stretched');
        }
        $factor = max(1, $this->length) / $length;
        $still = $this->from === 'first' ? min($frames) : max($frames);

        return $this->keyframes->rearrange($composition, function (array $selected, Layer $layer) use ($factor, $still): array {
            $stretched = [];
            foreach ($selected as $keyframe) {
                $frame = $keyframe->frame($layer->span);
                $to = $still + (int) round(($frame - $still) * $factor);
                isset($stretched[$to]) && throw new Refusal("two keyframes would stand on frame $to");
                $stretched[$to] = $keyframe->movedBy($to - $frame);
            }

            return array_values($stretched);
        });
    }

    public function title(): string
    {
        return 'stretch keyframes';
    }
}
