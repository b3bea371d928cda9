<?php

declare(strict_types=1);

namespace Ricamo\Core\Evaluate;

use Ricamo\Core\Cascade\UnitChange;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\DisplayList;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Filter\Blur;
use Ricamo\Core\Display\Filter\ColourMatrix;
use Ricamo\Core\Display\Filter\Moved;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\InSpace;
use Ricamo\Core\Display\Join;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Display\Pen;
use Ricamo\Core\Display\Piece;
use Ricamo\Core\Display\Pieces;
use Ricamo\Core\Display\Stroke;
use Ricamo\Core\Effect\Shadow\Silhouette;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Kind\LayerCascades;
use Ricamo\Core\Kind\UnitsInSpace;

/** A picture on a frame, of which patches are shown, each where it has been led to. */
final readonly class PatchPicture
{
    /** What is smoothed at the edge of a patch, in drawn pixels. */
    private const EDGE = 2.0;

    /** How many of the pixels that are drawn are one of the layer's. */
    private float $scale;

    /** Whether it stays outlines, which are drawn anew for each patch, as sharp as they are near. */
    private bool $isOutlines;

    /**
     * @param  list<Operation>  $operations
     * @param  bool  $isSolid  whether it is opaque wherever there are patches
     * @param  Affine  $matrix  from the layer's own space to the pixels that are drawn
     * @param  list<Path>  $paths  of all patches, in the layer's own space
     */
    public function __construct(
        private array $operations,
        private PatchLook $look,
        private bool $isSolid,
        private UnitsInSpace $space,
        private Affine $matrix,
        private array $paths,
    ) {
        $this->scale = sqrt(abs($matrix->determinant()));
        $this->isOutlines = $look->edge <= 0 && InSpace::isOutlines($operations);
    }

    /**
     * A patch as a piece of the picture that is drawn once for all of them.
     *
     * @param  Path  $path  in the layer's own space
     * @return ?Piece null where it is drawn by itself: as it lies within the picture's plane, or more is done to it
     */
    public function pulled(Path $path, UnitChange $change): ?Piece
    {
        $depth = self::depth($change);
        if ($this->isOutlines || $change->blur > 0 || $change->tint !== null || $this->space->isFlat($depth) || $this->space->isThick()) {
            return null;
        }
        $cut = $path->transformed($this->matrix);
        $there = DisplayList::extentOf($this->operations)?->grown(1);
        $extent = $there === null ? null : $cut->bounds()?->grown(self::EDGE)->intersection($there);
        $view = $extent === null ? null : $this->space->view($depth, $extent);

        $light = $extent === null ? null : $this->space->light($depth, $extent);

        return $view === null || $light === null || $view[0]->upright() !== null
            ? null
            : InSpace::piece($cut, $view[0], $view[1], $change->opacity, $light);
    }

    /**
     * @param  list<Piece>  $pieces
     * @return list<Operation>
     */
    public function pieces(array $pieces): array
    {
        if ($pieces === [] || $this->operations === []) {
            return [];
        }
        $edges = $this->look->edge > 0 ? array_map(fn (Path $path): Group => new Group(
            [$this->edge($path)], clip: Outline::of($path->transformed($this->matrix)),
        ), $this->paths) : [];

        return [new Pieces([...$this->operations, ...$edges], $pieces)];
    }

    /** @return list<Operation> a patch, or several that are led alike, by itself */
    public function drawn(Path $path, UnitChange $change): array
    {
        $clip = Outline::of($path->transformed($this->matrix));
        $shown = $clip->bounds === null ? [] : $this->cut($path, $clip, $clip->bounds, $change);
        $seen = $shown === [] || $clip->bounds === null
            ? []
            : $this->space->seen($shown, self::depth($change), $clip->bounds->grown(self::EDGE));

        return $seen === [] ? [] : LayerCascades::seen($seen, $change, $this->scale);
    }

    /** @return list<Operation> what falls from it on what is beneath */
    public function shadow(Path $path, UnitChange $change): array
    {
        $clip = $this->look->shadow->isVisible() ? Outline::of($path->transformed($this->matrix)) : null;
        if ($clip?->bounds === null) {
            return [];
        }
        $of = $this->isSolid
            ? [new Fill(Outline::of($path), $this->matrix, new Colour(0, 0, 0))]
            : $this->cut($path, $clip, $clip->bounds, $change);
        $seen = $this->space->seen($of, self::depth($change), $clip->bounds->grown(self::EDGE));

        return $seen === [] ? [] : Group::fade([new Group($seen, filters: [
            Silhouette::in($this->look->shadow), new Blur($this->look->softness * $this->scale),
            Moved::by($this->look->away->times($this->scale)),
        ])], $change->opacity);
    }

    /** @return list<Operation> what a patch shows in the layer's plane */
    private function cut(Path $path, Outline $clip, Box $bounds, UnitChange $change): array
    {
        $shown = self::touched($this->operations, $bounds);
        if ($shown === []) {
            return [];
        }
        $shown = $this->look->edge > 0 ? [...$shown, $this->edge($path)] : $shown;

        return [new Group($change->tint === null ? $shown : [new Group($shown, filters: [self::tinted($change->tint)])], clip: $clip)];
    }

    /** Half of it lies outside, where it is cut off. */
    private function edge(Path $path): Stroke
    {
        return new Stroke(Outline::of($path), $this->matrix, $this->look->edgeColour, new Pen(2 * $this->look->edge, Join::Miter));
    }

    /** How a patch leaves where it rests, in the layer's own space; null where it does not. */
    public static function depth(UnitChange $change): ?Space
    {
        $placed = Space::flat($change->matrix);

        return match (true) {
            $change->depth !== null => $change->depth->after($placed),
            $change->matrix->isIdentity() => null,
            default => $placed,
        };
    }

    /** Every colour mixed with another, as strongly as that is opaque. */
    private static function tinted(Colour $tint): ColourMatrix
    {
        $by = $tint->alpha / 255;
        $left = 1 - $by;

        return ColourMatrix::ofColours([
            [$left, 0, 0, $by * $tint->red / 255], [0, $left, 0, $by * $tint->green / 255], [0, 0, $left, $by * $tint->blue / 255],
        ]);
    }

    /**
     * @param  list<Operation>  $operations
     * @return list<Operation> those of which something may be seen there
     */
    private static function touched(array $operations, Box $within): array
    {
        return count($operations) === 1 ? $operations : array_values(array_filter(
            $operations, fn (Operation $one): bool => $one->extent()?->intersection($within) !== null,
        ));
    }
}
