<?php

declare(strict_types=1);

namespace Ricamo\Core\Display\Filter;

use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;

/** Each channel becomes another by a table, on straight sRGB. */
final readonly class Tables implements Filter
{
    /** @var array<string, list<int>> 256 values from 0 to 255, by the channel */
    private array $channels;

    /**
     * @param  array<string, callable(float): float>  $channels  what becomes of 0 to 1, by name: red, green, blue, alpha; the others stay
     */
    private function __construct(array $channels)
    {
        $this->channels = array_map(
            fn (callable $change): array => array_map(
                fn (int $value): int => (int) round(255 * max(0.0, min(1.0, $change($value / 255)))), range(0, 255),
            ),
            $channels,
        );
    }

    /** @param  callable(float): float  $change */
    public static function ofColours(callable $change): self
    {
        return new self(['red' => $change, 'green' => $change, 'blue' => $change]);
    }

    /** @param  callable(float): float  $change */
    public static function ofAlpha(callable $change): self
    {
        return new self(['alpha' => $change]);
    }

    /** @return list<int> 256 values from 0 to 255 */
    public function of(string $channel): array
    {
        return $this->channels[$channel] ?? range(0, 255);
    }

    public function encode(): string
    {
        $tables = '';
        foreach ($this->channels as $channel => $values) {
            $tables .= ",\"$channel\":[".implode(',', $values).']';
        }

        return '{"filter":"tables"'.$tables.'}';
    }

    public function placed(Affine $space): self
    {
        return $this;
    }

    public function reach(Box $box): Box
    {
        return $box;
    }
}
