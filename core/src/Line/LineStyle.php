<?php

declare(strict_types=1);

namespace Ricamo\Core\Line;

use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\Resting;
use Ricamo\Core\Property\Section;
use Ricamo\Core\Property\Valued;
use Ricamo\Core\Value\Type\FlagType;
use Ricamo\Core\Value\Type\NumberType;

/** How much of an outline is drawn, and how: what its own properties come to at a moment. */
final readonly class LineStyle
{
    private const FAR = 100_000;

    private const NAMES = ['drawBegin', 'drawEnd', 'drawOffset', 'drawTogether', 'dash', 'gap', 'dashOffset', 'taperBegin', 'taperEnd'];

    /**
     * @param  float  $begin  in per cent of its length, as are the end and the offset
     * @param  bool  $together  whether each of its lines is drawn by itself, or one after another
     * @param  float  $dash  pixels, as are the gap and the dashes' offset
     * @param  float  $taperBegin  over how much of what is drawn, in per cent, it becomes as wide as it is; the end likewise
     */
    private function __construct(
        public float $begin,
        public float $end,
        public float $offset,
        public bool $together,
        public float $dash,
        public float $gap,
        public float $dashOffset,
        public float $taperBegin,
        public float $taperEnd,
    ) {
    }

    /** @return list<PropertyDefinition> */
    public static function properties(): array
    {
        $percent = fn (
            string $name, float $default, float $least, float $most, string $title,
        ): PropertyDefinition => new PropertyDefinition(
            $name, new NumberType, $default, $least, $most, $title, Section::Line, '%', rare: true,
        );
        $pixels = fn (string $name, float $least, string $title): PropertyDefinition => new PropertyDefinition(
            $name, new NumberType, 0.0, $least, self::FAR, $title, Section::Line, 'px', rare: true,
        );

        return [
            $percent('drawBegin', 0.0, 0, 100, 'Drawn from'),
            $percent('drawEnd', 100.0, 0, 100, 'Drawn to'),
            $percent('drawOffset', 0.0, -self::FAR, self::FAR, 'Offset'),
            new PropertyDefinition('drawTogether', new FlagType, true, title: 'Lines at once', section: Section::Line, rare: true),
            $pixels('dash', 0, 'Dashes'),
            $pixels('gap', 0, 'Gaps'),
            $pixels('dashOffset', -self::FAR, 'Dash offset'),
            $percent('taperBegin', 0.0, 0, 100, 'Taper at start'),
            $percent('taperEnd', 0.0, 0, 100, 'Taper at end'),
        ];
    }

    /** Whether it is ever drawn in part or in dashes, so that even a closed outline has ends. */
    public static function parts(Valued $layer): bool
    {
        return ! $layer->rests(['drawBegin', 'drawEnd', 'dash'])
            || $layer->number('drawBegin', 0) > 0
            || $layer->number('drawEnd', 0) < 100
            || $layer->number('dash', 0) > 0;
    }

    public static function of(Valued $layer, int|float $at): self
    {
        $resting = Resting::of($layer);
        $known = $resting->made[self::class] ?? null;
        if ($known instanceof self) {
            return $known;
        }
        $made = self::at($layer, $at);

        return $known === null ? $resting->keep(self::class, $layer, self::NAMES, $made) : $made;
    }

    private static function at(Valued $layer, int|float $at): self
    {
        return new self(
            $layer->number('drawBegin', $at), $layer->number('drawEnd', $at), $layer->number('drawOffset', $at),
            $layer->value('drawTogether', $at) === true,
            $layer->number('dash', $at), $layer->number('gap', $at), $layer->number('dashOffset', $at),
            $layer->number('taperBegin', $at), $layer->number('taperEnd', $at),
        );
    }

    /** Whether all of it is drawn. */
    public function isWhole(): bool
    {
        return abs($this->end - $this->begin) >= 100;
    }

    /**
     * Which parts of lines are drawn.
     *
     * @param  list<float>  $lengths  of the lines
     * @param  list<bool>  $closed  which of them are closed
     * @return list<array{int, float, float}> the number of a line, and from where on it to where; of a closed one perhaps beyond its end
     */
    public function drawn(array $lengths, array $closed): array
    {
        [$from, $to] = [min($this->begin, $this->end) / 100, max($this->begin, $this->end) / 100];
        if ($to - $from < 1e-9) {
            return [];
        }
        $drawn = [];
        if ($this->together || count($lengths) < 2) {
            foreach ($lengths as $number => $length) {
                foreach (self::shifted($from, $to, $this->offset / 100, $closed[$number]) as [$begin, $end]) {
                    $drawn[] = [$number, $begin * $length, $end * $length];
                }
            }

            return $drawn;
        }
        $whole = array_sum($lengths);
        foreach (self::shifted($from, $to, $this->offset / 100, false) as [$begin, $end]) {
            $passed = 0.0;
            foreach ($lengths as $number => $length) {
                [$low, $high] = [max(0.0, $begin * $whole - $passed), min($length, $end * $whole - $passed)];
                if ($high - $low > 1e-9) {
                    $drawn[] = [$number, $low, $high];
                }
                $passed += $length;
            }
        }

        return $drawn;
    }

    /** @return list<array{float, float}> in shares of the length; an open line that is shifted over its end goes on from its beginning */
    private static function shifted(float $from, float $to, float $by, bool $isClosed): array
    {
        $begin = $from + $by - floor($from + $by);
        $end = $begin + $to - $from;

        return match (true) {
            $to - $from >= 1 => [[0.0, 1.0]],
            $isClosed || $end <= 1 + 1e-9 => [[$begin, $isClosed ? $end : min(1.0, $end)]],
            default => [[$begin, 1.0], [0.0, $end - 1]],
        };
    }
}
