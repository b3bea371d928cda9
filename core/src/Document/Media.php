<?php

namespace Ricamo\Core\Document;

use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Json\Node;

/** A clip that a project owns. What is known of the file itself stands in $facts once it has been probed. */
final readonly class Media
{
    /** @param  string  $file relative to the project's folder */
    public function __construct(
        public string $id,
        public string $name,
        public string $file,
        public ?MediaFacts $facts = null,
    ) {
    }

    public static function read(Node $node): self
    {
        $node->allow(['id', 'name', 'file']);
        $file = $node->field('file')->name(500);

        return new self($node->field('id')->name(64), $node->optional('name')?->name() ?? basename($file), $file);
    }

    /** @return array<string, mixed> */
    public function toJson(): array
    {
        return ['id' => $this->id, 'name' => $this->name, 'file' => $this->file];
    }

    public function probed(MediaFacts $facts): self
    {
        return new self($this->id, $this->name, $this->file, $facts);
    }

    public function size(): Size
    {
        return $this->known()->size();
    }

    public function known(): MediaFacts
    {
        return $this->facts ?? throw new \LogicException("media {$this->id} has not been probed");
    }
}
