<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Solid;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\FillRule;
use Ricamo\Core\Display\Filter\ByPicture;
use Ricamo\Core\Display\Filter\ColourMatrix;
use Ricamo\Core\Display\Filter\Filter;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Image;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Path\Polygons;

/** What is drawn on a plane, as if it were sawn out of a board: the outlines of its fills, of its pictures, and of what cuts them out. */
final readonly class Body
{
    /** The most straight lines that outlines may come to; what has more has no sides. */
    public const MOST = 6000;

    /** How far a straight line may lie beside its curve, in drawn pixels. */
    private const TOLERANCE = 0.04;

    private function __construct(public Polygons $polygons, public bool $isEvenOdd, public float $opacity)
    {
    }

    /**
     * @param  list<Operation>  $operations
     * @return list<self> none of lines, and of what is masked, blurred or pulled into another shape
     */
    public static function of(array $operations): array
    {
        $bodies = [];
        $left = self::MOST;
        foreach ($operations as $operation) {
            foreach (self::one($operation) as $body) {
                $left -= $body->polygons->count();
                $bodies[] = $body;
            }
            if ($left < 0) {
                return [];
            }
        }

        return $bodies;
    }

    /** @return list<self> */
    private static function one(Operation $operation): array
    {
        if ($operation instanceof Fill) {
            $opacity = $operation->paint instanceof Colour ? $operation->paint->alpha / 255 : 1.0;

            return self::cut(
                Path::parse($operation->outline->data)->transformed($operation->matrix), $opacity, $operation->rule === FillRule::EvenOdd,
            );
        }
        if ($operation instanceof Image) {
            $box = new Box(0, 0, $operation->size->width, $operation->size->height);

            return self::cut(Path::rectangle($box)->transformed($operation->matrix), $operation->opacity);
        }

        return $operation instanceof Group ? self::group($operation) : [];
    }

    /** @return list<self> */
    private static function cut(Path $path, float $opacity, bool $isEvenOdd = false): array
    {
        $polygons = $opacity > 0 ? Polygons::of($path, self::TOLERANCE) : Polygons::none();

        return $polygons->all === [] ? [] : [new self($polygons, $isEvenOdd, $opacity)];
    }

    /** @return list<self> */
    private static function group(Group $group): array
    {
        $changing = array_filter(
            $group->filters, fn (Filter $filter): bool => ! $filter instanceof ByPicture && ! $filter instanceof ColourMatrix,
        );
        if ($changing !== [] || $group->masks !== [] || $group->opacity <= 0) {
            return [];
        }
        $clip = $group->clip === null ? null : Path::parse($group->clip->data);
        $bodies = match (true) {
            $clip === null => self::of($group->operations),
            $group->coveringImage() !== null => self::cut($clip, 1.0),
            default => self::within($group->operations, $clip),
        };

        return array_map(fn (self $one): self => new self($one->polygons, $one->isEvenOdd, $one->opacity * $group->opacity), $bodies);
    }

    /**
     * @param  list<Operation>  $operations
     * @return list<self> as they are cut out by a path; none where that is too involved
     */
    private static function within(array $operations, Path $clip): array
    {
        $cutting = Polygons::of($clip, self::TOLERANCE);
        $bodies = [];
        foreach (self::of($operations) as $body) {
            $within = $body->polygons->within($cutting);
            if ($within !== null && $within->all !== []) {
                $bodies[] = new self($within, $body->isEvenOdd, $body->opacity);
            }
        }

        return $bodies;
    }
}
