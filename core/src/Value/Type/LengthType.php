<?php

declare(strict_types=1);

namespace Ricamo\Core\Value\Type;

use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;
use Ricamo\Core\Value\Length;

/** A length: a number of pixels, text such as `50%` for a share of what it is measured by, or both, `12 + 25%`. */
final class LengthType implements ValueType
{
    /** As documents hold it; what is typed may be a sum. */
    private const FORM = '~^(?:(-?\d{1,7}(?:\.\d{1,6})?) \+ )?(-?\d{1,7}(?:\.\d{1,6})?)%$~';

    private const SAID = 'must be a number of pixels, or a share such as "50%"';

    public function name(): string
    {
        return 'length';
    }

    /** @throws Refusal for what is none */
    public function read(Node $node, ?float $least = null, ?float $most = null): Length
    {
        if (! is_string($node->value)) {
            return new Length(is_int($node->value) || is_float($node->value) ? $node->number($least, $most) : $node->refuse(self::SAID));
        }
        if (preg_match(self::FORM, $node->value, $parts) !== 1) {
            $node->refuse(self::SAID);
        }
        $number = fn (string $text): float => (new Node((float) $text, $node))->number($least, $most);

        return new Length($parts[1] === '' ? 0.0 : $number($parts[1]), $number($parts[2]));
    }

    public function plain(mixed $json, ?float $least, ?float $most): ?Length
    {
        return (is_int($json) || is_float($json))
            && ($least === null || $json >= $least)
            && ($most === null || $json <= $most)
            && is_finite($json)
            ? new Length((float) $json)
            : null;
    }

    public function write(mixed $value): float|string
    {
        assert($value instanceof Length);

        return $value->written();
    }

    public function mix(mixed $from, mixed $to, float $t): Length
    {
        assert($from instanceof Length && $to instanceof Length);

        return $from->mix($to, $t);
    }

    public function shifted(mixed $value, mixed $from, mixed $to): Length
    {
        assert($value instanceof Length && $from instanceof Length && $to instanceof Length);

        return new Length($value->pixels + $to->pixels - $from->pixels, $value->share + $to->share - $from->share);
    }

    public function channels(mixed $value): array
    {
        assert($value instanceof Length);

        return [$value->pixels, $value->share];
    }

    public function made(array $channels): Length
    {
        return new Length($channels[0], $channels[1]);
    }

    public function travels(): bool
    {
        return false;
    }

    public function swatch(mixed $value): ?string
    {
        return null;
    }

    public function axes(): array
    {
        return [];
    }

    public function takesSums(): bool
    {
        return true;
    }

    public function schema(?float $least, ?float $most): array
    {
        $number = [
            'type' => 'number', ...array_filter(['minimum' => $least, 'maximum' => $most], fn (?float $limit): bool => $limit !== null),
        ];

        return ['description' => 'pixels, or a share such as 50%', 'anyOf' => [$number, ['type' => 'string', 'maxLength' => 40]]];
    }
}
