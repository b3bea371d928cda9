<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Closure;

/**
 * A composition of a project, read when it is first asked for. What is the very same instance in two projects has not
 * been changed between them.
 */
final class StoredComposition
{
    /** @param  Composition|Closure(): Composition  $composition */
    private function __construct(
        public readonly string $id,
        public readonly string $name,
        public readonly ?string $folder,
        private Composition|Closure $composition,
    ) {
    }

    public static function of(Composition $composition): self
    {
        return new self($composition->id, $composition->name, $composition->folder, $composition);
    }

    /** @param  Closure(): Composition  $read */
    public static function unread(string $id, string $name, ?string $folder, Closure $read): self
    {
        return new self($id, $name, $folder, $read);
    }

    public function composition(): Composition
    {
        if ($this->composition instanceof Closure) {
            $this->composition = ($this->composition)();
        }

        return $this->composition;
    }
}
