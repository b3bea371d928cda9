<?php

declare(strict_types=1);

namespace Ricamo\Core\Json;

use BackedEnum;
use Closure;

/** A field with all that its parameter says of it. */
final readonly class Parameter
{
    /** @var Closure(Node): mixed  how it is read */
    public Closure $read;

    /**
     * @param  string  $type  as PHP has it
     * @param  string  $name  in JSON
     * @param  bool  $isOptional  whether it may be left out
     * @param  mixed  $default  what it is then
     */
    public function __construct(
        public Field $field,
        public string $type,
        public string $name,
        public bool $isOptional,
        public mixed $default,
    ) {
        $this->read = $field->reader($type);
    }

    /** @param  array{field?: Field, isOptional?: bool}  $changed */
    public function with(array $changed): self
    {
        return Altered::copy($this, $changed);
    }

    /** @return array<string, mixed> its JSON Schema */
    public function schema(): array
    {
        $default = $this->default instanceof BackedEnum ? $this->default->value : $this->default;
        $isSaid = $this->isOptional && is_scalar($default) && $default !== '';

        return [...$this->field->schema($this->type), ...($isSaid ? ['default' => $default] : [])];
    }
}
