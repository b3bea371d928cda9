<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Values;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Refusal;
use Ricamo\Core\Value\Arithmetic;
use Ricamo\Core\Value\Length;
use Ricamo\Core\Value\Terms;
use Ricamo\Core\Value\Type\LengthType;

/**
 * A value as an edit gives it: whole, or along one axis, where the other stays or, when a scale is linked, follows. A
 * number may be given as a sum to be worked out, or with `+=`, `-=`, `*=` or `/=` as a change of what it is now.
 */
final class NewValue
{
    private const AXES = ['x', 'y', 'z'];

    /**
     * @param  Node  $node an object with `value` and perhaps `axis`, one of those that the type has
     *
     * @throws Refusal for what is none
     */
    public static function read(Node $node, PropertyDefinition $definition, Layer $layer, Composition $composition, int $frame): mixed
    {
        $type = $definition->type;
        if ($type instanceof LengthType) {
            return self::length($node, $definition, $layer, $composition, $frame);
        }
        $old = $type->channels($layer->value($definition->name, $frame));
        $axis = $node->optional('axis');
        $value = $node->field('value');
        if ($axis === null) {
            return $type->takesSums() && $type->axes() === [] && is_string($value->value)
                ? self::number($value, $definition, Terms::of($definition->unit, $composition->names(), null, $old[0]), $old[0])
                : $definition->read($value);
        }
        // Sizes call them otherwise where they are shown.
        $axes = array_slice(self::AXES, 0, count($type->axes()));
        if ($axes === []) {
            $axis->refuse("{$definition->name} has no axes");
        }
        $index = array_search($axis->value, $axes, true);
        if ($index === false) {
            $axis->refuse('must be '.implode(' or ', array_map(fn (string $one): string => "\"$one\"", $axes)));
        }
        $whole = [(float) $composition->width, (float) $composition->height][$index] ?? null;
        $new = $old;
        $new[$index] = self::number(
            $value, $definition, Terms::of($definition->unit, $composition->names(), $whole, $old[$index]), $old[$index],
        );
        if ($definition->name === 'scale' && $layer->switches->scaleLinked) {
            foreach (array_diff_key($old, [$index => 0]) as $other => $was) {
                $new[$other] = $old[$index] === 0.0 ? $new[$index] : $was * $new[$index] / $old[$index];
            }
        }

        return $definition->read(new Node($new, $node));
    }

    /** Pixels and shares are worked out apart: what is typed of both stays both. */
    private static function length(Node $node, PropertyDefinition $definition, Layer $layer, Composition $composition, int $frame): Length
    {
        $value = $node->field('value');
        if ($node->optional('axis') !== null) {
            $node->field('axis')->refuse("{$definition->name} has no axes");
        }
        if (! is_string($value->value)) {
            $read = $definition->read($value);
            assert($read instanceof Length);

            return $read;
        }
        $now = $layer->value($definition->name, $frame);
        assert($now instanceof Length);
        $part = fn (float $share, float $was): float => self::number(
            $value, $definition, Terms::length($composition->names(), $share), $was,
        );
        $pixels = $part(0.0, $now->pixels);
        $whole = $part(1.0, $now->pixels + $now->share);

        return new Length($pixels, round($whole - $pixels, 4));
    }

    private static function number(Node $value, PropertyDefinition $definition, Terms $terms, float $now): float
    {
        $sum = is_string($value->value) ? new Node(round(self::worked($value, $terms, $now), 4), $value) : $value;

        return $sum->number($definition->least, $definition->most);
    }

    private static function worked(Node $value, Terms $terms, float $now): float
    {
        $text = $value->string();
        if (preg_match('~^\s*([-+*/])=(.*)$~s', $text, $parts) !== 1) {
            return Arithmetic::evaluate($text, $terms);
        }
        $by = Arithmetic::evaluate($parts[2], $terms);

        return match ($parts[1]) {
            '+' => $now + $by,
            '-' => $now - $by,
            '*' => $now * $by,
            default => $by !== 0.0 ? $now / $by : $value->refuse('divides by nothing'),
        };
    }
}
