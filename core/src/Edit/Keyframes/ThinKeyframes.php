<?php

namespace Ricamo\Core\Edit\Keyframes;

use Ricamo\Core\Animation\Easing\Linear;
use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Value\Type\ValueType;

/**
 * Leaves out keyframes that the others make up for: the course stays within `tolerance` of what it is, in the property's
 * own unit (Ramer 1972, Douglas & Peucker 1973, over time and value). What is left runs straight from one to the next.
 */
final readonly class ThinKeyframes implements CompositionEdit
{
    private function __construct(private KeyframeSelection $keyframes, private float $tolerance)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['keyframes', 'tolerance']);

        return new self(KeyframeSelection::read($args), $args->field('tolerance')->number(0, 1e6));
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        return $this->keyframes->rearrange($composition, function (array $selected, Layer $layer, PropertyTarget $target): array {
            $type = $target->definition($layer)->type;
            $kept = $this->kept($selected, 0, count($selected) - 1, $type);
            $last = count($selected) - 1;

            return array_map(
                fn (int $index): Keyframe => $index === $last ? $selected[$index] : $selected[$index]->withEasing(new Linear),
                array_keys(array_filter($kept + [0 => true, $last => true])),
            );
        });
    }

    /**
     * @param  non-empty-list<Keyframe>  $keyframes
     * @return array<int, true> those between $from and $to that have to stay
     */
    private function kept(array $keyframes, int $from, int $to, ValueType $type): array
    {
        $farthest = null;
        $most = $this->tolerance;
        for ($i = $from + 1; $i < $to; $i++) {
            $t = ($keyframes[$i]->at - $keyframes[$from]->at) / max(1, $keyframes[$to]->at - $keyframes[$from]->at);
            $off = $this->distance($type, $keyframes[$i]->value, $type->mix($keyframes[$from]->value, $keyframes[$to]->value, $t));
            if ($off > $most) {
                [$farthest, $most] = [$i, $off];
            }
        }

        return $farthest === null ? [] : [$farthest => true] + $this->kept($keyframes, $from, $farthest, $type) + $this->kept($keyframes, $farthest, $to, $type);
    }

    private function distance(ValueType $type, mixed $a, mixed $b): float
    {
        $steps = array_map(fn (float $one, float $other): float => ($one - $other) ** 2, $type->channels($a), $type->channels($b));

        // What is not made of numbers has to be the same.
        return $steps === [] ? ($type->write($a) === $type->write($b) ? 0.0 : INF) : sqrt(array_sum($steps));
    }

    public function title(): string
    {
        return 'thin keyframes out';
    }
}
