<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Attribute;
use Ricamo\Core\Json\Ids;

/** The layers that an edit is about, each once. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class LayerIds extends Ids
{
    private const MOST = 2000;

    /** @param  int  $fewest  0 where there may be none */
    public function __construct(string $says = '', int $fewest = 1)
    {
        parent::__construct(self::MOST, $says, $fewest);
    }
}
