<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Compositions;

use Attribute;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;

/** The compositions that an edit is about, each once. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class CompositionIds extends Field
{
    private const MOST = 500;

    public function __construct()
    {
        parent::__construct(longest: self::MOST, fewest: 1, of: 'string');
    }

    /** @return list<string> */
    public function read(Node $node, string $type): array
    {
        /** @var list<string> $all */
        $all = parent::read($node, $type);

        return array_values(array_unique($all));
    }
}
