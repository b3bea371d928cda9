<?php

declare(strict_types=1);

namespace Ricamo\Core\Paint;

use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;
use Stringable;

/** What of a layer is painted: its fill, its outline, or one more of these by its id. */
final readonly class Painted implements Stringable
{
    public const PATTERN = '^(fill|outline|o[0-9]{1,6})$';

    /** The most that there is besides a fill and an outline. */
    public const MORE = 8;

    private function __construct(public string $name)
    {
    }

    public static function fill(): self
    {
        return new self('fill');
    }

    public static function outline(): self
    {
        return new self('outline');
    }

    public static function more(string $id): self
    {
        return new self($id);
    }

    /** @return array<string, mixed> its JSON Schema */
    public static function schema(): array
    {
        return ['type' => 'string', 'pattern' => self::PATTERN];
    }

    /** @throws Refusal for what is none */
    public static function read(Node $node): self
    {
        $name = $node->string(8);

        return preg_match('/'.self::PATTERN.'/D', $name)
            ? new self($name)
            : $node->refuse('is neither fill, outline nor the id of one of more outlines');
    }

    public function __toString(): string
    {
        return $this->name;
    }

    public function is(self $other): bool
    {
        return $this->name === $other->name;
    }

    public function isMore(): bool
    {
        return $this->name !== 'fill' && $this->name !== 'outline';
    }

    /** The id of a gradient there. */
    public function id(): string
    {
        return match ($this->name) {
            'fill' => 'g1',
            'outline' => 'g2',
            default => "g$this->name",
        };
    }

    /** The property with its colour, where it has no gradient. */
    public function colour(): string
    {
        return $this->isMore() ? "$this->name.colour" : $this->name;
    }
}
