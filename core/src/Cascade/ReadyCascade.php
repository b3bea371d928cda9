<?php

declare(strict_types=1);

namespace Ricamo\Core\Cascade;

use Ricamo\Core\Json\Node;
use Ricamo\Core\Property\PropertyDefinition;

/** A cascade with settings that are good untouched, at any type size and for any number of units. */
final readonly class ReadyCascade
{
    /**
     * @param  float  $each  seconds that one unit takes
     * @param  array<string, mixed>  $fields  and settings, as documents hold them; distances in parts of the type size
     */
    public function __construct(public string $name, public string $title, public Role $role, public float $each, public array $fields)
    {
    }

    /**
     * As documents hold it.
     *
     * @param  Units  $units  that it is spread over where it says nothing of them, or there are none of those
     * @param  list<Units>  $possible
     * @param  float  $size  pixels that the type is large, or what else is animated
     * @return array<string, mixed>
     */
    public function placed(string $id, Units $units, array $possible, float $size, int $length, int $at): array
    {
        $own = isset($this->fields['units']) && is_string($this->fields['units']) ? Units::from($this->fields['units']) : $units;
        $settings = [];
        foreach ((new PlacedCascade($id, $this->role, $units, 1))->settings() as $setting) {
            if (isset($this->fields[$setting->name])) {
                $settings[$setting->name] = self::sized($setting, $this->fields[$setting->name], $size);
            }
        }
        $fields = array_diff_key($this->fields, $settings);

        return [
            ...$fields, ...$settings,
            'id' => $id, 'as' => $this->role->value,
            'units' => (in_array($own, $possible, true) ? $own : $possible[0])->value, 'length' => $length, 'at' => $at,
        ];
    }

    /** Whether it is made for words: spread over words or lines, or for what letters alone can do. */
    public function isForWords(): bool
    {
        return array_intersect_key($this->fields, ['units' => 0, 'spaces' => 0, 'caret' => 0, 'shuffles' => 0]) !== [];
    }

    /** How much of a unit's time the next one shares, 0 to 1. */
    public function overlap(): float
    {
        $overlap = $this->fields['overlap'] ?? 60;
        assert(is_int($overlap) || is_float($overlap));

        return $overlap / 100;
    }

    /** The cascade as it would be read, for telling its units. */
    public function example(Units $units, Units ...$possible): PlacedCascade
    {
        return PlacedCascade::read((new Node($this->placed('c1', $units, array_values($possible), 100, 1, 0))));
    }

    private static function sized(PropertyDefinition $setting, mixed $value, float $size): mixed
    {
        return match (true) {
            $setting->unit !== 'px' => $value,
            is_array($value) => array_map(
                fn (mixed $part): mixed => is_int($part) || is_float($part) ? round($part * $size, 2) : $part, $value,
            ),
            default => is_int($value) || is_float($value) ? round($value * $size, 2) : $value,
        };
    }
}
