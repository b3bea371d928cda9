<?php

declare(strict_types=1);

namespace Ricamo\Core\Line;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Display\Join;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Paint\Painted;
use Ricamo\Core\Property\Attached;
use Ricamo\Core\Property\AttachedSettings;
use Ricamo\Core\Property\References;
use Ricamo\Core\Property\Section;
use Ricamo\Core\Refusal;

/** One more outline of a layer, besides the one that all have: within its edge, without, or along it; or one more fill. */
final readonly class PlacedOutline implements Attached
{
    public const MOST = Painted::MORE;

    public function __construct(
        #[Field(like: '^o[0-9]{1,6}$', unlike: 'is not o and a number')]
        public string $id,
        #[Field]
        public OutlineSide $side = OutlineSide::Outside,
        #[Field]
        public Join $join = Join::Round,
        #[Field]
        public bool $on = true,
    ) {
    }

    /**
     * @param  string  $kind  of the layer
     * @param  bool  $hasOutline  whether layers of it have one
     * @return array{list<self>, array<string, Property>} with their settings, by the names that the layer knows them by
     *
     * @throws Refusal for what are none
     */
    public static function readAll(?Node $node, string $kind, bool $hasOutline): array
    {
        if ($node !== null && ! $hasOutline) {
            $node->refuse("a $kind layer has no outline");
        }

        return AttachedSettings::read($node, self::MOST, self::read(...));
    }

    public static function read(Node $node): self
    {
        return Fields::of(self::class)->readAmong($node);
    }

    public function id(): string
    {
        return $this->id;
    }

    public function title(): string
    {
        return ($this->side->isFill() ? 'Fill ' : 'Outline ').substr($this->id, 1);
    }

    public function section(): Section
    {
        return Section::Outlines;
    }

    public function settings(): array
    {
        return [
            Setting::colour('colour', 'Colour', '#f3e3c3'),
            Setting::pixels('width', 'Width', 8, 1000),
            Setting::percent('opacity', 'Opacity', 100),
            Setting::point('shift', 'Shift'),
        ];
    }

    /** How far it reaches beyond the edge that it is drawn along, in the layer's own pixels, where its settings come to these. */
    public function reach(Values $values): float
    {
        if ($values->number('opacity') <= 0) {
            return 0.0;
        }
        $shift = $values->point('shift');
        $width = max(0.0, $values->number('width'));
        $beyond = match ($this->side) {
            OutlineSide::Inside => 0.0,
            OutlineSide::Centre => $width / 2,
            default => $width,
        };

        return $beyond + hypot($shift->x, $shift->y);
    }

    public function fields(): Fields
    {
        return Fields::of(self::class);
    }

    public function refersTo(): References
    {
        return new References;
    }
}
