<?php

declare(strict_types=1);

namespace Ricamo\Core\Path;

use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Refusal;

/** Reads path data as SVG 1.1 § 8.3 defines it: all commands, relative ones, and numbers written as close as they may be. */
final class SvgPath
{
    private const TAKES = ['M' => 2, 'L' => 2, 'H' => 1, 'V' => 1, 'C' => 6, 'S' => 4, 'Q' => 4, 'T' => 2, 'A' => 7, 'Z' => 0];

    private string $commands = '';

    /** @var list<float> */
    private array $coordinates = [];

    private float $x = 0;

    private float $y = 0;

    private float $startX = 0;

    private float $startY = 0;

    /** The last handle, of which a smooth command takes the mirror image; the present point where there is none. */
    private float $handleX = 0;

    private float $handleY = 0;

    private string $last = '';

    private function __construct(private readonly int $most)
    {
    }

    /**
     * A path that breaks off is drawn up to there, as the standard has it.
     *
     * @param  int  $most  the most commands
     *
     * @throws Refusal for more than that
     */
    public static function parse(string $data, int $most): Path
    {
        $reader = new self($most);
        preg_match_all('/([MmLlHhVvCcSsQqTtAaZz])([^MmLlHhVvCcSsQqTtAaZz]*)/', $data, $parts, PREG_SET_ORDER);
        foreach ($parts as $index => [, $command, $text]) {
            if ($index === 0 && strtoupper($command) !== 'M') {
                break;
            }
            if (! $reader->take($command, self::numbers($text, strtoupper($command) === 'A'))) {
                break;
            }
        }

        return new Path($reader->commands, $reader->coordinates);
    }

    /** @return list<float> */
    public static function numbers(string $text, bool $isArc = false): array
    {
        if ($isArc) {
            // The two flags of an arc are one digit each, and may stand right before the next number.
            $number = '[+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?';
            preg_match_all(
                "/($number)[\s,]*($number)[\s,]*($number)[\s,]*([01])[\s,]*([01])[\s,]*($number)[\s,]*($number)/",
                $text,
                $arcs,
                PREG_SET_ORDER,
            );

            return array_merge(...array_map(fn (array $arc): array => array_map(floatval(...), array_slice($arc, 1)), $arcs));
        }
        preg_match_all('/[+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?/', $text, $found);

        return array_map(floatval(...), $found[0]);
    }

    /**
     * @param  list<float>  $numbers
     * @return bool whether all of it could be read
     */
    private function take(string $command, array $numbers): bool
    {
        $kind = strtoupper($command);
        $isRelative = $kind !== $command;
        $takes = self::TAKES[$kind];
        if ($takes === 0) {
            $this->close();

            return $numbers === [];
        }
        foreach (array_chunk($numbers, $takes) as $index => $chunk) {
            if (count($chunk) < $takes || strlen($this->commands) >= $this->most) {
                return strlen($this->commands) < $this->most ? false : throw new Refusal('its outlines have too many points');
            }
            // Further pairs of a move are lines.
            $this->draw($kind === 'M' && $index > 0 ? 'L' : $kind, $chunk, $isRelative);
        }

        return $numbers !== [];
    }

    /** @param  list<float>  $n */
    private function draw(string $kind, array $n, bool $isRelative): void
    {
        [$ox, $oy] = $isRelative ? [$this->x, $this->y] : [0.0, 0.0];
        match ($kind) {
            'M' => $this->move($n[0] + $ox, $n[1] + $oy),
            'L' => $this->line($n[0] + $ox, $n[1] + $oy),
            'H' => $this->line($n[0] + $ox, $this->y),
            'V' => $this->line($this->x, $n[0] + $oy),
            'C' => $this->curve($n[0] + $ox, $n[1] + $oy, $n[2] + $ox, $n[3] + $oy, $n[4] + $ox, $n[5] + $oy),
            'S' => $this->curve(...[...$this->mirrored('CS'), $n[0] + $ox, $n[1] + $oy, $n[2] + $ox, $n[3] + $oy]),
            'Q' => $this->quadratic($n[0] + $ox, $n[1] + $oy, $n[2] + $ox, $n[3] + $oy),
            'T' => $this->quadratic(...[...$this->mirrored('QT'), $n[0] + $ox, $n[1] + $oy]),
            default => $this->arc($n[0], $n[1], $n[2], $n[3] !== 0.0, $n[4] !== 0.0, $n[5] + $ox, $n[6] + $oy),
        };
        $this->last = $kind;
    }

    private function move(float $x, float $y): void
    {
        $this->put('M', $x, $y);
        [$this->startX, $this->startY, $this->x, $this->y] = [$x, $y, $x, $y];
    }

    private function line(float $x, float $y): void
    {
        $this->reopen();
        $this->put('L', $x, $y);
        [$this->x, $this->y] = [$x, $y];
    }

    private function curve(float $x1, float $y1, float $x2, float $y2, float $x, float $y): void
    {
        $this->reopen();
        $this->put('C', $x1, $y1, $x2, $y2, $x, $y);
        [$this->handleX, $this->handleY, $this->x, $this->y] = [$x2, $y2, $x, $y];
    }

    /** A quadratic curve is a cubic one whose handles stand two thirds of the way to its only handle. */
    private function quadratic(float $hx, float $hy, float $x, float $y): void
    {
        $this->curve(
            $this->x + 2 / 3 * ($hx - $this->x), $this->y + 2 / 3 * ($hy - $this->y),
            $x + 2 / 3 * ($hx - $x), $y + 2 / 3 * ($hy - $y), $x, $y,
        );
        [$this->handleX, $this->handleY] = [$hx, $hy];
    }

    /** An arc of an ellipse, after SVG 1.1 appendix F.6; each quarter of it at most is one curve. */
    private function arc(float $rx, float $ry, float $degrees, bool $large, bool $sweep, float $x, float $y): void
    {
        [$rx, $ry] = [abs($rx), abs($ry)];
        if ($rx < 1e-9 || $ry < 1e-9 || ($x === $this->x && $y === $this->y)) {
            $this->line($x, $y);

            return;
        }
        $turn = deg2rad($degrees);
        [$cos, $sin] = [cos($turn), sin($turn)];
        [$dx, $dy] = [($this->x - $x) / 2, ($this->y - $y) / 2];
        [$px, $py] = [$cos * $dx + $sin * $dy, -$sin * $dx + $cos * $dy];
        // Radii that are too small to reach grow until they do.
        $lack = sqrt(($px / $rx) ** 2 + ($py / $ry) ** 2);
        [$rx, $ry] = $lack > 1 ? [$rx * $lack, $ry * $lack] : [$rx, $ry];
        $root = sqrt(max(0, (($rx * $ry) ** 2 - ($rx * $py) ** 2 - ($ry * $px) ** 2) / (($rx * $py) ** 2 + ($ry * $px) ** 2)));
        $root = $large === $sweep ? -$root : $root;
        [$cx, $cy] = [$root * $rx * $py / $ry, -$root * $ry * $px / $rx];
        $from = atan2(($py - $cy) / $ry, ($px - $cx) / $rx);
        $span = atan2((-$py - $cy) / $ry, (-$px - $cx) / $rx) - $from;
        $span += $sweep && $span < 0 ? 2 * M_PI : (! $sweep && $span > 0 ? -2 * M_PI : 0);
        $pieces = (int) ceil(abs($span) / (M_PI / 2) - 1e-9);
        $middle = [($this->x + $x) / 2, ($this->y + $y) / 2];
        $place = fn (float $u, float $v): array => [
            $cos * ($cx + $rx * $u) - $sin * ($cy + $ry * $v) + $middle[0],
            $sin * ($cx + $rx * $u) + $cos * ($cy + $ry * $v) + $middle[1],
        ];
        for ($piece = 0; $piece < max(1, $pieces); $piece++) {
            [$a, $b] = [$from + $span * $piece / $pieces, $from + $span * ($piece + 1) / $pieces];
            $reach = 4 / 3 * tan(($b - $a) / 4);
            $end = $piece === $pieces - 1 ? [$x, $y] : $place(cos($b), sin($b));
            $this->curve(
                ...$place(cos($a) - $reach * sin($a), sin($a) + $reach * cos($a)),
                ...$place(cos($b) + $reach * sin($b), sin($b) - $reach * cos($b)),
                ...$end,
            );
        }
    }

    private function close(): void
    {
        if ($this->commands !== '' && ! str_ends_with($this->commands, 'Z')) {
            $this->commands .= 'Z';
        }
        [$this->x, $this->y, $this->last] = [$this->startX, $this->startY, 'Z'];
    }

    /** What goes on after a closing begins where that part began. */
    private function reopen(): void
    {
        if (str_ends_with($this->commands, 'Z')) {
            $this->put('M', $this->startX, $this->startY);
        }
    }

    /**
     * @param  string  $after  the commands whose handle counts
     * @return array{float, float}
     */
    private function mirrored(string $after): array
    {
        return $this->last !== '' && str_contains($after, $this->last)
            ? [2 * $this->x - $this->handleX, 2 * $this->y - $this->handleY]
            : [$this->x, $this->y];
    }

    private function put(string $command, float ...$numbers): void
    {
        $this->commands .= $command;
        array_push($this->coordinates, ...array_values($numbers));
    }
}
