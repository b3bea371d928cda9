<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Groups;

use Ricamo\Core\Display\Blend;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\LayerKind;
use Ricamo\Core\Document\Switches;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Kind\Group\GroupContent;
use Ricamo\Core\Refusal;

/** Takes groups away from around what is in them. Refused where that would change what is seen. */
final readonly class UngroupLayers implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($this->layers as $id) {
            $group = $composition->layer($id);
            if (! $group->kind->holdsLayers()) {
                throw new Refusal("“{$group->name}” is no group");
            }
            $members = $composition->layers->tree()->members($id);
            self::checkPlain($group, $members, $composition);
            $before = $composition;
            foreach ($members as $member) {
                $composition = Rehoused::in($group->group, $member, $composition, $group->span->in);
                // What the group said of all that is in it, each says now.
                $composition = $composition->replacing(self::saying($composition->layer($member), $group->switches));
            }
            $composition = $composition->with([
                'layers' => $composition->layers->without([$id]), 'alone' => self::alone($composition, $id, $members),
            ]);
            // Moves, masks that stay in the frame and numbers that follow a place are worked out in the group's space.
            $frame = $group->matrix($group->span->in)->isIdentity()
                ? null
                : Alike::firstDifference($before, $composition, $members, $evaluator);
            if ($frame !== null) {
                self::refuse($group, "what is in it goes by the group's own space, and would be seen otherwise on frame $frame");
            }
        }

        return $composition;
    }

    private static function saying(Layer $member, Switches $group): Layer
    {
        $own = $member->switches;

        return $member->switched([
            'flat' => $group->flat, 'takesLight' => $own->takesLight && $group->takesLight,
            'throwsShadow' => $own->throwsShadow && $group->throwsShadow, 'receivesShadow' => $own->receivesShadow && $group->receivesShadow,
        ]);
    }

    public function title(): string
    {
        return 'ungroup';
    }

    /**
     * @param  list<string>  $members
     * @return list<string> what is looked at alone: what was in the group, where that was the group
     */
    private static function alone(Composition $composition, string $id, array $members): array
    {
        return in_array($id, $composition->alone, true)
            ? array_values(array_unique([...array_diff($composition->alone, [$id]), ...$members]))
            : $composition->alone;
    }

    /**
     * @param  list<string>  $members
     *
     * @throws Refusal that says what would be lost
     */
    private static function checkPlain(Layer $group, array $members, Composition $composition): void
    {
        $moves = array_filter(
            $group->properties, fn ($property): bool => $property->isAnimated(),
        ) !== [] || ! $group->life->isPlain() || $group->attached->cascades !== [] || $group->switches->turnsAlong;
        $matrix = $group->matrix($group->span->in);
        $cut = array_filter(
            $members, fn (string $id): bool => $composition->layer($id)->span->intersection($group->span) != $composition->layer($id)->span,
        );
        $isEven = abs(hypot($matrix->a, $matrix->b) - hypot($matrix->c, $matrix->d)) < 1e-6 * hypot($matrix->a, $matrix->b);
        $reason = match (true) {
            $moves => 'it has an animation of its own',
            $group->hasDepth => 'it has depth or is tilted',
            $group->number('opacity', $group->span->in) !== 100.0 => 'it is translucent',
            $group->attached->effects !== [] => 'it has effects',
            $group->attached->masks !== [] => 'it is masked',
            $group->attached->patchwork !== null => 'it is cut into patches',
            $group->switches->blend !== Blend::Normal
                || ($group->content instanceof GroupContent && $group->content->isolated) => 'it blends as one',
            $group->exposure->motionBlur => 'it has motion blur of its own',
            ! $group->switches->visible || $group->switches->reference => 'it is hidden',
            $cut !== [] => 'it is not on for as long as what is in it',
            ! $isEven => 'it is stretched along one axis',
            ! $matrix->isIdentity() && self::holds($members, $composition, fn (LayerKind $kind): bool => $kind->looks()) => 'a camera in it goes along with it',
            ! $matrix->isIdentity() && self::holds($members, $composition, fn (LayerKind $kind): bool => $kind->lights()) => 'a light in it goes along with it',
            default => null,
        };
        if ($reason !== null) {
            self::refuse($group, $reason);
        }
    }

    /**
     * @param  list<string>  $members
     * @param  callable(LayerKind): bool  $is
     */
    private static function holds(array $members, Composition $composition, callable $is): bool
    {
        foreach ($composition->layers->tree()->withAll($members) as $id) {
            if ($is($composition->layer($id)->kind)) {
                return true;
            }
        }

        return false;
    }

    private static function refuse(Layer $group, string $reason): never
    {
        throw new Refusal("“{$group->name}” cannot be ungrouped without changing what is seen: $reason");
    }
}
