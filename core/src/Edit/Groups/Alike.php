<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Groups;

use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Display\DisplayList;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\LayerFacts;
use Ricamo\Core\Document\Stack;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Move\PlacedAccent;

/** Whether some layers show the same in two compositions: by what is drawn on the frames on which they do something. */
final class Alike
{
    /** How many frames are looked at; of more, these many evenly. */
    private const MOST = 60;

    /** Numbers that differ by less come to the same picture: a twentieth of a pixel, or of a level of 255. */
    private const NEAR = 0.05;

    /** Of the parts of a matrix that are multiplied by places. */
    private const NEAR_FACTOR = 2e-5;

    /**
     * @param  list<string>  $ids  of layers that are in both
     * @return ?int the first frame on which they, or what takes values or its form from them, differ; null for none
     */
    public static function firstDifference(Composition $before, Composition $after, array $ids, Evaluator $evaluator): ?int
    {
        [$then, $now] = [self::stage($before, $ids), self::stage($after, $ids)];
        foreach (self::frames($before, $ids) as $frame) {
            if (! self::same($evaluator->frame($then, $frame), $evaluator->frame($now, $frame))) {
                return $frame;
            }
        }

        return null;
    }

    /** @param  list<string>  $ids */
    private static function stage(Composition $composition, array $ids): Composition
    {
        $follow = array_map(fn (Layer $layer): string => $layer->id, iterator_to_array(self::following($composition->layers, $ids), false));

        return $composition->with(['alone' => array_values(array_unique([...$ids, ...$follow])), 'background' => null]);
    }

    /**
     * @param  list<string>  $ids
     * @return iterable<Layer>
     */
    private static function following(Stack $layers, array $ids): iterable
    {
        return $layers->where(fn (LayerFacts $facts): bool => array_intersect($facts->refersTo->layers, $ids) !== []);
    }

    /**
     * @param  list<string>  $ids
     * @return list<int> in their order
     */
    private static function frames(Composition $composition, array $ids): array
    {
        $frames = [];
        foreach ($composition->layers->tree()->withAll($ids) as $id) {
            array_push($frames, ...self::ofLayer($composition->layer($id)));
        }
        sort($frames);
        $frames = array_values(array_unique(array_filter($frames, $composition->range()->contains(...))));
        $between = array_map(
            fn (int $one, int $next): int => intdiv($one + $next, 2), array_slice($frames, 0, -1), array_slice($frames, 1),
        );
        $frames = array_values(array_unique([...$frames, ...$between]));
        sort($frames);
        $count = count($frames);

        return $count <= self::MOST
            ? $frames
            : array_map(fn (int $at): int => $frames[intdiv($at * ($count - 1), self::MOST - 1)], range(0, self::MOST - 1));
    }

    /** @return list<int> on which it begins to do something else */
    private static function ofLayer(Layer $layer): array
    {
        $span = $layer->span;
        $keyframes = array_merge(...array_values(array_map(
            fn (Property $one): array => array_map(fn (Keyframe $keyframe): int => $keyframe->frame($span), $one->keyframes()),
            $layer->properties,
        )));
        $arrive = $layer->life->arrive;
        $leave = $layer->life->leaving();

        return [
            $span->in, $span->last(), ...$keyframes,
            ...($arrive === null ? [] : [$span->in + 1, $span->in + intdiv($arrive->length, 3), $span->in + $arrive->length]),
            ...($leave === null ? [] : [$span->last() - $leave->length, $span->last() - intdiv($leave->length, 3), $span->last() - 1]),
            ...array_merge(...array_map(
                fn (PlacedAccent $one): array => [
                    $span->in + $one->at, $span->in + $one->at + intdiv($one->length, 3), $span->in + $one->at + $one->length,
                ],
                $layer->life->accents,
            )),
        ];
    }

    private static function same(DisplayList $one, DisplayList $other): bool
    {
        return self::near(self::resolved($one), self::resolved($other), self::NEAR);
    }

    /** @return array<string, mixed> the list with the numbers of each path in the place of its key */
    private static function resolved(DisplayList $list): array
    {
        $paths = array_map(self::numbers(...), $list->paths());
        $json = array_diff_key($list->toJson(), ['paths' => true]);
        array_walk_recursive($json, function (mixed &$value) use ($paths): void {
            $value = is_string($value) ? $paths[$value] ?? $value : $value;
        });

        return $json;
    }

    /** @return list<float|string> of path data, with its commands */
    private static function numbers(string $data): array
    {
        preg_match_all('/[A-Za-z]|-?[\d.]+(?:e-?\d+)?/', $data, $found);

        return array_map(fn (string $one): float|string => is_numeric($one) ? (float) $one : $one, $found[0]);
    }

    private static function near(mixed $a, mixed $b, float $within): bool
    {
        if (is_array($a) && is_array($b)) {
            if (count($a) !== count($b)) {
                return false;
            }
            foreach ($a as $key => $value) {
                $isFactor = $key === 'matrix' && is_array($value) && count($value) === 6;
                if (
                    ! array_key_exists($key, $b)
                    || ($isFactor ? ! self::nearMatrix($value, (array) $b[$key]) : ! self::near($value, $b[$key], $within))
                ) {
                    return false;
                }
            }

            return true;
        }

        return (is_int($a) || is_float($a)) && (is_int($b) || is_float($b)) ? abs($a - $b) <= $within : $a === $b;
    }

    /**
     * @param  array<array-key, mixed>  $a
     * @param  array<array-key, mixed>  $b
     */
    private static function nearMatrix(array $a, array $b): bool
    {
        return self::near(array_slice($a, 0, 4), array_slice($b, 0, 4), self::NEAR_FACTOR)
            && self::near(array_slice($a, 4), array_slice($b, 4), self::NEAR);
    }
}
