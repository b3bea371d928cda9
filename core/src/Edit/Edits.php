<?php

namespace Ricamo\Core\Edit;

use Ricamo\Core\Document\Composition;
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

    /** @throws Refusal where the composition does not allow it; then nothing is changed */
    public static function apply(Edit $edit, Composition $composition, Evaluator $evaluator): Composition
    {
        $after = $edit->apply($composition, $evaluator);
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
