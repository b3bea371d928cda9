<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Picture;

use Attribute;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** A place on the picture, or a distance there: `[x, y]` in composition pixels. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class OnPicture extends Field
{
    private const FARTHEST = 1e6;

    public function __construct(string $says = '', ?string $as = null)
    {
        parent::__construct($says, as: $as);
    }

    public function read(Node $node, string $type): Point
    {
        return self::point($node);
    }

    /** @throws Refusal for what is no pair of numbers */
    public static function point(Node $node): Point
    {
        $items = $node->items(2);

        return count($items) === 2
            ? new Point($items[0]->number(-self::FARTHEST, self::FARTHEST), $items[1]->number(-self::FARTHEST, self::FARTHEST))
            : $node->refuse('must be a pair of numbers');
    }

    public function schema(string $type): array
    {
        $says = $this->says === '' ? [] : ['description' => $this->says];

        return [...$says, 'type' => 'array', 'items' => ['type' => 'number'], 'minItems' => 2, 'maxItems' => 2];
    }
}
