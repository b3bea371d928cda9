<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Text;

use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Path\Along;
use Ricamo\Core\Path\Contour;
use Ricamo\Core\Path\Contours;

/** Words that are set along a path: each letter turned with it, where its middle comes to lie. */
final readonly class OnPath
{
    private function __construct(private Along $along, private bool $closed, private float $begins, private SetText $text)
    {
    }

    /** Null where they are set straight. */
    public static function of(Layer $layer, SetText $text, int|float $at): ?self
    {
        $path = self::path($layer, $at);
        if ($path === null) {
            return null;
        }
        $along = $path->along();

        return new self($along, $path->closed, $layer->number('pathOffset', $at) / 100 * $along->length, $text);
    }

    public static function isSet(Layer $layer, int|float $at): bool
    {
        return self::path($layer, $at) !== null;
    }

    private static function path(Layer $layer, int|float $at): ?Contour
    {
        $path = $layer->value('path', $at);

        return $path instanceof Contours && $path->all !== [] && $path->all[0]->length() > 0 ? $path->all[0] : null;
    }

    /**
     * From where a letter would be if it were set straight to where it is. What does not find room on an open path goes on
     * straight beyond its ends.
     */
    public function place(TextAtom $atom): Affine
    {
        $box = $this->text->atomBox($atom);
        $x = $box->centre()->x;
        $distance = $this->begins + $x;
        $within = $this->closed ? $distance : max(0.0, min($this->along->length, $distance));
        [$point, $heading] = $this->along->placed($within);
        $turn = Affine::rotation($heading);
        $beyond = $turn->apply(new Point($distance - $within, 0));

        return Affine::translation($point->x + $beyond->x, $point->y + $beyond->y)->after($turn)->after(Affine::translation(-$x, 0));
    }

    /** @param  list<TextAtom>  $letters */
    public function box(array $letters): ?Box
    {
        return array_reduce(
            $letters,
            fn (?Box $all, TextAtom $one): Box => $all?->union(
                $this->place($one)->bounds($this->text->atomBox($one)),
            ) ?? $this->place($one)->bounds($this->text->atomBox($one)),
        );
    }
}
