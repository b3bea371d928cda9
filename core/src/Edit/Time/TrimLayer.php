<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Time;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\Snap;
use Ricamo\Core\Edit\Snapping;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/**
 * Moves a layer's in point, its out point, or both (`Trimmed`). With `snap`, what the point comes near to draws it in, and a
 * frame of the layer is left.
 */
final readonly class TrimLayer implements Snapping
{
    private function __construct(
        private string $layer,
        private ?float $in,
        private ?float $out,
        private ?Snap $snap = null,
        private int $by = 0,
        private ?int $met = null,
    ) {
    }

    public static function read(Node $args): self
    {
        $args->allow(['layer', 'in', 'out', 'snap']);
        if (! $args->has('in') && ! $args->has('out')) {
            $args->refuse('a trim needs an in or an out point');
        }
        $snap = Snap::read($args->optional('snap'));
        $frame = fn (string $name): int|float|null => $snap !== null
            ? $args->optional($name)?->number(-Composition::LONGEST, 2 * Composition::LONGEST)
            : $args->optional($name)?->int(-Composition::LONGEST, 2 * Composition::LONGEST);

        return new self($args->field('layer')->string(64), $frame('in'), $frame('out'), $snap);
    }

    public function settled(Composition $composition): static
    {
        if ($this->snap === null) {
            return $this;
        }
        $span = $composition->layer($this->layer)->span;
        $go = fn (?float $to, int $from): ?int => $to === null ? null : $this->snap->distance($composition, [$this->layer], [$from], $to - $from);
        $in = $go($this->in, $span->in);
        $out = $go($this->out, $span->out);
        if ($in !== null) {
            $in = min($in, ($out === null ? $span->out : $span->out + $out) - 1 - $span->in);
        }
        if ($out !== null) {
            $out = max($out, $span->in + ($in ?? 0) + 1 - $span->out);
        }

        $ends = array_values(array_filter([$in === null ? null : $span->in + $in, $out === null ? null : $span->out + $out], is_int(...)));

        return new self(
            $this->layer, $in === null ? null : $span->in + $in, $out === null ? null : $span->out + $out, null, $in ?? $out ?? 0,
            $this->snap->met($composition, [$this->layer], $ends),
        );
    }

    public function by(): int
    {
        return $this->by;
    }

    public function met(): ?int
    {
        return $this->met;
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $layer = $composition->layer($this->layer);

        [$in, $out] = [(int) ($this->in ?? $layer->span->in), (int) ($this->out ?? $layer->span->out)];
        if ($out <= $in) {
            throw new Refusal("“{$layer->name}” would end on frame $out, before it begins on $in");
        }

        return $composition->replacing(Trimmed::to($layer, $in, $out, $composition->rate, $evaluator->media));
    }

    public function title(): string
    {
        return 'trim layer';
    }
}
