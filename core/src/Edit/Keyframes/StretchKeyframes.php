<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Keyframes;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Together;
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

    public static function from(
        #[Together] KeyframeSelection $keyframes,
        #[Field(least: 1, most: 2 * Composition::LONGEST)] float $length,
        #[Field('the end that stays', oneOf: ['first', 'last'])] string $from = 'first',
    ): self {
        return new self($keyframes, (int) round($length), $from);
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
