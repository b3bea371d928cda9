<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Animation\Pin;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Axes;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Picture\InPlane;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Move\Life;
use Ricamo\Core\Refusal;

/**
 * Turns how layers arrive and leave into plain keyframes of their placement and opacity, one a frame, and takes the moves
 * away; no frame changes. What is uncovered bit by bit, or bent out of its right angles, has no such keyframes.
 */
final readonly class WriteMovesOut implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            if (! $layer->kind->isSeen()) {
                throw new Refusal("“{$layer->name}” is not seen: only what is seen has keyframes for its moves");
            }
            if ($layer->life->withAccents([])->isPlain()) {
                throw new Refusal("“{$layer->name}” neither arrives nor leaves by a move");
            }
            $written = $layer;
            $bare = $layer->with(['life' => $layer->life->withAccents([])]);
            foreach ($this->phases($layer) as [$pin, $frames]) {
                $poses = $this->poses($bare, $composition, $evaluator, $frames);
                $written = Axes::through($written, fn (Layer $one): Layer => $this->written($one, $poses, $pin));
            }
            $composition = $composition->replacing($written->with(['life' => (new Life)->withAccents($layer->life->accents)]));
        }

        return $composition;
    }

    public function title(): string
    {
        return 'write moves out';
    }

    /** @return list<array{Pin, non-empty-list<int>}> frames from rest to away */
    private function phases(Layer $layer): array
    {
        $phases = [];
        if ($layer->life->arrive !== null) {
            $rest = $layer->span->in + $layer->life->arrive->length - $layer->life->arrive->begun;
            $phases[] = [Pin::Start, range(min($rest, $layer->span->last()), $layer->span->in)];
        }
        $leaving = $layer->life->leaving();
        if ($leaving !== null) {
            $rest = $layer->span->last() - $leaving->length + $leaving->begun;
            $phases[] = [Pin::End, range(max($rest, $layer->span->in), $layer->span->last())];
        }

        return $phases;
    }

    /**
     * @param  non-empty-list<int>  $frames
     * @return array<int, array{position: Point, scale: Point, rotation: float, opacity: float}> by frame
     */
    private function poses(Layer $layer, Composition $composition, Evaluator $evaluator, array $frames): array
    {
        $poses = [];
        $turn = $layer->number('rotation', $frames[0]);
        foreach ($frames as $frame) {
            $change = $evaluator->change($layer, $composition, $frame);
            $how = match (true) {
                $change->clips !== [] => 'is uncovered bit by bit',
                $change->filters !== [] || $change->light > 0 => 'is blurred or lit as it comes',
                $change->space !== null || $change->parts !== [] => 'leaves the picture’s plane as it comes',
                $change->copies !== [] => 'is seen several times over as it comes',
                default => null,
            };
            if ($how !== null) {
                throw new Refusal("“{$layer->name}” $how, which no keyframe of its placement does");
            }
            $matrix = $change->matrix->after($layer->matrix($frame));
            $way = $matrix->apply($layer->point('anchor', $frame))->minus($layer->point('position', $frame));
            if (InPlane::isTilted($layer, $frame) && hypot($way->x, $way->y) > 1e-6) {
                throw new Refusal("“{$layer->name}” is tilted and goes in its own plane, which no keyframe of its placement does");
            }
            [$scale, $turn] = $this->parts($matrix, $turn, $layer);
            $poses[$frame] = [
                'position' => $matrix->apply($layer->point('anchor', $frame)), 'scale' => $scale, 'rotation' => $turn,
                'opacity' => $layer->number('opacity', $frame) * $change->opacity,
            ];
        }

        return $poses;
    }

    /**
     * A matrix as a scale in per cent and a rotation in degrees, the one that is nearest to $near, so that whole turns stay.
     *
     * @return array{Point, float}
     */
    private function parts(Affine $matrix, float $near, Layer $layer): array
    {
        [$width, $height] = [hypot($matrix->a, $matrix->b), hypot($matrix->c, $matrix->d)];
        if (abs($matrix->a * $matrix->c + $matrix->b * $matrix->d) > 1e-6 * max(1e-9, $width * $height)) {
            throw new Refusal("“{$layer->name}” is bent out of its right angles, which no keyframe of its placement does");
        }
        $turn = $width > 1e-9 ? rad2deg(atan2($matrix->b, $matrix->a)) : ($height > 1e-9 ? rad2deg(atan2(-$matrix->c, $matrix->d)) : $near);
        $sign = $matrix->determinant() < 0 ? -1 : 1;
        // Mirrored along both is turned by half a turn; the nearer of the two is meant.
        $half = abs(fmod(abs($turn - $near), 360) - 180) < 90 ? 180 : 0;
        $flip = $half === 0 ? 1 : -1;

        return [new Point(100 * $width * $flip, 100 * $height * $sign * $flip), $turn + $half + 360 * round(($near - $turn - $half) / 360)];
    }

    /** @param  array<int, array{position: Point, scale: Point, rotation: float, opacity: float}>  $poses */
    private function written(Layer $layer, array $poses, Pin $pin): Layer
    {
        $rest = array_key_first($poses);
        foreach (['position', 'scale', 'rotation', 'opacity'] as $name) {
            $property = $layer->properties[$name];
            $values = array_map(fn (array $pose): mixed => $pose[$name], $poses);
            $differs = array_filter(
                $values, fn (mixed $value, int $frame): bool => $value != $property->at($frame, $layer->span), ARRAY_FILTER_USE_BOTH,
            );
            if ($differs !== []) {
                $layer = $layer->withProperty($name, $this->keyframed($property, $values, $rest, $pin, $layer));
            }
        }

        return $layer;
    }

    /** @param  array<int, mixed>  $values  by frame, the first being that of rest */
    private function keyframed(Property $property, array $values, int|string|null $rest, Pin $pin, Layer $layer): Property
    {
        $keyframes = [];
        foreach ($values as $frame => $value) {
            $keyframes[] = new Keyframe($frame - $pin->origin($layer->span), $value, pin: $pin);
        }
        // What leads on from rest stays as it is.
        $property = $property->isAnimated() ? $property->cutAt((int) $rest, $layer->span) : $property;
        $kept = $property->keyframeOn((int) $rest, $layer->span);
        if ($kept !== null && $pin === Pin::Start) {
            $keyframes[0] = $keyframes[0]->withEasing($kept->easing);
        }

        return $property->replacing(array_keys($values), $keyframes, $layer->span);
    }
}
