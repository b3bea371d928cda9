<?php

namespace Ricamo\Core\Animation;

use LogicException;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** The kinds of value that a property can have, and how two of a kind are mixed. */
enum ValueType: string
{
    case Number = 'number';
    /** Degrees, clockwise, unbounded: 720 is two turns. */
    case Angle = 'angle';
    case Point = 'point';
    case Size = 'size';
    case Colour = 'colour';
    /** True or false; it changes only at keyframes. */
    case Flag = 'flag';

    public function read(Node $node, ?float $least = null, ?float $most = null): float|bool|Point|Size|Colour
    {
        return match ($this) {
            self::Number, self::Angle => $node->number($least, $most),
            self::Point => new Point(...$this->pair($node, $least, $most)),
            self::Size => new Size(...$this->pair($node, $least, $most)),
            self::Colour => $this->colour($node),
            self::Flag => $node->bool(),
        };
    }

    /** @return float|bool|string|array{float, float} */
    public function write(float|bool|Point|Size|Colour $value): float|bool|string|array
    {
        return match (true) {
            $value instanceof Point => [$value->x, $value->y],
            $value instanceof Size => [$value->width, $value->height],
            $value instanceof Colour => (string) $value,
            default => $value,
        };
    }

    /** @param  float  $t 0 gives $from, 1 gives $to; easings that overshoot go beyond */
    public function mix(float|bool|Point|Size|Colour $from, float|bool|Point|Size|Colour $to, float $t): float|bool|Point|Size|Colour
    {
        return match (true) {
            is_float($from) && is_float($to) => $from + ($to - $from) * $t,
            $from instanceof Point && $to instanceof Point,
            $from instanceof Size && $to instanceof Size,
            $from instanceof Colour && $to instanceof Colour => $from->mix($to, $t),
            is_bool($from) && is_bool($to) => $t >= 1 ? $to : $from,
            default => throw new LogicException('values of two types cannot be mixed'),
        };
    }

    /** What has to be added to $from to make $to; only for types that can be added. */
    public function shifted(float|bool|Point|Size|Colour $value, float|bool|Point|Size|Colour $from, float|bool|Point|Size|Colour $to): float|bool|Point|Size|Colour
    {
        return match (true) {
            is_float($value) && is_float($from) && is_float($to) => $value + $to - $from,
            $value instanceof Point && $from instanceof Point && $to instanceof Point => $value->plus($to->minus($from)),
            $value instanceof Size && $from instanceof Size && $to instanceof Size => new Size(
                $value->width + $to->width - $from->width,
                $value->height + $to->height - $from->height,
            ),
            default => $to,
        };
    }

    /** @return list<float>|null the value as one or two numbers, where it is made of numbers */
    public function channels(float|bool|Point|Size|Colour $value): ?array
    {
        return match (true) {
            is_float($value) => [$value],
            is_bool($value) => [$value ? 1.0 : 0.0],
            $value instanceof Point => [$value->x, $value->y],
            $value instanceof Size => [$value->width, $value->height],
            default => null,
        };
    }

    /** @return array{float, float} */
    private function pair(Node $node, ?float $least, ?float $most): array
    {
        $items = $node->items();
        if (count($items) !== 2) {
            $node->refuse('must be a pair of numbers');
        }

        return [$items[0]->number($least, $most), $items[1]->number($least, $most)];
    }

    private function colour(Node $node): Colour
    {
        try {
            return Colour::parse($node->string());
        } catch (Refusal) {
            $node->refuse(json_encode($node->value).' is not a colour; write it as #rrggbb or #rrggbbaa');
        }
    }
}
