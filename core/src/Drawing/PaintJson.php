<?php

declare(strict_types=1);

namespace Ricamo\Core\Drawing;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Gradient;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** Colours, gradients and matrices as the JSON of a drawing holds them. */
final class PaintJson
{
    /** @throws Refusal for what is none */
    public static function read(?Node $node): Colour|Gradient|null
    {
        if ($node === null || is_string($node->value)) {
            return $node === null ? null : Colour::parse($node->string());
        }
        $stops = array_map(
            fn (Node $stop): array => [$stop->items()[0]->number(0, 1), Colour::parse($stop->items()[1]->string())],
            $node->field('stops')->items(),
        );
        $focus = $node->optional('focus')?->items();

        return new Gradient(
            self::readMatrix($node->field('matrix')),
            $stops !== [] ? $stops : $node->refuse('has no stops'),
            $focus === null ? null : new Point($focus[0]->number(), $focus[1]->number()),
        );
    }

    /** @return string|array<string, mixed>|null */
    public static function write(Colour|Gradient|null $paint): string|array|null
    {
        return ! $paint instanceof Gradient ? ($paint === null ? null : (string) $paint) : [
            'matrix' => self::matrix($paint->matrix),
            'stops' => array_map(fn (array $stop): array => [$stop[0], (string) $stop[1]], $paint->stops),
            ...($paint->focus === null ? [] : ['focus' => [$paint->focus->x, $paint->focus->y]]),
        ];
    }

    public static function readMatrix(Node $node): Affine
    {
        return new Affine(...array_map(fn (Node $number): float => $number->number(), $node->items(6)));
    }

    /** @return list<float> */
    public static function matrix(Affine $matrix): array
    {
        return array_map(fn (float $number): float => round($number, 12), [
            $matrix->a, $matrix->b, $matrix->c, $matrix->d, $matrix->e, $matrix->f,
        ]);
    }
}
