<?php

declare(strict_types=1);

namespace Ricamo\Core\Value\Type;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** An sRGB colour with straight alpha, mixed with premultiplied alpha. */
final class ColourType implements ValueType
{
    public const SCHEMA = ['type' => 'string', 'pattern' => '^#[0-9a-fA-F]{6}([0-9a-fA-F]{2})?$'];

    public function name(): string
    {
        return 'colour';
    }

    /** @throws Refusal for what is none */
    public function read(Node $node, ?float $least = null, ?float $most = null): Colour
    {
        $text = $node->string();
        try {
            return Colour::parse($text);
        } catch (Refusal) {
            $node->refuse(json_encode(mb_strimwidth($text, 0, 40, '…')).' is not a colour; write it as #rrggbb or #rrggbbaa');
        }
    }

    public function plain(mixed $json, ?float $least, ?float $most): ?Colour
    {
        if (! is_string($json)) {
            return null;
        }
        try {
            return Colour::parse($json);
        } catch (Refusal) {
            return null;
        }
    }

    public function write(mixed $value): string
    {
        assert($value instanceof Colour);

        return (string) $value;
    }

    public function mix(mixed $from, mixed $to, float $t): Colour
    {
        assert($from instanceof Colour && $to instanceof Colour);

        return $from->mix($to, $t);
    }

    public function shifted(mixed $value, mixed $from, mixed $to): mixed
    {
        return $to;
    }

    public function made(array $channels): mixed
    {
        return null;
    }

    public function travels(): bool
    {
        return false;
    }

    public function channels(mixed $value): array
    {
        return [];
    }

    public function swatch(mixed $value): string
    {
        return $this->write($value);
    }

    public function axes(): array
    {
        return [];
    }

    public function takesSums(): bool
    {
        return false;
    }

    public function schema(?float $least, ?float $most): array
    {
        return self::SCHEMA;
    }
}
