<?php

declare(strict_types=1);

namespace Ricamo\Core\Cascade;

use Ricamo\Core\Animation\Easing\Easing;
use Ricamo\Core\Animation\Easing\Easings;
use Ricamo\Core\Animation\Easing\Linear;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Altered;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Property\Attached;
use Ricamo\Core\Property\AttachedSettings;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\References;
use Ricamo\Core\Property\Section;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRate;
use Ricamo\Core\Value\Type\FactorsType;
use Ricamo\Core\Value\Type\NumberType;
use Ricamo\Core\Value\Type\PointType;

/**
 * A cascade as a layer has it: one animation spread over units, each of which comes from, or goes to, what its settings say,
 * counted from where it rests.
 */
final readonly class PlacedCascade implements Attached
{
    /** The most that a layer has. */
    public const MOST = 16;

    public const LONGEST = 100_000;

    public const MOST_EVERY = 20;

    public const MOST_SEED = 1_000_000;

    private const FAR = 100_000;

    /** The fields of one that arrives as another does, backwards. */
    private const OF_MIRRORS = ['id', 'mirrors', 'sameOrder', 'at', 'on'];

    /**
     * @param  string  $id  by which the layer's properties say whose they are: `c1.turn`
     * @param  int<1, max>  $every
     */
    public function __construct(
        #[Field(like: '^c[0-9]{1,6}$', unlike: 'is not c and a number')]
        public string $id,
        #[Field(as: 'as')]
        public Role $role,
        #[Field]
        public Units $units,
        #[Field('frames from the beginning of its first unit to the end of its last', 1, self::LONGEST)]
        public int $length,
        #[Field('so many letters, words or layers are one unit', 1, self::MOST_EVERY)]
        public int $every = 1,
        #[Field('whether a space between letters takes a turn')]
        public bool $spaces = false,
        #[Field(always: true)]
        public Order $order = Order::Forward,
        #[Field(least: 0, most: self::MOST_SEED)]
        public int $seed = 1,
        #[Field('frames after the in point that it begins, or before the last frame that it ends', -self::LONGEST, 10 * self::LONGEST)]
        public int $at = 0,
        #[Field('how much of one unit\'s time the next one shares, in per cent', 0, 100, always: true)]
        public float $overlap = 60.0,
        #[Field(of: Easings::class, ref: 'Easing', always: true)]
        public Easing $easing = new Linear,
        #[Field('how the turns of the units are spread over its length', of: Easings::class, ref: 'Easing', always: true)]
        public Easing $spread = new Linear,
        #[Field('for so much of each unit\'s time it stays as it was thrown before it settles, in per cent', 0, 99)]
        public float $settles = 0.0,
        #[Field('whether a caret stands behind the last that has come')]
        public bool $caret = false,
        #[Field('whether units are other ones of the same text until they rest')]
        public bool $shuffles = false,
        #[Field]
        public bool $on = true,
        #[Field('the id of the one that arrives, which it is backwards', like: '^c[0-9]{1,6}$', unlike: 'is not c and a number')]
        public ?string $mirrors = null,
        #[Field('whether the first that arrived is the first that leaves')]
        public bool $sameOrder = false,
    ) {
    }

    /** @return Fields<self> what there is to say of one that is its own, or of one that mirrors another */
    private static function described(bool $mirrors): Fields
    {
        return Fields::of(self::class)->form($mirrors ? 'mirrored' : 'own', fn (Fields $all): Fields => $mirrors
            ? $all->only(self::OF_MIRRORS)->fixing([], ['mirrors'])
            : $all->without(['mirrors', 'sameOrder']));
    }

    /**
     * @param  string  $kind  of the layer
     * @param  list<Units>  $units  what there is in it to be spread over
     * @return array{list<self>, array<string, Property>} with their settings, by the names that the layer knows them by
     *
     * @throws Refusal for what are none
     */
    public static function readAll(?Node $node, string $kind, array $units): array
    {
        if ($node !== null && $units === []) {
            $node->refuse("a $kind layer has nothing that they could be spread over");
        }
        [$cascades, $settings] = AttachedSettings::read($node, self::MOST, self::read(...));
        foreach ($cascades as $index => $cascade) {
            if ($node !== null && ! in_array($cascade->units, $units, true) && $cascade->mirrors === null) {
                $node->items()[$index]->refuse("a $kind layer has no {$cascade->units->value} to be spread over");
            }
        }

        return [$cascades, $settings];
    }

    public static function read(Node $node): self
    {
        // What one is that mirrors another is what that is.
        return Altered::copy(new self('', Role::Leave, Units::Letters, 1), self::described($node->has('mirrors'))->values($node));
    }

    public function id(): string
    {
        return $this->id;
    }

    public function title(): string
    {
        if ($this->mirrors !== null) {
            return 'Leaving as it arrives';
        }

        return match ($this->role) {
            Role::Arrive => 'Arrival',
            Role::Leave => 'Leaving',
            Role::Accent => 'Accent',
        }.' of '.$this->units->value;
    }

    public function section(): Section
    {
        return Section::Cascades;
    }

    public function settings(): array
    {
        return $this->mirrors !== null ? [] : [
            Setting::point('position', 'Position'),
            new PropertyDefinition('z', new NumberType, 0.0, -self::FAR, self::FAR, 'Depth', unit: 'px'),
            new PropertyDefinition('scale', new FactorsType, new Point(100, 100), -self::FAR, self::FAR, 'Scale', unit: '%'),
            Setting::angle('turn', 'Turn', 0),
            Setting::angle('tiltX', 'Tilt about x', 0),
            Setting::angle('tiltY', 'Tilt about y', 0),
            Setting::percent('opacity', 'Opacity', 0),
            Setting::pixels('blur', 'Blur', 0, 500),
            Setting::percent('gather', 'Gathered', 0, -1000, 1000),
            Setting::colour('tint', 'Tint', '#ffffff00'),
            new PropertyDefinition('weight', new NumberType, 0.0, -900, 900, 'Weight'),
            new PropertyDefinition('pivot', new PointType, new Point(50, 50), -1000, 1000, 'Pivot', unit: '%'),
            new PropertyDefinition('origin', new PointType, new Point(50, 50), -1000, 1000, 'Comes from', unit: '%'),
            Setting::point('scatter', 'Position ±'),
            Setting::angle('scatterTurn', 'Turn ±', 0),
            Setting::angle('scatterTilt', 'Tilt ±', 0),
            Setting::percent('scatterScale', 'Scale ±', 0, 0, 1000),
        ];
    }

    public function fields(): Fields
    {
        return self::described($this->mirrors !== null);
    }

    /** @param  array{at?: int, length?: int, overlap?: float, order?: Order, id?: string}  $changed */
    public function with(array $changed): self
    {
        return Altered::copy($this, $changed);
    }

    /** A copy that begins and ends at the same seconds at another frame rate. */
    public function inRate(FrameRate $from, FrameRate $to): self
    {
        return $this->with(['at' => $to->nearestFrame($this->at, $from), 'length' => max(1, $to->nearestFrame($this->length, $from))]);
    }

    public function refersTo(): References
    {
        return new References;
    }
}
