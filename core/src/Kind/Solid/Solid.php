<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Solid;

use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Surface;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Geometry\Vector;
use Ricamo\Core\Kind\Moment;

/**
 * What has a thickness reaches back from its plane: its picture is seen on the face that is turned to the viewer, and between the
 * outlines of both faces its sides, as far as they are turned there, the farther ones first.
 */
final readonly class Solid
{
    private Vector $eye;

    /** @param  float  $thickness  in drawn pixels */
    private function __construct(
        private Composition $composition, private Moment $moment, private Surface $surface, private float $thickness,
    ) {
        $this->eye = $moment->eye($composition);
    }

    /**
     * @param  float  $scale  from the layer's own pixels to those that are drawn
     * @return ?self null for what is flat; a shadow is that of the face alone
     */
    public static function of(Composition $composition, Moment $moment, Surface $surface, float $scale): ?self
    {
        return $surface->thickness <= 0 || $scale <= 0 || $moment->casting !== null || $moment->frameSpace->isFlat()
            ? null
            : new self($composition, $moment, $surface, $surface->thickness * $scale);
    }

    /**
     * Which of its faces is turned to the viewer.
     *
     * @param  ?Space  $beyond  how its plane leaves the picture's, as it is drawn
     * @return ?float how far back that is, in thicknesses: 0 or 1; null where the viewer sees its sides alone
     */
    public function face(?Space $beyond): ?float
    {
        $eye = $this->moment->inFrame($beyond)->inverse()->apply($this->eye);

        return match (true) {
            $eye->z < 0 => 0.0,
            $eye->z > $this->thickness => 1.0,
            default => null,
        };
    }

    /**
     * The plane of one of its faces.
     *
     * @param  float  $face  0 for the front, 1 for the back
     * @return ?Space how it leaves the picture's, as it is drawn
     */
    public function plane(?Space $beyond, float $face): ?Space
    {
        $away = Space::away($this->thickness);

        return $face === 0.0 ? $beyond : ($beyond?->after($away) ?? $away);
    }

    /**
     * @param  list<Operation>  $operations  what is drawn on its plane
     * @param  ?Space  $beyond  how that leaves the picture's, as it is drawn
     * @return list<Operation> what is seen of its sides
     */
    public function sides(array $operations, ?Space $beyond): array
    {
        $bodies = Body::of($operations);
        if ($bodies === []) {
            return [];
        }
        $space = $this->moment->inFrame($beyond);
        $faces = [
            $this->moment->seen($beyond, $this->composition), $this->moment->seen($this->plane($beyond, 1.0), $this->composition),
        ];
        $walls = new Walls(
            $space, $this->thickness, $faces, $this->face($beyond), $this->eye, $this->surface->sides, $this->moment->lights(),
        );
        $sides = [];
        $alike = [];
        $all = array_merge(...array_map($walls->of(...), $bodies));
        usort($all, fn (Wall $one, Wall $other): int => $other->away <=> $one->away);
        foreach ($all as $index => $wall) {
            $alike[] = Path::polygon($wall->corners);
            if ($wall->colour != ($all[$index + 1] ?? null)?->colour) {
                $sides[] = new Fill(Outline::of(Path::joined($alike)), new Affine, $wall->colour);
                $alike = [];
            }
        }

        return Group::fade($sides, max(array_map(fn (Body $one): float => $one->opacity, $bodies)));
    }
}
