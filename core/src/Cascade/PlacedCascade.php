<?php

declare(strict_types=1);

namespace Ricamo\Core\Cascade;

use Ricamo\Core\Animation\Easing\Easing;
use Ricamo\Core\Animation\Easing\Easings;
use Ricamo\Core\Animation\Easing\Linear;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Property\Attached;
use Ricamo\Core\Property\AttachedSettings;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\References;
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

    /**
     * @param  string  $id  by which the layer's properties say whose they are: `c1.turn`
     * @param  int<1, max>  $every  so many letters or words are one unit
     * @param  bool  $spaces  whether a space between letters takes a turn
     * @param  int  $at  frames after the in point that it begins, or before the last frame that it ends, where it leaves
     * @param  int  $length  frames from its first unit's beginning to its last one's end
     * @param  float  $overlap  how much of one unit's time the next one shares, in per cent
     * @param  Easing  $spread  how the turns of the units are spread over its length
     * @param  bool  $caret  whether a caret stands behind the last that has come
     * @param  bool  $shuffles  whether units are other ones of the same text until they rest
     * @param  ?string  $mirrors  the id of the cascade whose arrival it is, backwards
     * @param  bool  $sameOrder  whether the first that arrived is the first that leaves, where it mirrors
     */
    public function __construct(
        public string $id,
        public Role $role,
        public Units $units,
        public int $length,
        public int $every = 1,
        public bool $spaces = false,
        public Order $order = Order::Forward,
        public int $seed = 1,
        public int $at = 0,
        public float $overlap = 60.0,
        public Easing $easing = new Linear,
        public Easing $spread = new Linear,
        public bool $caret = false,
        public bool $shuffles = false,
        public bool $on = true,
        public ?string $mirrors = null,
        public bool $sameOrder = false,
    ) {
    }

    /**
     * @param  string  $kind  of the layer
     * @param  list<Units>  $units  what there is in it to be spread over
     * @return array{list<self>, array<string, Property>} with their settings, by the names that the layer knows them by
     */
    public static function readAll(?Node $node, string $kind, array $units): array
    {
        [$cascades, $settings] = AttachedSettings::read($node, self::MOST, self::read(...));
        foreach ($cascades as $index => $cascade) {
            if ($node !== null && ! in_array($cascade->units, $units, true) && ($cascade->mirrors === null || $units === [])) {
                $node->items()[$index]->refuse("a $kind layer has no {$cascade->units->value} to be spread over");
            }
        }

        return [$cascades, $settings];
    }

    public static function read(Node $node): self
    {
        $mirrors = $node->optional('mirrors')?->string(8);

        return new self(
            preg_match('/^c\d{1,6}$/', $node->field('id')->string(8)) ? $node->field('id')->string() : $node->field('id')->refuse('is not c and a number'),
            $mirrors === null ? $node->field('as')->enum(Role::class) : Role::Leave,
            $mirrors === null ? $node->field('units')->enum(Units::class) : Units::Letters,
            $mirrors === null ? $node->field('length')->int(1, self::LONGEST) : 1,
            max(1, $node->optional('every')?->int(1, self::MOST_EVERY) ?? 1),
            $node->optional('spaces')?->bool() ?? false,
            $node->optional('order')?->enum(Order::class) ?? Order::Forward,
            $node->optional('seed')?->int(0, self::MOST_SEED) ?? 1,
            $node->optional('at')?->int(-self::LONGEST, 10 * self::LONGEST) ?? 0,
            $node->optional('overlap')?->number(0, 100) ?? 60.0,
            $node->optional('easing') === null ? new Linear : Easings::read($node->field('easing')),
            $node->optional('spread') === null ? new Linear : Easings::read($node->field('spread')),
            $node->optional('caret')?->bool() ?? false,
            $node->optional('shuffles')?->bool() ?? false,
            $node->optional('on')?->bool() ?? true,
            $mirrors,
            $node->optional('sameOrder')?->bool() ?? false,
        );
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

    public function section(): string
    {
        return 'Cascades';
    }

    public function settings(): array
    {
        return $this->mirrors !== null ? [] : [
            Setting::point('position', 'Position'),
            new PropertyDefinition('scale', new FactorsType, new Point(100, 100), -self::FAR, self::FAR, 'Scale', unit: '%'),
            Setting::angle('turn', 'Turn', 0),
            Setting::percent('opacity', 'Opacity', 0),
            Setting::pixels('blur', 'Blur', 0, 500),
            Setting::percent('gather', 'Gathered', 0, -1000, 1000),
            Setting::colour('tint', 'Tint', '#ffffff00'),
            new PropertyDefinition('weight', new NumberType, 0.0, -900, 900, 'Weight'),
            new PropertyDefinition('pivot', new PointType, new Point(50, 50), -1000, 1000, 'Pivot', unit: '%'),
            Setting::point('scatter', 'Position ±'),
            Setting::angle('scatterTurn', 'Turn ±', 0),
            Setting::percent('scatterScale', 'Scale ±', 0, 0, 1000),
        ];
    }

    public function fields(): array
    {
        return $this->mirrors === null
            ? array_fill_keys(['id', 'as', 'units', 'length', 'every', 'spaces', 'order', 'seed', 'at', 'overlap', 'easing', 'spread', 'caret', 'shuffles', 'on'], 0)
            : ['id' => 0, 'mirrors' => 0, 'sameOrder' => 0, 'on' => 0, 'at' => 0];
    }

    public function toJson(): array
    {
        if ($this->mirrors !== null) {
            return ['id' => $this->id, 'mirrors' => $this->mirrors, ...($this->at === 0 ? [] : ['at' => $this->at]), ...($this->sameOrder ? ['sameOrder' => true] : []), ...($this->on ? [] : ['on' => false])];
        }

        return [
            'id' => $this->id,
            'as' => $this->role->value,
            'units' => $this->units->value,
            'length' => $this->length,
            'overlap' => $this->overlap,
            'order' => $this->order->value,
            'easing' => (string) $this->easing,
            'spread' => (string) $this->spread,
            ...($this->every === 1 ? [] : ['every' => $this->every]),
            ...($this->spaces ? ['spaces' => true] : []),
            ...($this->order === Order::Random || $this->seed !== 1 ? ['seed' => $this->seed] : []),
            ...($this->at === 0 ? [] : ['at' => $this->at]),
            ...($this->caret ? ['caret' => true] : []),
            ...($this->shuffles ? ['shuffles' => true] : []),
            ...($this->on ? [] : ['on' => false]),
        ];
    }

    /** @param  array{at?: int, length?: int, overlap?: float, order?: Order, id?: string}  $fields */
    public function with(array $fields): self
    {
        return new self(
            $fields['id'] ?? $this->id, $this->role, $this->units, $fields['length'] ?? $this->length, $this->every, $this->spaces, $fields['order'] ?? $this->order, $this->seed,
            $fields['at'] ?? $this->at, $fields['overlap'] ?? $this->overlap, $this->easing, $this->spread, $this->caret, $this->shuffles, $this->on, $this->mirrors, $this->sameOrder,
        );
    }

    /** The same in seconds at another frame rate. */
    public function inRate(FrameRate $from, FrameRate $to): self
    {
        return $this->with(['at' => $to->nearestFrame($this->at, $from), 'length' => max(1, $to->nearestFrame($this->length, $from))]);
    }

    public function refersTo(): References
    {
        return new References;
    }
}
