<?php

declare(strict_types=1);

namespace Ricamo\Core\Json;

use Attribute;

/** The ids of several things that an edit is about, each once. */
#[Attribute(Attribute::TARGET_PARAMETER)]
readonly class Ids extends Field
{
    /** @param  int  $fewest  0 where there may be none */
    public function __construct(int $most, string $says = '', int $fewest = 1)
    {
        parent::__construct($says, longest: $most, fewest: $fewest, of: 'string');
    }

    /** @return list<string> */
    public function read(Node $node, string $type): array
    {
        /** @var list<string> $all */
        $all = parent::read($node, $type);

        return array_values(array_unique($all));
    }
}
