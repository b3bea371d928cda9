<?php

declare(strict_types=1);

namespace Ricamo\Core\Json;

use Attribute;

/** What people call something: not empty, without blanks around it. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Name extends Field
{
    public function __construct(string $says = '', int $longest = 200, ?string $as = null)
    {
        parent::__construct($says, longest: $longest, as: $as);
    }

    public function read(Node $node, string $type): string
    {
        return $node->name($this->longest);
    }

    public function schema(string $type): array
    {
        return [...parent::schema($type), 'minLength' => 1];
    }
}
