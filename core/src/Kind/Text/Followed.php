<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Text;

use Ricamo\Core\Document\Axes;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** A value of some layer, in step with which a number counts. */
final readonly class Followed
{
    private const MOST_TIMES = 1e9;

    /**
     * @param  'x'|'y'  $axis  which of two numbers, where the value has two
     * @param  float  $times  what one of it counts
     */
    private function __construct(public string $layer, public string $property, public string $axis, public float $times)
    {
    }

    /** @throws Refusal for what is none */
    public static function read(Node $node): self
    {
        $node->allow(['layer', 'property', 'axis', 'times']);
        $axis = $node->optional('axis')?->string(1) ?? 'x';

        return new self(
            $node->field('layer')->string(64), $node->field('property')->string(64),
            $axis === 'x' || $axis === 'y' ? $axis : $node->field('axis')->refuse('must be x or y'),
            $node->optional('times')?->number(-self::MOST_TIMES, self::MOST_TIMES) ?? 1.0,
        );
    }

    /** @return array<string, string|float> */
    public function toJson(): array
    {
        return [
            'layer' => $this->layer,
            'property' => $this->property,
            ...($this->axis === 'x' ? [] : ['axis' => $this->axis]),
            ...($this->times === 1.0 ? [] : ['times' => $this->times]),
        ];
    }

    /** @return array<string, mixed> its JSON Schema */
    public static function schema(): array
    {
        return ['description' => 'the value of a layer that is added to the number', 'type' => 'object', 'properties' => [
            'layer' => ['type' => 'string'], 'property' => ['type' => 'string'],
            'axis' => ['description' => 'which of two numbers, x where nothing is said', 'type' => 'string', 'enum' => ['x', 'y']],
            'times' => [
                'description' => 'what one of it counts', 'type' => 'number', 'minimum' => -self::MOST_TIMES, 'maximum' => self::MOST_TIMES,
            ],
        ], 'required' => ['layer', 'property'], 'additionalProperties' => false];
    }

    public function of(string $layer): self
    {
        return new self($layer, $this->property, $this->axis, $this->times);
    }

    /** Nought where there is no such layer, or nothing of it that is a number. */
    public function value(Composition $composition, int|float $at): float
    {
        $layer = $composition->layers->get($this->layer);
        $isThere = $layer !== null
            && (isset($layer->properties[$this->property]) || ($this->property === Axes::TOGETHER && isset($layer->properties['x'])));
        $value = $isThere ? $layer->value($this->property, $at) : null;

        return $this->times * match (true) {
            is_float($value) => $value,
            $value instanceof Point => $this->axis === 'x' ? $value->x : $value->y,
            $value instanceof Size => $this->axis === 'x' ? $value->width : $value->height,
            default => 0.0,
        };
    }
}
