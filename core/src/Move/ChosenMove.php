<?php

declare(strict_types=1);

namespace Ricamo\Core\Move;

use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Json\ReadApart;

/** A move with its settings, as a layer has it. */
final readonly class ChosenMove
{
    /** @param  array<string, float>  $settings  each that the move has */
    public function __construct(
        #[Field(of: Moves::class)] public Move $move,
        #[ReadApart] public array $settings,
    ) {
    }

    public static function read(Node $node): self
    {
        $move = Moves::read($node->field('move'));
        $settings = PlainSettings::read($node, $move->settings());

        return self::described($move)->readAmong($node->allowKeys(['move' => 0] + $settings), ['settings' => $settings]);
    }

    /** @return array<string, mixed> */
    public function toJson(): array
    {
        return [...self::described($this->move)->write($this), ...$this->settings];
    }

    /** @return array<string, mixed> the JSON Schema of those of any move */
    public static function schema(): array
    {
        return ['anyOf' => array_map(
            fn (Move $move): array => self::described($move)->schema(PlainSettings::schema($move->settings())), array_values(Moves::all()),
        )];
    }

    /** @return Fields<self> what there is to say of one besides its settings */
    private static function described(Move $move): Fields
    {
        return Fields::of(self::class)->form($move->name(), fn (Fields $all): Fields => $all->fixing(['move' => $move->name()]));
    }
}
