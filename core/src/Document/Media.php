<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Json\Altered;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Json\Name;
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
        return Fields::of(self::class)->read($node);
    }

    public static function from(
        #[Name(longest: Id::LONGEST)]
        string $id,
        #[Name('relative to the project file', 500)]
        string $file,
        #[Name]
        ?string $name = null,
        #[Field(
            'SHA-256 of its content, by which a server knows that it has it', like: '^[0-9a-f]{64}$',
            unlike: 'is not a SHA-256 in 64 digits of 0 to 9 and a to f',
        )]
        ?string $hash = null,
        #[Name('the folder that it is filed in', 100)]
        ?string $folder = null,
    ): self {
        return new self($id, $name ?? basename($file), $file, folder: $folder, hash: $hash);
    }

    /** @return array<string, mixed> */
    public function toJson(): array
    {
        return Fields::of(self::class)->write($this);
    }

    public function probed(MediaFacts $facts): self
    {
        return Altered::copy($this, ['facts' => $facts]);
    }

    /** @param  array{name?: string, folder?: ?string, removed?: bool}  $fields */
    public function with(array $fields): self
    {
        return Altered::copy($this, $fields);
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
