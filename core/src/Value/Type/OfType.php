<?php

declare(strict_types=1);

namespace Ricamo\Core\Value\Type;

use Attribute;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;

/** A value of a type that properties have, too, which has no keyframes here. */
#[Attribute(Attribute::TARGET_PARAMETER)]
readonly class OfType extends Field
{
    /** @param  ?float  $least  of each of its numbers, as is $most */
    public function __construct(private ValueType $type, string $says = '', ?float $least = null, ?float $most = null)
    {
        parent::__construct($says, $least, $most);
    }

    public function read(Node $node, string $type): mixed
    {
        return $this->type->read($node, $this->limit($this->least), $this->limit($this->most));
    }

    public function write(mixed $value): mixed
    {
        return $this->type->write($value);
    }

    public function schema(string $type): array
    {
        $schema = $this->type->schema($this->limit($this->least), $this->limit($this->most));

        return $this->says === '' ? $schema : [...$schema, 'description' => $this->says];
    }

    private function limit(int|float|null $limit): ?float
    {
        return $limit === null ? null : (float) $limit;
    }
}
