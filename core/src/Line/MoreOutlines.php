<?php

namespace Ricamo\Core\Line;

use Closure;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Cap;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\MaskMode;
use Ricamo\Core\Display\MaskPart;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Document\Attachments;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Effect\Values;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Kind\Footage\FootageContent;
use Ricamo\Core\Kind\Window\Fitting;

/** The outlines that a layer has more of: those without or along its edge lie beneath all else of it, those within over it. */
final readonly class MoreOutlines
{
    /** @var list<array{Side, Colour, LineArtist}> the first of them outermost, or uppermost */
    private array $outlines;

    /**
     * @param  float  $unit  pixels that one unit of the outlines is
     * @param  (Closure(FootageContent, Affine, Box, Fitting): list<Operation>)|null  $pictures  what is to be seen of pictures, where a brush sets them
     */
    public function __construct(Layer $layer, int|float $at, Cap $cap = Cap::Butt, float $unit = 1.0, ?Closure $pictures = null)
    {
        $outlines = [];
        foreach ($layer->outlines as $one) {
            $values = new Values(Attachments::values($one, $layer, $at));
            $colour = $values->colour('colour')->faded($values->number('opacity') / 100);
            $width = $values->number('width') / $unit;
            if ($one->on && $width > 0 && $colour->isVisible()) {
                $outlines[] = [$one->side, $colour, new LineArtist($layer, $at, $one->side === Side::Centre ? $width : 2 * $width, $one->join, $cap, $unit, $pictures)];
            }
        }
        $this->outlines = $outlines;
    }

    /** @return list<Operation> */
    public function beneath(Outline $outline, Affine $matrix): array
    {
        return $this->drawn($outline, $matrix, false);
    }

    /** @return list<Operation> */
    public function over(Outline $outline, Affine $matrix): array
    {
        return $this->drawn($outline, $matrix, true);
    }

    /** @return list<Operation> */
    private function drawn(Outline $outline, Affine $matrix, bool $inside): array
    {
        $operations = [];
        foreach ($this->outlines as [$side, $colour, $lines]) {
            if (($side === Side::Inside) !== $inside) {
                continue;
            }
            $own = $lines->draw($outline, $matrix, fn (): Colour => $colour);
            if ($own === [] || $side === Side::Centre) {
                array_push($operations, ...$own);

                continue;
            }
            // What lies on the other side of the edge is cut off, so that nothing shows through what is not opaque.
            $form = new Fill($outline, $matrix, new Colour(255, 255, 255));
            $operations[] = new Group($own, masks: [new MaskPart([$form], $inside ? MaskMode::Add : MaskMode::Subtract)]);
        }

        return $operations;
    }
}
