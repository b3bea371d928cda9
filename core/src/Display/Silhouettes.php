<?php

declare(strict_types=1);

namespace Ricamo\Core\Display;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Filter\ColourMatrix;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;

/** What is drawn, all of it black and as opaque as it is. What is opaque itself stays, or comes to be, an outline. */
final class Silhouettes
{
    /**
     * @param  list<Operation>  $operations
     * @return list<Operation>
     */
    public static function of(array $operations): array
    {
        return array_map(self::one(...), $operations);
    }

    private static function one(Operation $operation): Operation
    {
        $black = fn (float $opacity = 1.0): Colour => (new Colour(0, 0, 0))->faded($opacity);

        return match (true) {
            $operation instanceof Fill && self::opacity($operation->paint) !== null => new Fill(
                $operation->outline, $operation->matrix, $black(self::opacity($operation->paint)), $operation->rule,
            ),
            $operation instanceof Stroke && self::opacity($operation->paint) !== null => new Stroke(
                $operation->outline, $operation->matrix, $black(self::opacity($operation->paint)), $operation->pen,
            ),
            $operation instanceof Image && ! $operation->alpha => new Fill(
                Outline::of(Path::rectangle(new Box(0, 0, $operation->size->width, $operation->size->height))), $operation->matrix,
                $black($operation->opacity),
            ),
            $operation instanceof Group && $operation->filters === [] => new Group(
                self::of($operation->operations), $operation->opacity, $operation->clip, [], $operation->masks,
            ),
            $operation instanceof Pieces => new Pieces(array_map(self::one(...), $operation->operations), array_map(
                fn (Piece $piece): Piece => new Piece($piece->seen, $piece->part, $piece->clip, $piece->halvings, $piece->opacity),
                $operation->pieces,
            )),
            default => new Group([$operation], filters: [new ColourMatrix([...array_fill(0, 18, 0.0), 1.0, 0.0])]),
        };
    }

    /** @return ?float how opaque a paint is, 0..1; null where it is not the same all over */
    private static function opacity(Colour|Gradient|Corners|Grain $paint): ?float
    {
        if ($paint instanceof Colour) {
            return $paint->alpha / 255;
        }
        $alphas = $paint instanceof Gradient
            ? array_unique(array_map(fn (array $stop): int => $stop[1]->alpha, $paint->stops))
            : [];

        return count($alphas) === 1 ? $alphas[array_key_first($alphas)] / 255 : null;
    }
}
