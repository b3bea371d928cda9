<?php

declare(strict_types=1);

namespace Ricamo\Core\Geometry;

use Ricamo\Core\Refusal;

/**
 * An outline of moves (M), lines (L), cubic Bézier curves (C) and closings (Z). Commands and coordinates stand in two
 * flat lists, because a line of text is a few hundred of them and is moved as a whole.
 */
final readonly class Path
{
    /** How many coordinates each command takes. */
    private const TAKES = ['M' => 2, 'L' => 2, 'C' => 6, 'Z' => 0];

    /**
     * How far the handles of a cubic Bézier stand from its ends, as a part of the radius, to draw a quarter circle:
     * 4/3·(√2 − 1). The largest radial error is 0.027 %.
     */
    private const QUARTER = 0.5522847498307936;

    /** @param  list<float>  $coordinates */
    public function __construct(public string $commands, public array $coordinates)
    {
    }

    public static function rectangle(Box $box, float $rounding = 0): self
    {
        [$l, $t, $r, $b] = [$box->left, $box->top, $box->right, $box->bottom];
        $radius = min($rounding, $box->width() / 2, $box->height() / 2);
        if ($radius <= 0) {
            return new self('MLLLZ', [$l, $t, $r, $t, $r, $b, $l, $b]);
        }
        $k = $radius * (1 - self::QUARTER);

        return new self('MLCLCLCLCZ', [
            $l + $radius, $t, $r - $radius, $t,
            $r - $k, $t, $r, $t + $k, $r, $t + $radius,
            $r, $b - $radius,
            $r, $b - $k, $r - $k, $b, $r - $radius, $b,
            $l + $radius, $b,
            $l + $k, $b, $l, $b - $k, $l, $b - $radius,
            $l, $t + $radius,
            $l, $t + $k, $l + $k, $t, $l + $radius, $t,
        ]);
    }

    /** @param  non-empty-list<Point>  $points */
    public static function polygon(array $points): self
    {
        return new self(
            'M'.str_repeat('L', count($points) - 1).'Z',
            array_merge(...array_map(fn (Point $point): array => [$point->x, $point->y], $points)),
        );
    }

    public static function ellipse(Box $box): self
    {
        [$l, $t, $r, $b] = [$box->left, $box->top, $box->right, $box->bottom];
        $centre = $box->centre();
        $kx = $box->width() / 2 * self::QUARTER;
        $ky = $box->height() / 2 * self::QUARTER;

        return new self('MCCCCZ', [
            $r, $centre->y,
            $r, $centre->y + $ky, $centre->x + $kx, $b, $centre->x, $b,
            $centre->x - $kx, $b, $l, $centre->y + $ky, $l, $centre->y,
            $l, $centre->y - $ky, $centre->x - $kx, $t, $centre->x, $t,
            $centre->x + $kx, $t, $r, $centre->y - $ky, $r, $centre->y,
        ]);
    }

    public function isEmpty(): bool
    {
        return $this->commands === '';
    }

    public function translated(float $x, float $y): self
    {
        $moved = [];
        foreach ($this->coordinates as $index => $value) {
            $moved[] = $value + ($index % 2 === 0 ? $x : $y);
        }

        return new self($this->commands, $moved);
    }

    public function transformed(Affine $matrix): self
    {
        if ($matrix->isIdentity()) {
            return $this;
        }
        $coordinates = [];
        for ($i = 0; $i < count($this->coordinates); $i += 2) {
            $point = $matrix->apply(new Point($this->coordinates[$i], $this->coordinates[$i + 1]));
            array_push($coordinates, $point->x, $point->y);
        }

        return new self($this->commands, $coordinates);
    }

    public function scaled(float $by): self
    {
        return new self($this->commands, array_map(fn (float $value): float => $value * $by, $this->coordinates));
    }

    /** @param  iterable<self>  $paths */
    public static function joined(iterable $paths): self
    {
        $commands = '';
        $coordinates = [];
        foreach ($paths as $path) {
            $commands .= $path->commands;
            $coordinates[] = $path->coordinates;
        }

        return new self($commands, array_merge(...$coordinates));
    }

    /** The box around all points and handles: never smaller than the outline itself. Null for an empty path. */
    public function bounds(): ?Box
    {
        $x = [];
        $y = [];
        foreach ($this->coordinates as $index => $value) {
            if ($index % 2 === 0) {
                $x[] = $value;
            } else {
                $y[] = $value;
            }
        }

        return $x === [] || $y === [] ? null : new Box(min($x), min($y), max($x), max($y));
    }

    /** SVG path data with absolute commands, to a thousandth of a unit. */
    public function data(): string
    {
        $data = '';
        $next = 0;
        foreach (str_split($this->commands) as $command) {
            $data .= $command;
            for ($i = 0, $n = self::TAKES[$command] ?? 0; $i < $n; $i++) {
                // Never a negative nothing.
                $data .= ($i > 0 ? ' ' : '').(round($this->coordinates[$next++], 3) + 0.0);
            }
        }

        return $data;
    }

    /**
     * Reads what data() writes.
     *
     * @throws Refusal for what data() does not write
     */
    public static function parse(string $data): self
    {
        preg_match_all('/([MLCZ])([^MLCZ]*)/', $data, $parts, PREG_SET_ORDER);
        $commands = '';
        $coordinates = [];
        foreach ($parts as [, $command, $numbers]) {
            $found = preg_split('/[\s,]+/', trim($numbers), -1, PREG_SPLIT_NO_EMPTY) ?: [];
            if (count($found) !== self::TAKES[$command]) {
                throw new Refusal("path data: $command takes ".self::TAKES[$command].' numbers, not '.count($found));
            }
            $commands .= $command;
            foreach ($found as $number) {
                $coordinates[] = (float) $number;
            }
        }

        return new self($commands, $coordinates);
    }

    /** A key that two paths share when, and only when, their data is the same. */
    public static function key(string $data): string
    {
        return substr(hash('xxh128', $data), 0, 16);
    }
}
