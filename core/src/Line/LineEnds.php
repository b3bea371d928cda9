<?php

declare(strict_types=1);

namespace Ricamo\Core\Line;

use Ricamo\Core\Display\Cap;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\Section;
use Ricamo\Core\Value\Type\NumberType;

/** How an open outline begins and ends: cut off or rounded, or with a mark of its own. */
final readonly class LineEnds
{
    /** The fields of a layer that they are. */
    public const FIELDS = ['cap', 'beginMark', 'endMark'];

    public function __construct(public Cap $cap = Cap::Butt, public ?EndMark $begin = null, public ?EndMark $end = null)
    {
    }

    public static function read(Node $layer): self
    {
        return new self(
            $layer->optional('cap')?->enum(Cap::class) ?? Cap::Butt,
            $layer->optional('beginMark')?->enum(EndMark::class),
            $layer->optional('endMark')?->enum(EndMark::class),
        );
    }

    /** @return array<string, string> */
    public function toJson(): array
    {
        return array_filter([
            'cap' => $this->cap === Cap::Butt ? null : $this->cap->value, 'beginMark' => $this->begin?->value,
            'endMark' => $this->end?->value,
        ]);
    }

    /** @return array<string, array<string, mixed>> the JSON Schema of each field */
    public static function schema(): array
    {
        $mark = ['type' => 'string', 'enum' => array_column(EndMark::cases(), 'value')];

        return [
            'cap' => [
                'description' => 'how its outline ends, where it is open',
                'type' => 'string',
                'enum' => array_column(Cap::cases(), 'value'),
            ],
            'beginMark' => ['description' => 'what stands where its outline begins, where it is open', ...$mark],
            'endMark' => ['description' => 'what stands where its outline ends, where it is open', ...$mark],
        ];
    }

    public static function size(): PropertyDefinition
    {
        return new PropertyDefinition('endSize', new NumberType, 400.0, 100, 5000, 'Marks', Section::Line, '%', rare: true);
    }

    public function isMarked(): bool
    {
        return $this->begin !== null || $this->end !== null;
    }
}
