<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Values;

use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Animation\Pin;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Axes;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Refusal;

/** One property of one layer, and the rule by which a value is put into it. */
final readonly class PropertyTarget
{
    private function __construct(public string $layer, public string $property, private Node $place)
    {
    }

    /** @param  Node  $args an object with the fields layer and property */
    public static function read(Node $args): self
    {
        return self::named($args->field('layer')->string(64), $args->field('property'));
    }

    public static function named(string $layer, Node $property): self
    {
        return new self($layer, $property->string(64), $property);
    }

    public static function from(#[Id] string $layer, #[Field('as m1.path for what is attached to it', of: 'string')] Node $property): self
    {
        return self::named($layer, $property);
    }

    public static function of(Layer $layer, string $property): self
    {
        return new self($layer->id, $property, new Node($property));
    }

    /** @throws Refusal where the layer has no such property */
    public function definition(Layer $layer): PropertyDefinition
    {
        return $layer->definitions()[$this->property]
            ?? $this->place->refuse(
                $this->isOtherAxes($layer)
                    ? "\"{$layer->name}\" has ".($this->property === Axes::TOGETHER ? 'x and y apart' : 'its position as one path')
                    : "\"{$this->property}\" is not a property of a {$layer->kind->name()} layer",
            );
    }

    private function isOtherAxes(Layer $layer): bool
    {
        return $layer->kind->isSeen() && in_array($this->property, [Axes::TOGETHER, ...Axes::APART], true);
    }

    public function in(Layer $layer): Property
    {
        $this->definition($layer);

        return $layer->properties[$this->property];
    }

    /** @param  callable(Property, Layer): Property  $change */
    public function change(Composition $composition, callable $change): Composition
    {
        $layer = $composition->layer($this->layer);
        $property = $this->in($layer);
        $changed = $change($property, $layer);

        return $changed === $property ? $composition : $composition->replacing($layer->withProperty($this->property, $changed));
    }

    public function set(Composition $composition, int $frame, mixed $value, Scope $scope): Composition
    {
        return $this->change($composition, fn (Property $property, Layer $layer): Property => match (true) {
            ! $property->isAnimated() => Property::constant($property->type, $value),
            $scope === Scope::Whole => $this->shifted($property, $layer, $frame, $value),
            default => $property->with(self::keyframeAt($property, $layer, $frame)->withValue($value), $layer->span),
        });
    }

    /** Puts a point that a pointer led to into a property, to a thousandth. */
    public static function put(
        Composition $composition,
        Layer $layer,
        string $property,
        int $frame,
        Point $value,
        Scope $scope,
    ): Composition {
        if ($property === Axes::TOGETHER && ! isset($layer->properties[$property])) {
            return self::putApart($composition, $layer, $frame, $value, $scope);
        }
        $target = self::of($layer, $property);
        $checked = $target->definition($layer)->read(new Node([round($value->x, 3), round($value->y, 3)], $property));

        return $target->set($composition, $frame, $checked, $scope);
    }

    /** An axis along which nothing moves is left alone. */
    private static function putApart(Composition $composition, Layer $layer, int $frame, Point $value, Scope $scope): Composition
    {
        foreach (['x' => $value->x, 'y' => $value->y] as $name => $to) {
            if (abs($to - $layer->number($name, $frame)) > 5e-4) {
                $target = self::of($layer, $name);
                $composition = $target->set(
                    $composition, $frame, $target->definition($layer)->read(new Node(round($to, 3), $name)), $scope,
                );
            }
        }

        return $composition;
    }

    /**
     * The keyframe on this frame, or the one to be put there: it splits the segment it falls into, keeping its easing.
     */
    private static function keyframeAt(Property $property, Layer $layer, int $frame): Keyframe
    {
        $before = $property->keyframeBefore($frame, $layer->span);
        if ($before !== null && $before->frame($layer->span) === $frame) {
            return $before;
        }
        $after = $property->keyframeAfter($frame, $layer->span);
        $pin = Pin::between($before, $after, $frame, $layer->span);
        $value = $property->at($frame, $layer->span);
        $at = $frame - $pin->origin($layer->span);

        return $before === null ? new Keyframe($at, $value, pin: $pin) : new Keyframe($at, $value, $before->easing, $pin);
    }

    /**
     * The keyframe on this frame.
     *
     * @throws Refusal where there is none
     */
    public function keyframeOn(Layer $layer, int $frame, Node $place): Keyframe
    {
        return $this->in($layer)->keyframeOn($frame, $layer->span)
            ?? $place->refuse("\"{$layer->name}\" has no keyframe of {$this->property} on frame $frame");
    }

    private function shifted(Property $property, Layer $layer, int $frame, mixed $value): Property
    {
        [$now, $definition, $type] = [$property->at($frame, $layer->span), $this->definition($layer), $property->type];
        $changed = $definition->isFactor
            ? $this->multiplied($definition, $now, $value)
            : fn (mixed $old): mixed => $type->shifted($old, $now, $value);

        return $property->mapValues(fn (mixed $old): mixed => $definition->read(new Node($type->write($changed($old)), $this->property)));
    }

    /**
     * @return callable(mixed): mixed a value times what leads from one to another
     *
     * @throws Refusal where that begins at nothing, which nothing can be multiplied from
     */
    private function multiplied(PropertyDefinition $definition, mixed $from, mixed $to): callable
    {
        $type = $definition->type;
        $times = array_map(fn (float $from, float $to): float => match (true) {
            $from === $to => 1.0,
            $from === 0.0 => throw new Refusal(
                "{$definition->title} is 0 on this frame: to change the whole animation, go to where it is more",
            ),
            default => $to / $from,
        }, $type->channels($from), $type->channels($to));

        return fn (mixed $old): mixed => $type->made(
            array_map(fn (float $number, float $times): float => $number * $times, $type->channels($old), $times),
        );
    }
}
