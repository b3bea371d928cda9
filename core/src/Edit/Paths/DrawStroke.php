<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Paths;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Layers\AddLayer;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Path\CurveFit;
use Ricamo\Core\Refusal;

/**
 * Adds a line that was drawn by hand on the picture, from a frame on: `points` are [x, y, seconds, pressure?] in composition pixels;
 * where it was pressed more, from 0 to 1, the line is wider. It is smoothed to a `tolerance` in pixels, and draws itself: at the
 * `pace` of the hand, `even`ly in as long, or at once (`none`).
 */
final readonly class DrawStroke implements CompositionEdit
{
    /** The most points that a hand draws. */
    private const MOST = 20_000;

    /** So many widths are told along a line that was pressed on. */
    private const WIDTHS = 48;

    /** The farthest that the pace may be off, in per cent of the length, for a keyframe less. */
    private const PACE = 1.5;

    /**
     * @param  list<Point>  $points
     * @param  list<float>  $seconds
     * @param  list<float>  $pressures  none where it is not known of each
     */
    private function __construct(
        private array $points,
        private array $seconds,
        private array $pressures,
        private int $frame,
        private string $pace,
        private float $tolerance,
        private Node $layer,
    ) {
    }

    /**
     * @param  list<Node>  $points
     *
     * @throws Refusal where its arguments do not go together
     */
    public static function from(
        #[Field('of [x, y, seconds, pressure], the last two where they are known', longest: self::MOST)] array $points,
        #[Field(least: 0, most: Composition::LONGEST - 1)] int $frame,
        #[Field('in which it draws itself', oneOf: ['hand', 'even', 'none'])] string $pace = 'hand',
        #[Field('pixels', 0.01, 1000)] float $tolerance = 3.0,
        #[Field('what else the new shape is')] Node $layer = new Node([]),
    ): self {
        [$places, $seconds, $pressures] = [[], [], []];
        foreach ($points as $node) {
            $parts = $node->items(4);
            if (count($parts) < 2) {
                $node->refuse('must be [x, y, seconds, pressure]');
            }
            $places[] = new Point($parts[0]->number(-1e6, 1e6), $parts[1]->number(-1e6, 1e6));
            $seconds[] = isset($parts[2]) ? $parts[2]->number(0, 36_000) : 0.0;
            $pressures = isset($parts[3]) ? [...$pressures, $parts[3]->number(0, 1)] : $pressures;
        }

        return new self($places, $seconds, count($pressures) === count($places) ? $pressures : [], $frame, $pace, $tolerance, $layer);
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $line = CurveFit::through($this->points, $this->tolerance) ?? throw new Refusal(
            'That is no line: it begins and ends in the same place',
        );
        $middle = $line->middle();
        $middle = new Point(round($middle->x), round($middle->y));
        $path = (new Contours([$line]))->mapped(fn (Point $point): Point => $point->minus($middle));
        $drawing = [
            'kind' => 'shape', 'form' => 'path', 'cap' => 'round', 'name' => 'Drawing', 'path' => $path->write(),
            'position' => [$middle->x, $middle->y],
            'fill' => '#00000000', 'outline' => '#f3e3c3', 'outlineWidth' => 12, 'widths' => $this->widths(),
            ...$this->layer->object(), 'drawEnd' => $this->drawn($composition),
        ];
        $at = min($this->frame, $composition->range()->last());

        $said = array_filter($drawing, fn (mixed $value): bool => $value !== null);

        return (new AddLayer(new Node($said, 'layer'), $at))->apply($composition, $evaluator);
    }

    public function title(): string
    {
        return 'draw';
    }

    /**
     * @return ?list<float> how wide the line is evenly along it, in per cent, twice that where it was pressed fully; null where
     *     that is not known
     */
    private function widths(): ?array
    {
        if ($this->pressures === []) {
            return null;
        }
        $lengths = $this->lengths();
        $whole = $lengths[count($lengths) - 1];
        $widths = [];
        $index = 0;
        for ($step = 0; $step < self::WIDTHS; $step++) {
            $at = $whole * $step / (self::WIDTHS - 1);
            while ($index < count($lengths) - 2 && $lengths[$index + 1] < $at) {
                $index++;
            }
            $span = $lengths[$index + 1] - $lengths[$index];
            $share = $span > 0 ? max(0.0, min(1.0, ($at - $lengths[$index]) / $span)) : 0.0;
            $widths[] = round(200 * ($this->pressures[$index] + $share * ($this->pressures[$index + 1] - $this->pressures[$index])), 1);
        }

        return $widths;
    }

    /** @return non-empty-list<float> how long the line is up to each of its points */
    private function lengths(): array
    {
        $lengths = [0.0];
        for ($index = 1; $index < count($this->points); $index++) {
            $lengths[] = $lengths[$index - 1] + hypot(
                $this->points[$index]->x - $this->points[$index - 1]->x, $this->points[$index]->y - $this->points[$index - 1]->y,
            );
        }

        return $lengths;
    }

    /** @return ?array{keyframes: list<mixed>} how much is drawn when; null for all of it, at once */
    private function drawn(Composition $composition): ?array
    {
        $last = count($this->seconds) - 1;
        $frames = (int) round($composition->rate->perSecond() * max(0.0, $this->seconds[$last] - $this->seconds[0]));
        if ($this->pace === 'none' || $frames < 1) {
            return null;
        }
        $keyframe = fn (int $at, float $value): array => ['at' => $at, 'value' => round($value, 2), 'pin' => 'start'];
        if ($this->pace === 'even') {
            return ['keyframes' => [$keyframe(0, 0.0), $keyframe($frames, 100.0)]];
        }
        $reached = self::thinned($this->reachedByFrame($frames));

        return ['keyframes' => array_map($keyframe, array_keys($reached), $reached)];
    }

    /** @return array<int, float> per cent of the length that the hand had drawn on each frame */
    private function reachedByFrame(int $frames): array
    {
        $lengths = $this->lengths();
        $whole = $lengths[count($lengths) - 1];
        [$from, $to] = [$this->seconds[0], $this->seconds[count($this->seconds) - 1]];
        $reached = [];
        $index = 0;
        for ($frame = 0; $frame <= $frames; $frame++) {
            $now = $from + ($to - $from) * $frame / $frames;
            while ($index < count($this->seconds) - 2 && $this->seconds[$index + 1] <= $now) {
                $index++;
            }
            $span = $this->seconds[$index + 1] - $this->seconds[$index];
            $share = $span > 0 ? max(0.0, min(1.0, ($now - $this->seconds[$index]) / $span)) : 1.0;
            $reached[$frame] = 100 * ($lengths[$index] + $share * ($lengths[$index + 1] - $lengths[$index])) / $whole;
        }
        $reached[$frames] = 100.0;

        return $reached;
    }

    /**
     * Without what lies on the way from one to another anyway (Ramer, Douglas and Peucker's algorithm over time and value).
     *
     * @param  array<int, float>  $reached
     * @return array<int, float>
     */
    private static function thinned(array $reached): array
    {
        $frames = array_keys($reached);
        $kept = [$frames[0] => true, $frames[count($frames) - 1] => true];
        $open = [[0, count($frames) - 1]];
        while (($range = array_pop($open)) !== null) {
            [$first, $last] = $range;
            [$worst, $at] = [0.0, null];
            for ($index = $first + 1; $index < $last; $index++) {
                $share = ($frames[$index] - $frames[$first]) / ($frames[$last] - $frames[$first]);
                $off = abs(
                    $reached[$frames[$index]]
                        - ($reached[$frames[$first]] + $share * ($reached[$frames[$last]] - $reached[$frames[$first]])),
                );
                [$worst, $at] = $off > $worst ? [$off, $index] : [$worst, $at];
            }
            if ($at !== null && $worst > self::PACE) {
                $kept[$frames[$at]] = true;
                array_push($open, [$first, $at], [$at, $last]);
            }
        }

        return array_intersect_key($reached, $kept);
    }
}
