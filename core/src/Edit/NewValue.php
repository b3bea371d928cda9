<?php

namespace Ricamo\Core\Edit;

use Ricamo\Core\Animation\ValueType;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\PropertyDefinition;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Json\Node;

/** A value as an edit gives it: whole, or along one axis, where the other stays or, when a scale is linked, follows. */
final class NewValue
{
    /** @param  Node  $node an object with `value` and perhaps `axis`, "x" or "y" */
    public static function read(Node $node, PropertyDefinition $definition, Layer $layer, int $frame): float|bool|Point|Size|Colour
    {
        $axis = $node->optional('axis');
        if ($axis === null) {
            return $definition->read($node->field('value'));
        }
        if (! in_array($axis->value, ['x', 'y'], true)) {
            $axis->refuse('must be "x" or "y"');
        }
        $old = $definition->type->channels($layer->value($definition->name, $frame)) ?? [];
        if (count($old) !== 2) {
            $axis->refuse("{$definition->name} has no axes");
        }
        $index = $axis->value === 'x' ? 0 : 1;
        $new = $old;
        $new[$index] = $node->field('value')->number($definition->least, $definition->most);
        if ($definition->name === 'scale' && $layer->scaleLinked) {
            $new[1 - $index] = $old[$index] === 0.0 ? $new[$index] : $old[1 - $index] * $new[$index] / $old[$index];
        }

        return $definition->type === ValueType::Size
            ? new Size($new[0], $new[1])
            : $definition->read(new Node([$new[0], $new[1]], $node));
    }
}
