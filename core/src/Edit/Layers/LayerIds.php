<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Attribute;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;

/** The layers that an edit is about, each once. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class LayerIds extends Field
{
    private const MOST = 2000;

    /** @param  int  $fewest  0 where there may be none */
    public function __construct(string $says = '', int $fewest = 1)
    {
        parent::__construct($says, longest: self::MOST, fewest: $fewest, of: 'string');
    }

    /** @return list<string> */
    public function read(Node $node, string $type): array
    {
        /** @var list<string> $all */
        $all = parent::read($node, $type);

        return array_values(array_unique($all));
    }
}
