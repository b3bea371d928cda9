<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Json\Node;

/** A moment with a name, to be found again and to be drawn to. */
final readonly class Marker
{
    /** @param  int  $frame  of the composition, or of a layer from its in point on */
    public function __construct(public int $frame, public string $name = '', public Dye $label = Dye::Saffron)
    {
    }

    /** One of a composition. */
    public static function read(Node $node): self
    {
        return self::readWithin($node, 0, Composition::LONGEST - 1);
    }

    /** One of a layer: it may lie beyond what was trimmed off, and be there again when the layer is longer. */
    public static function readOfLayer(Node $node): self
    {
        return self::readWithin($node, -Composition::LONGEST, 2 * Composition::LONGEST);
    }

    private static function readWithin(Node $node, int $first, int $last): self
    {
        $node->allow(['frame', 'name', 'label']);

        return new self(
            $node->field('frame')->int($first, $last),
            trim($node->optional('name')?->string(200) ?? ''),
            $node->optional('label')?->enum(Dye::class) ?? Dye::Saffron,
        );
    }

    public function movedBy(int $frames): self
    {
        return new self($this->frame + $frames, $this->name, $this->label);
    }

    /** @return array{frame: int, name: string, label: string} */
    public function toJson(): array
    {
        return ['frame' => $this->frame, 'name' => $this->name, 'label' => $this->label->value];
    }
}
