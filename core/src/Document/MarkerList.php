<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Attribute;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;

/** The markers of a composition, or of a layer. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class MarkerList extends Field
{
    public function __construct(private bool $isOfLayer)
    {
        parent::__construct($isOfLayer ? 'counted from the in point' : '', longest: Markers::MOST, always: ! $isOfLayer);
    }

    public function read(Node $node, string $type): Markers
    {
        return Markers::read($node, $this->isOfLayer);
    }

    public function schema(string $type): array
    {
        $says = $this->says === '' ? [] : ['description' => $this->says];

        return [...$says, 'type' => 'array', 'maxItems' => $this->longest, 'items' => Marker::described($this->isOfLayer)->schema()];
    }
}
