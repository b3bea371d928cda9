<?php

declare(strict_types=1);

namespace Ricamo\Core\Drawing;

use Ricamo\Core\Display\Operation;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Json\Text;

/** A picture made of outlines, which is sharp at any size: from its top left corner, in pixels. */
final readonly class Drawing
{
    /** Along its longer side a drawing is written in so many units at least, in which a thousandth is kept. */
    private const UNITS = 4000;

    /**
     * @param  list<Drawn>  $parts  the first at the bottom
     * @param  list<string>  $leftOut  what of the file is not shown
     */
    public function __construct(public float $width, public float $height, public array $parts, public array $leftOut = [])
    {
    }

    /** Reads what toJson() wrote. */
    public static function parse(string $json): self
    {
        $node = Node::decode($json);

        return new self(
            $node->field('width')->number(),
            $node->field('height')->number(),
            array_map(Drawn::read(...), $node->field('parts')->items()),
            array_map(fn (Node $what): string => $what->string(), $node->field('leftOut')->items()),
        );
    }

    public function toJson(): string
    {
        $fineness = max(1.0, self::UNITS / max($this->width, $this->height));

        return Text::of([
            'width' => $this->width, 'height' => $this->height,
            'parts' => array_map(fn (Drawn $part): array => $part->finer($fineness)->toJson(), $this->parts),
            'leftOut' => $this->leftOut,
        ]);
    }

    /** @return list<Operation> */
    public function operations(Affine $matrix): array
    {
        return array_merge(...array_map(fn (Drawn $part): array => $part->operations($matrix), $this->parts));
    }
}
