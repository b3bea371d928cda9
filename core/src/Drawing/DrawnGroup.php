<?php

declare(strict_types=1);

namespace Ricamo\Core\Drawing;

use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\MaskMode;
use Ricamo\Core\Display\MaskPart;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Json\Node;

/** Parts that overlap each other first and are then seen through together, and only within an outline or where masks are. */
final readonly class DrawnGroup extends Drawn
{
    /**
     * @param  list<Drawn>  $parts
     * @param  ?Path  $clip  in the drawing's pixels, filled by the nonzero rule: what is outside of it is not seen
     * @param  list<DrawnMask>  $masks  it is seen only where all of them are
     */
    public function __construct(public array $parts, public float $opacity = 1.0, public ?Path $clip = null, public array $masks = [])
    {
    }

    public static function read(Node $node): self
    {
        return new self(
            array_map(Drawn::read(...), $node->field('parts')->items()),
            $node->optional('opacity')?->number(0, 1) ?? 1.0,
            $node->has('clip') ? Path::parse($node->field('clip')->string(PHP_INT_MAX)) : null,
            array_map(DrawnMask::read(...), $node->optional('masks')?->items() ?? []),
        );
    }

    public function toJson(): array
    {
        return [
            'parts' => array_map(fn (Drawn $part): array => $part->toJson(), $this->parts), 'opacity' => $this->opacity,
            ...($this->clip === null ? [] : ['clip' => $this->clip->data()]),
            ...($this->masks === [] ? [] : ['masks' => array_map(fn (DrawnMask $mask): array => $mask->toJson(), $this->masks)]),
        ];
    }

    public function finer(float $fineness): static
    {
        $finer = fn (Drawn $part): Drawn => $part->finer($fineness);

        return new self(
            array_map($finer, $this->parts),
            $this->opacity,
            $this->clip,
            array_map(fn (DrawnMask $mask): DrawnMask => $mask->finer($fineness), $this->masks),
        );
    }

    public function operations(Affine $matrix): array
    {
        $operations = array_merge(...array_map(fn (Drawn $part): array => $part->operations($matrix), $this->parts));
        if ($operations === []) {
            return [];
        }
        $clip = $this->clip === null ? null : Outline::of($this->clip->transformed($matrix));
        $masks = array_map(
            fn (DrawnMask $mask, int $index): MaskPart => new MaskPart(
                $mask->operations($matrix), $index === 0 ? MaskMode::Add : MaskMode::Intersect,
            ),
            $this->masks,
            array_keys($this->masks),
        );

        return [new Group($operations, $this->opacity, $clip, masks: $masks)];
    }

    public function bounds(Affine $matrix): ?Box
    {
        return self::boundsOf($this->parts, $matrix);
    }
}
