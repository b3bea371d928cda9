<?php

namespace Ricamo\Core\Edit;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\Compositions\MatchComposition;
use Ricamo\Core\Edit\Compositions\SetComposition;
use Ricamo\Core\Edit\Keyframes\AddKeyframe;
use Ricamo\Core\Edit\Keyframes\MoveKeyframes;
use Ricamo\Core\Edit\Keyframes\RemoveKeyframes;
use Ricamo\Core\Edit\Keyframes\SetEasing;
use Ricamo\Core\Edit\Keyframes\SetPin;
use Ricamo\Core\Edit\Layers\AddLayer;
use Ricamo\Core\Edit\Layers\DuplicateLayers;
use Ricamo\Core\Edit\Layers\MoveLayers;
use Ricamo\Core\Edit\Layers\RemoveLayers;
use Ricamo\Core\Edit\Layers\RenameLayer;
use Ricamo\Core\Edit\Layers\ReorderLayer;
use Ricamo\Core\Edit\Layers\SetContent;
use Ricamo\Core\Edit\Layers\SetLayer;
use Ricamo\Core\Edit\Layers\TrimLayer;
use Ricamo\Core\Edit\Picture\DragLayers;
use Ricamo\Core\Edit\Picture\MoveAnchor;
use Ricamo\Core\Edit\Picture\PullHandle;
use Ricamo\Core\Edit\Picture\TurnLayer;
use Ricamo\Core\Edit\Values\ResetValue;
use Ricamo\Core\Edit\Values\SetValues;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** Every edit, by the name it is asked for. */
final class Edits
{
    /** @var array<string, class-string<Edit>> */
    public const BY_NAME = [
        'add-layer' => AddLayer::class,
        'remove-layers' => RemoveLayers::class,
        'duplicate-layers' => DuplicateLayers::class,
        'rename-layer' => RenameLayer::class,
        'reorder-layer' => ReorderLayer::class,
        'trim-layer' => TrimLayer::class,
        'move-layers' => MoveLayers::class,
        'set-layer' => SetLayer::class,
        'set-content' => SetContent::class,
        'set-composition' => SetComposition::class,
        'match-composition' => MatchComposition::class,
        'set-values' => SetValues::class,
        'reset-value' => ResetValue::class,
        'drag-layers' => DragLayers::class,
        'pull-handle' => PullHandle::class,
        'turn-layer' => TurnLayer::class,
        'move-anchor' => MoveAnchor::class,
        'add-keyframe' => AddKeyframe::class,
        'remove-keyframes' => RemoveKeyframes::class,
        'move-keyframes' => MoveKeyframes::class,
        'set-easing' => SetEasing::class,
        'set-pin' => SetPin::class,
    ];

    /** @param  Node  $node an object {edit, args} */
    public static function read(Node $node): Edit
    {
        $name = $node->field('edit');
        $class = self::BY_NAME[$name->string()] ?? $name->refuse(json_encode($name->value).' is not an edit; there are '.implode(', ', array_keys(self::BY_NAME)));

        return $class::read($node->field('args'));
    }

    /** The edit, as far as it really will go. */
    public static function settled(Edit $edit, Composition $composition): Edit
    {
        return $edit instanceof DrawnIn ? $edit->settled($composition) : $edit;
    }

    /** @throws Refusal where the composition does not allow it; then nothing is changed */
    public static function apply(Edit $edit, Composition $composition, Evaluator $evaluator): Composition
    {
        $after = self::settled($edit, $composition)->apply($composition, $evaluator);
        $after->checkAgainst($composition);

        return $after;
    }

    /**
     * A file of edits.
     *
     * @return list<Edit>
     */
    public static function readList(Node $node): array
    {
        return array_map(
            fn (Node $item): Edit => self::read($item->allow(['edit', 'args'])),
            $node->items(10_000),
        );
    }
}
