<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Time;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\Frames;
use Ricamo\Core\Edit\Snap;
use Ricamo\Core\Edit\Snapping;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Json\Misfit;
use Ricamo\Core\Refusal;

/**
 * Moves a layer's in point, its out point, or both. Keyframes stay with the end that they are pinned to, or are stretched
 * with the layer; a bundle that begins
 * or ends there goes on for longer. With `snap`, what the point comes near to draws it in, and a frame of the layer is left.
 */
final readonly class TrimLayer implements Snapping
{
    private function __construct(
        private string $layer,
        private ?float $in,
        private ?float $out,
        private PulledBeads $beads = PulledBeads::Stay,
        private ?Snap $snap = null,
        private int $by = 0,
        private ?int $met = null,
    ) {
    }

    /** @throws Refusal where its arguments do not go together */
    public static function from(
        #[Id] string $layer,
        #[Frames] ?float $in = null,
        #[Frames] ?float $out = null,
        #[Field('`usual` stretches those of a drawing, `unusual` those of all else')] PulledBeads $beads = PulledBeads::Stay,
        #[Field] ?Snap $snap = null,
    ): self {
        if ($in === null && $out === null) {
            throw new Refusal('a trim needs an in or an out point');
        }
        foreach ($snap === null ? ['in' => $in, 'out' => $out] : [] as $end => $to) {
            $to === null || floor($to) === $to || throw new Misfit($end, "$to is not a whole number");
        }

        return new self($layer, $in, $out, $beads, $snap);
    }

    public function settled(Composition $composition): static
    {
        if ($this->snap === null) {
            return $this;
        }
        $span = $composition->layer($this->layer)->span;
        $go = fn (?float $to, int $from): ?int => $to === null ? null : $this->snap->distance(
            $composition, [$from], $to - $from, [$this->layer],
        );
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
            $this->layer, $in === null ? null : $span->in + $in, $out === null ? null : $span->out + $out, $this->beads,
            null, $in ?? $out ?? 0, $this->snap->met($composition, $ends, [$this->layer]),
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

        $trimmed = Trimmed::to($layer, $in, $out, $composition->rate, $evaluator->media);

        return $composition->replacing($this->beads->areStretched($layer) ? Stretched::with($layer, $trimmed) : $trimmed);
    }

    public function title(): string
    {
        return 'trim layer';
    }
}
