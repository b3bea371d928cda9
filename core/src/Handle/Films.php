<?php

declare(strict_types=1);

namespace Ricamo\Core\Handle;

use Ricamo\Core\Cascade\PlacedCascade;
use Ricamo\Core\Cascade\Role;
use Ricamo\Core\Display\DisplayList;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Move\PlacedAccent;
use Ricamo\Core\Time\FrameRange;

/** How a layer comes, goes or stirs, as a few small pictures of it alone that are shown one after another. */
final class Films
{
    /** Pictures of one film at most: enough to see which way it goes. */
    public const PICTURES = 10;

    /** How far a film has come that stands still. */
    private const STILL = ['arrive' => 0.6, 'leave' => 0.4, 'accent' => 0.4];

    /** Whether the whole picture is shown, rather than the layer alone: what it does is done to all. */
    public static function areOfAll(Layer $layer): bool
    {
        return $layer->kind->adjusts() || $layer->kind->looks();
    }

    /**
     * The frames of the composition on which a layer does what it does.
     *
     * @param  int  $frame  on which an accent begins
     */
    public static function range(Layer $layer, Role $role, int $frame): FrameRange
    {
        $span = $layer->span;
        $length = self::length($layer, $role, $frame);

        return match ($role) {
            Role::Arrive => new FrameRange($span->in, min($span->out, $span->in + $length + 1)),
            Role::Leave => new FrameRange(max($span->in, $span->last() - $length), $span->out),
            Role::Accent => new FrameRange(
                max($span->in, min($span->last(), $frame)), max($span->in + 1, min($span->out, $frame + $length + 1)),
            ),
        };
    }

    /**
     * @param  FrameRange  $range  of which what the composition does not reach to is left out
     * @return list<DisplayList> of frames that are spread evenly over the range, the first and the last among them
     */
    public static function of(Layer $layer, Composition $composition, FrameRange $range, Evaluator $evaluator): array
    {
        $stage = self::areOfAll($layer) ? $composition : $composition->with(['alone' => [$layer->id], 'background' => null]);
        $stage = $stage->replacing($layer->switched(['motionBlur' => false]));
        $range = $range->intersection($composition->range());
        if ($range === null) {
            return [];
        }
        $steps = min(self::PICTURES, $range->length()) - 1;

        return array_map(
            fn (int $step): DisplayList => $evaluator->frame(
                $stage, $range->in + ($steps === 0 ? 0 : (int) round($step * ($range->length() - 1) / $steps)),
            ),
            range(0, $steps),
        );
    }

    /**
     * Which of its pictures stands for a film: the nearest, before it or else after it, on which there is something to be seen.
     *
     * @param  list<DisplayList>  $pictures
     * @param  ?float  $share  how far the film has come there, from 0 to 1; null for where most of what is done can be seen
     */
    public static function still(array $pictures, Role $role, ?float $share = null): int
    {
        $wanted = (int) round(($share ?? self::STILL[$role->value]) * max(0, count($pictures) - 1));
        $seen = array_keys(array_filter($pictures, fn (DisplayList $one): bool => $one->operations !== []));
        $before = array_filter($seen, fn (int $at): bool => $at <= $wanted);

        return $before === [] ? $seen[0] ?? 0 : max($before);
    }

    /** Of the longest that it does there, in frames. */
    private static function length(Layer $layer, Role $role, int $frame): int
    {
        $life = $layer->life;
        $cascades = array_filter($layer->attached->cascades, fn (PlacedCascade $one): bool => $one->role === $role && $one->on);

        $lengths = match ($role) {
            Role::Arrive => [$life->arrive->length ?? 1],
            Role::Leave => [$life->leaving()->length ?? 1],
            Role::Accent => array_map(
                fn (PlacedAccent $one): int => $one->at === $frame - $layer->span->in ? $one->length : 1, $life->accents,
            ),
        };
        foreach ($cascades as $one) {
            $lengths[] = match (true) {
                $role !== Role::Accent => $one->at + $one->length,
                $one->at === $frame - $layer->span->in => $one->length,
                default => 1,
            };
        }

        return max([1, ...$lengths]);
    }
}
