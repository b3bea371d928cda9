<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Property\Attached;
use Ricamo\Core\Property\AttachedSettings;
use Ricamo\Core\Property\References;
use Ricamo\Core\Property\Section;
use Ricamo\Core\Refusal;

/** An effect as a layer has it. What its settings are stands among the properties of the layer. */
final readonly class PlacedEffect implements Attached
{
    /** The most that a layer has. */
    public const MOST = 32;

    /** How many times they may draw what it shows, one on top of the other. */
    private const MOST_TIMES = 64;

    /** @param  string  $id  by which the layer's properties say whose they are: `e1.radius` */
    public function __construct(
        #[Field(like: '^e[0-9]{1,6}$', unlike: 'is not e and a number')]
        public string $id,
        #[Field(of: Effects::class)]
        public Effect $effect,
        #[Field]
        public bool $on = true,
    ) {
    }

    public static function read(Node $node): self
    {
        return Fields::of(self::class)->readAmong($node);
    }

    /**
     * Reads a list of them with their settings.
     *
     * @return array{list<self>, array<string, Property>}
     *
     * @throws Refusal for what are none
     */
    public static function readAll(?Node $list): array
    {
        [$effects, $settings] = AttachedSettings::read($list, self::MOST, self::read(...));
        $times = array_product(array_map(fn (self $one): int => $one->effect->times(), $effects));

        return $list !== null && $times > self::MOST_TIMES
            ? $list->refuse("would draw the layer $times times over; ".self::MOST_TIMES.' at most')
            : [$effects, $settings];
    }

    public function id(): string
    {
        return $this->id;
    }

    public function title(): string
    {
        return $this->effect->title();
    }

    public function section(): Section
    {
        return Section::Effects;
    }

    public function settings(): array
    {
        return $this->effect->settings();
    }

    public function fields(): Fields
    {
        $name = $this->effect->name();

        return Fields::of(self::class)->form($name, fn (Fields $all): Fields => $all->fixing(['effect' => $name]));
    }

    public function refersTo(): References
    {
        return new References;
    }
}
