<?php

declare(strict_types=1);

namespace Ricamo\Core\Move;

use Ricamo\Core\Json\Node;

/** A move with its settings, as a layer has it. */
final readonly class ChosenMove
{
    /** @param  array<string, float>  $settings  each that the move has */
    public function __construct(public Move $move, public array $settings)
    {
    }

    public static function read(Node $node): self
    {
        $move = Moves::read($node->field('move'));
        $settings = [];
        foreach ($move->settings() as $definition) {
            $given = $node->optional($definition->name);
            $value = $given === null ? $definition->default : $definition->read($given);
            assert(is_float($value));
            $settings[$definition->name] = $value;
        }
        $node->allow(['move', ...array_keys($settings)]);

        return new self($move, $settings);
    }

    /** @return array<string, mixed> */
    public function toJson(): array
    {
        return ['move' => $this->move->name(), ...$this->settings];
    }
}
