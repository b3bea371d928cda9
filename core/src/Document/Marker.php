<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Node;

/** A moment with a name, to be found again and to be drawn to. */
final readonly class Marker
{
    public function __construct(
        #[Field('of the composition, or of a layer from its in point on', 0, Composition::LONGEST - 1)]
        public int $frame,
        #[Field(longest: 200, always: true)]
        public string $name = '',
        #[Field(ref: 'Label', always: true)]
        public Dye $label = Dye::Saffron,
    ) {
    }

    public static function read(Node $node, bool $isOfLayer): self
    {
        $read = self::described($isOfLayer)->read($node);

        return new self($read->frame, trim($read->name), $read->label);
    }

    /**
     * One of a layer may lie beyond what was trimmed off, and be there again when the layer is longer.
     *
     * @return Fields<self>
     */
    public static function described(bool $isOfLayer): Fields
    {
        return Fields::of(self::class)->form($isOfLayer ? 'of a layer' : 'of a composition', fn (Fields $all): Fields => $isOfLayer
            ? $all->within('frame', -Composition::LONGEST, 2 * Composition::LONGEST)
            : $all);
    }

    public function movedBy(int $frames): self
    {
        return new self($this->frame + $frames, $this->name, $this->label);
    }

    /** @return array<string, mixed> with a `frame`, a `name` and a `label` */
    public function toJson(): array
    {
        return Fields::of(self::class)->write($this);
    }
}
