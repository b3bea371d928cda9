<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** A clip that a project owns. What is known of the file itself stands in $facts once it has been probed. */
final readonly class Media
{
    /**
     * @param  string  $file relative to the project's folder
     * @param  ?string  $folder  the one that it is filed in; null for none
     * @param  bool  $removed  whether it is out of sight, to be brought back if wished
     * @param  ?string  $hash  SHA-256 of its content in hexadecimal digits, where that is told
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $file,
        public ?MediaFacts $facts = null,
        public ?string $folder = null,
        public bool $removed = false,
        public ?string $hash = null,
    ) {
    }

    public static function read(Node $node): self
    {
        $node->allow(['id', 'name', 'file', 'hash', 'folder']);
        $file = $node->field('file')->name(500);
        $hash = $node->optional('hash')?->string(64);
        if ($hash !== null && preg_match('/^[0-9a-f]{64}$/', $hash) !== 1) {
            $node->field('hash')->refuse('is not a SHA-256 in 64 digits of 0 to 9 and a to f');
        }

        return new self(
            $node->field('id')->name(64),
            $node->optional('name')?->name() ?? basename($file),
            $file,
            folder: $node->optional('folder')?->name(100),
            hash: $hash,
        );
    }

    /** @return array<string, mixed> */
    public function toJson(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'file' => $this->file,
            ...($this->hash === null ? [] : ['hash' => $this->hash]),
            ...($this->folder === null ? [] : ['folder' => $this->folder]),
        ];
    }

    public function probed(MediaFacts $facts): self
    {
        return new self($this->id, $this->name, $this->file, $facts, $this->folder, $this->removed, $this->hash);
    }

    /** @param  array{name?: string, folder?: ?string, removed?: bool}  $fields */
    public function with(array $fields): self
    {
        return new self(
            $this->id,
            $fields['name'] ?? $this->name,
            $this->file,
            $this->facts,
            array_key_exists('folder', $fields) ? $fields['folder'] : $this->folder,
            $fields['removed'] ?? $this->removed,
            $this->hash,
        );
    }

    public function size(): Size
    {
        return $this->known()->size();
    }

    /** @throws Refusal for a sound or a font */
    public function checkPicture(): void
    {
        if ($this->known()->width === 0) {
            throw new Refusal("“{$this->name}” has no picture");
        }
    }

    /** @throws Refusal where nothing is heard of it */
    public function checkSound(): void
    {
        if (! $this->known()->sound) {
            throw new Refusal("“{$this->name}” has no sound");
        }
    }

    public function known(): MediaFacts
    {
        return $this->facts ?? throw new \LogicException("media {$this->id} has not been probed");
    }
}
