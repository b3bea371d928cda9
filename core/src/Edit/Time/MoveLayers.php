<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Time;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\Frames;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Edit\Snap;
use Ricamo\Core\Edit\Snapping;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRange;

/** Shifts layers in time by some frames, keyframes and all; with `snap`, what their ends come near to draws them in. */
final readonly class MoveLayers implements Snapping
{
    /** @param  non-empty-list<string>  $layers */
    private function __construct(private array $layers, private float $by, private ?Snap $snap = null, private ?int $met = null)
    {
    }

    /** @param  non-empty-list<string>  $layers */
    public static function from(
        #[LayerIds] array $layers,
        #[Frames] float $by,
        #[Field] ?Snap $snap = null,
    ): self {
        return new self($layers, $by, $snap);
    }

    public function settled(Composition $composition): static
    {
        $moved = $composition->layers->tree()->withAll($this->layers);
        $ends = fn (string $id): array => [$composition->layer($id)->span->in, $composition->layer($id)->span->out];

        $frames = array_merge(...array_map($ends, $this->layers));
        $by = $this->snap?->distance($composition, $frames, $this->by, $moved) ?? (int) round($this->by);

        return new self(
            $this->layers, $by, null, $this->snap?->met($composition, array_map(fn (int $frame): int => $frame + $by, $frames), $moved),
        );
    }

    public function by(): int
    {
        return (int) round($this->by);
    }

    public function met(): ?int
    {
        return $this->met;
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        return self::shifted($composition, $this->layers, $this->by());
    }

    /**
     * With layers some frames later, groups with all that is in them.
     *
     * @param  list<string>  $layers
     *
     * @throws Refusal for what is too far away in time
     */
    public static function shifted(Composition $composition, array $layers, int $by): Composition
    {
        foreach ($composition->layers->tree()->withAll($layers) as $id) {
            $layer = $composition->layer($id);
            $span = new FrameRange($layer->span->in + $by, $layer->span->out + $by);
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
