<?php

declare(strict_types=1);

namespace Ricamo\Core\Display;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Path;

/** Outlines in one and the same colour, which may be laid as one: what they are painted with may then be anything else. */
final readonly class Painted
{
    /** @param  non-empty-list<Fill>  $fills */
    private function __construct(public array $fills, private Colour $colour)
    {
    }

    /**
     * Operations in their order: neighbours that are outlines in the same colour together, and the others between them.
     *
     * @param  list<Operation>  $operations
     * @return list<self|non-empty-list<Operation>>
     */
    public static function alike(array $operations): array
    {
        $parts = [];
        foreach ($operations as $operation) {
            $last = $parts === [] ? null : array_pop($parts);
            $painted = self::one($operation);
            $joined = match (true) {
                $painted !== null && $last instanceof self => $last->with($painted),
                $painted === null && is_array($last) => [...$last, $operation],
                default => null,
            };
            array_push($parts, ...($joined !== null ? [$joined] : [...($last === null ? [] : [$last]), $painted ?? [$operation]]));
        }

        return $parts;
    }

    private static function one(Operation $operation): ?self
    {
        return $operation instanceof Fill && $operation->paint instanceof Colour && $operation->rule === FillRule::NonZero
            ? new self([$operation], $operation->paint)
            : null;
    }

    /** @return ?self null where they do not have the same colour, or would be seen through one another */
    private function with(self $next): ?self
    {
        return $this->colour->alpha === 255 && (string) $next->colour === (string) $this->colour
            ? new self([...$this->fills, ...$next->fills], $this->colour)
            : null;
    }

    /** @return array{float, float, float} red, green and blue, 0..1 */
    public function channels(): array
    {
        return [$this->colour->red / 255, $this->colour->green / 255, $this->colour->blue / 255];
    }

    public function opacity(): float
    {
        return $this->colour->alpha / 255;
    }

    /** All of them as one, in composition pixels. */
    public function outline(): Outline
    {
        return Outline::of(Path::joined(array_map(
            fn (Fill $fill): Path => Path::parse($fill->outline->data)->transformed($fill->matrix), $this->fills,
        )));
    }
}
