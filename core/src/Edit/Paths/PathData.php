<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Paths;

use Attribute;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Value\Type\PathType;

/** SVG path data in composition pixels. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class PathData extends Field
{
    public function __construct()
    {
        parent::__construct('SVG path data in composition pixels');
    }

    public function read(Node $node, string $type): Contours
    {
        return (new PathType)->read($node);
    }

    public function schema(string $type): array
    {
        return [...(new PathType)->schema(null, null), 'description' => $this->says];
    }
}
