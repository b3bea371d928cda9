<?php

declare(strict_types=1);

namespace Ricamo\Core\Move;

use Ricamo\Core\Display\Filter\Filter;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Json\Altered;

/** What a move makes of a layer's pose at a moment: a matrix over it, an opacity, where it is seen at all, and what is done to it. */
final readonly class Change
{
    /**
     * @param  Affine  $matrix  in composition pixels, after the layer's own
     * @param  float  $opacity  0..1, of its own
     * @param  list<Path>  $clips  in composition pixels; it is seen only inside all of them
     * @param  list<Filter>  $filters  done to what it shows, in composition pixels
     * @param  float  $light  0..1, how much of it is added to all that is there, besides
     * @param  list<array{Affine, float}>  $copies  beneath it, from the bottom up: each where the matrix, which counts after the
     *     own one, puts it, and so opaque
     * @param  ?Space  $space  how the plane in which all that is leaves the one in which it is placed, in composition pixels
     * @param  list<array{Path, ?Space}>  $parts  where it is cut and falls apart in space: what is inside each path, and how that leaves
     *     the plane of the rest, both in composition pixels, before the matrix and the space above; none for a whole
     */
    public function __construct(
        public Affine $matrix = new Affine,
        public float $opacity = 1.0,
        public array $clips = [],
        public array $filters = [],
        public float $light = 0.0,
        public array $copies = [],
        public ?Space $space = null,
        public array $parts = [],
    ) {
    }

    /** @param  Point  $by  in composition pixels */
    public static function shifted(Point $by): self
    {
        return new self(Affine::translation($by->x, $by->y));
    }

    /**
     * @param  Point  $about  what stays where it is, in composition pixels
     * @param  float  $across  the factor, as is down
     */
    public static function scaled(Point $about, float $across, float $down): self
    {
        return new self(Affine::about($about, $across, $down, 0));
    }

    /** @param  float  $degrees  clockwise */
    public static function turned(Point $about, float $degrees): self
    {
        return new self(Affine::about($about, 1, 1, $degrees));
    }

    public static function inSpace(Space $space): self
    {
        return new self(space: $space);
    }

    /** @param  list<array{Path, ?Space}>  $parts */
    public static function inParts(array $parts): self
    {
        return new self(parts: $parts);
    }

    /** @param  array<string, mixed>  $changed  by their names, each of its type */
    private function but(array $changed): self
    {
        return Altered::copy($this, $changed);
    }

    /** @param  float  $opacity  taken as 0 below that, and as 1 above */
    public function faded(float $opacity): self
    {
        $by = max(0.0, min(1.0, $opacity));

        return $this->but(['opacity' => $this->opacity * $by, 'light' => $this->light * $by]);
    }

    /** Added as light besides, so far. */
    public function lit(float $light): self
    {
        return $this->but(['light' => $light]);
    }

    /** Seen only inside the path, too. */
    public function within(Path $clip): self
    {
        return $this->but(['clips' => [...$this->clips, $clip]]);
    }

    /**
     * With copies of itself beneath it.
     *
     * @param  list<array{Affine, float}>  $copies  from the bottom up: in composition pixels, and 0..1 as opaque as itself
     */
    public function with(array $copies): self
    {
        return $this->but(['copies' => $copies]);
    }

    /** @return non-empty-list<self> each time that it is seen, from the bottom up, itself last */
    public function each(): array
    {
        if ($this->copies === []) {
            return [$this];
        }
        $copy = fn (Affine $matrix, float $opacity): self => $this->but([
            'matrix' => $matrix->after($this->matrix), 'opacity' => $this->opacity * $opacity, 'light' => $this->light * $opacity,
            'copies' => [],
        ]);

        return [...array_map(fn (array $one): self => $copy(...$one), $this->copies), $copy(new Affine, 1.0)];
    }

    public function filtered(Filter ...$filters): self
    {
        return $this->but(['filters' => [...$this->filters, ...array_values($filters)]]);
    }

    /** Both at once: first this, then the other. */
    public function and(self $other): self
    {
        return new self(
            $other->matrix->after($this->matrix),
            $this->opacity * $other->opacity,
            [...$this->clips, ...$other->clips],
            [...$this->filters, ...$other->filters],
            ($this->opacity + $this->light) * ($other->opacity + $other->light) - $this->opacity * $other->opacity,
            $this->copiesWith($other),
            $this->space === null || $other->space === null ? $this->space ?? $other->space : $other->space->after($this->space),
            // Both at once would be cut along one another's cuts: the first falls apart.
            $this->parts === [] ? $other->parts : $this->parts,
        );
    }

    /**
     * Its parts in the layer's own space.
     *
     * @param  Affine  $own  from there to the composition's pixels, as the layer rests
     * @return list<array{Path, ?Space}>
     */
    public function partsOf(Affine $own): array
    {
        if ($this->parts === [] || $own->isFlat()) {
            return [];
        }
        $back = $own->inverse();

        return array_map(fn (array $part): array => [
            $part[0]->transformed($back),
            $part[1] === null ? null : Space::flat($back)->after($part[1])->after(Space::flat($own)),
        ], $this->parts);
    }

    /** @return list<array{Affine, float}> where each of the other's copies is of all of these */
    private function copiesWith(self $other): array
    {
        if ($this->copies === [] || $other->matrix->isFlat()) {
            return $other->copies;
        }
        $back = $other->matrix->inverse();
        $all = [];
        foreach ([...$other->copies, [new Affine, 1.0]] as [$over, $seen]) {
            $within = $over->after($other->matrix);
            foreach ($this->copies as [$matrix, $opacity]) {
                $all[] = [$within->after($matrix)->after($back), $opacity * $seen];
            }
            $all[] = [$over, $seen];
        }

        // The last is itself.
        return array_slice($all, 0, -1);
    }
}
