<?php

namespace Ricamo\Core\Document;

use Ricamo\Core\Json\Node;

/** A moment with a name, to be found again and to be drawn to. */
final readonly class Marker
{
    /** @param  int  $frame  of the composition */
    public function __construct(public int $frame, public string $name = '', public Dye $label = Dye::Saffron)
    {
    }

    public static function read(Node $node): self
    {
        $node->allow(['frame', 'name', 'label']);

        return new self(
            $node->field('frame')->int(0, Composition::LONGEST - 1),
            trim($node->optional('name')?->string(200) ?? ''),
            $node->optional('label')?->enum(Dye::class) ?? Dye::Saffron,
        );
    }

    /** @return array{frame: int, name: string, label: string} */
    public function toJson(): array
    {
        return ['frame' => $this->frame, 'name' => $this->name, 'label' => $this->label->value];
    }
}
