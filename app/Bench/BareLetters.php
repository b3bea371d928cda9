<?php

declare(strict_types=1);

namespace App\Bench;

use Ricamo\Core\Cascade\Units;
use Ricamo\Core\Kind\Text\SetText;
use Ricamo\Core\Kind\Text\TextUnits;

/**
 * What the machine can do at best with letters: those of `CascadeBench`, from below and from the side with the motion blur that
 * their ways ask for, worked out and written as the same JSON by loops over plain arrays.
 */
final readonly class BareLetters
{
    /** Frames that the letters and the words take, and how many of its own each overlaps with the next. */
    private const LETTERS = [90, 0.85];

    private const WORDS = [95, 0.6];

    private const HEAD = '"width":1920,"height":1080,"background":"#000000",';

    /**
     * @var list<array{string, string, float, float, float, float, float, float, float, int, int, array{float, float, float,
     *     float}}> of each letter: the key of its path, its data, where its line is, its scale, two corners of its box, its number,
     *     that of its word, and the bounds of its path
     */
    private array $letters;

    /** @var list<array{float, float, float}> of each letter: the middle of its box, and after how many frames it begins */
    private array $ofLetters;

    /** @var list<array{float, float, float}> likewise */
    private array $ofWords;

    private float $eachLetter;

    private float $eachWord;

    /**
     * @param  SetText  $text  the words as they are laid out
     * @param  array{float, float}  $place  where the layer is
     */
    public function __construct(SetText $text, private array $place, private string $colour)
    {
        $units = new TextUnits;
        $letters = array_values(array_filter($units->atoms($text->block, Units::Letters), fn ($one): bool => ! $one->outline->isEmpty()));
        $words = [];
        foreach ($letters as $one) {
            $box = $text->atomBox($one);
            $key = (string) $one->word;
            $words[$key] = isset($words[$key]) ? $words[$key]->union($box) : $box;
        }
        [$this->eachLetter, $this->eachWord] = [self::each(self::LETTERS, count($letters)), self::each(self::WORDS, count($words))];
        $numbers = array_flip(array_keys($words));
        $prepared = $middles = [];
        foreach ($letters as $number => $one) {
            [$box, $line] = [$text->atomBox($one), $text->placement($one->line)];
            $prepared[] = [
                $one->outline->key, $one->outline->data, $line->e + $one->shift * $line->a, $line->f, $line->a, $box->left,
                $box->top, $box->right, $box->bottom, $number, $numbers[(string) $one->word],
                $one->outline->bounds->toJson(),
            ];
            $middles[] = [$box->centre()->x, $box->centre()->y, $number / (count($letters) - 1) * (self::LETTERS[0] - $this->eachLetter)];
        }
        $this->letters = $prepared;
        $this->ofLetters = $middles;
        $this->ofWords = array_map(
            fn ($box, int $number): array => [
                $box->centre()->x, $box->centre()->y, $number / (count($words) - 1) * (self::WORDS[0] - $this->eachWord),
            ],
            array_values($words), array_keys(array_keys($words)),
        );
    }

    /** @return string the display list of a frame before all letters have come, JSON */
    public function frame(int $frame): string
    {
        $moments = $this->moments($frame);
        $paths = [];
        [$left, $top, $right, $bottom] = [INF, INF, -INF, -INF];
        $lists = [];
        foreach ($moments as $at) {
            [$byLetter, $byWord] = $this->changes($at);
            $items = '';
            foreach ($this->letters as [$key, $data, $x, $y, $scale, , , , , $letter, $word, $bounds]) {
                $alpha = $byLetter[$letter][6] ?? 255;
                if ($alpha < 0) {
                    continue;
                }
                [$a, $b, $c, $d, $e, $f] = self::joined($byWord[$word], $byLetter[$letter]);
                [$placedX, $placedY] = [$this->place[0] + $a * $x + $c * $y + $e, $this->place[1] + $b * $x + $d * $y + $f];
                [$a, $b, $c, $d] = [$a * $scale, $b * $scale, $c * $scale, $d * $scale];
                foreach ([[0, 1], [2, 1], [2, 3], [0, 3]] as [$across, $down]) {
                    $cornerX = $a * $bounds[$across] + $c * $bounds[$down] + $placedX;
                    $cornerY = $b * $bounds[$across] + $d * $bounds[$down] + $placedY;
                    $left = $cornerX < $left ? $cornerX : $left;
                    $right = $cornerX > $right ? $cornerX : $right;
                    $top = $cornerY < $top ? $cornerY : $top;
                    $bottom = $cornerY > $bottom ? $cornerY : $bottom;
                }
                $paths[$key] = $data;
                $items .= ($items === '' ? '' : ',').'{"op":"fill","path":"'.$key.'","matrix":['.round($a, 7).','
                    .round($b, 7).','.round($c, 7).','.round($d, 7).','.round($placedX, 4).','.round($placedY, 4)
                    .'],"colour":"'.$this->colour.($alpha === 255 ? '' : sprintf('%02x', $alpha)).'"}';
            }
            $lists[] = "[$items]";
        }
        $items = count($moments) === 1
            ? $lists[0]
            : '[{"op":"samples","extent":['.round($left, 2).','.round($top, 2).','.round($right, 2).','.round($bottom, 2)
                .'],"lists":['.implode(',', $lists).']}]';

        return "{\"version\":1,\"frame\":$frame,".self::HEAD.'"paths":'.json_encode(
            (object) $paths, JSON_UNESCAPED_SLASHES,
        ).",\"items\":$items}";
    }

    /** @return non-empty-list<float> at which moments a frame is seen: as many as the longest way of any letter asks for */
    private function moments(int $frame): array
    {
        $longest = 0.0;
        $ways = $before = [];
        foreach ([1 / 6, 1 / 2, 5 / 6] as $share) {
            [$byLetter, $byWord] = $this->changes($frame + $share / 2);
            foreach ($this->letters as [, , , , , $left, $top, $right, $bottom, $letter, $word]) {
                [$a, $b, $c, $d, $e, $f] = self::joined($byWord[$word], $byLetter[$letter]);
                foreach ([[$left, $top], [$right, $bottom]] as $corner => [$x, $y]) {
                    $now = [$a * $x + $c * $y + $e, $b * $x + $d * $y + $f];
                    $was = $before[$letter][$corner] ?? $now;
                    $ways[$letter][$corner] = ($ways[$letter][$corner] ?? 0.0) + hypot($now[0] - $was[0], $now[1] - $was[1]);
                    $longest = max($longest, $ways[$letter][$corner]);
                    $before[$letter][$corner] = $now;
                }
            }
        }
        $longest *= 3 / 2;
        if ($longest < 0.5) {
            return [(float) $frame];
        }
        for ($count = 2; $count < 32 && $count * 2.5 < $longest; $count *= 2);

        return array_map(fn (int $index): float => $frame + ($index + 0.5) / $count / 2, range(0, $count - 1));
    }

    /**
     * @return array{list<?array{float, float, float, float, float, float, int}>, list<?array{float, float, float, float, float,
     *     float}>} the matrix of each letter and its alpha, -1 where nothing is seen of it; and the matrix of each word; null where
     *     it rests
     */
    private function changes(float $at): array
    {
        $letters = $words = [];
        foreach ($this->ofLetters as [$x, $y, $begins]) {
            $t = max(0.0, min(1.0, ($at - $begins) / $this->eachLetter));
            $away = (1 - $t) ** 3;
            if ($away === 0.0) {
                $letters[] = null;

                continue;
            }
            $radians = deg2rad(25 * $away);
            $scale = 1 - 0.6 * $away;
            [$cos, $sin] = [cos($radians) * $scale, sin($radians) * $scale];
            // They come in from nothing as well.
            $letters[] = [
                $cos, $sin, -$sin, $cos, $x - $cos * $x + $sin * $y, $y + 90 * $away - $sin * $x - $cos * $y,
                $away >= 1 ? -1 : (int) round(255 * (1 - $away)),
            ];
        }
        foreach ($this->ofWords as [, , $begins]) {
            $t = max(0.0, min(1.0, ($at - $begins) / $this->eachWord));
            $away = (1 - $t) ** 5;
            $words[] = $away === 0.0 ? null : [1.0, 0.0, 0.0, 1.0, -60 * $away, 0.0];
        }

        return [$letters, $words];
    }

    /**
     * First the one matrix, then the other.
     *
     * @param  ?array{float, float, float, float, float, float}  $then
     * @param  ?array{float, float, float, float, float, float, int}  $first
     * @return array{float, float, float, float, float, float}
     */
    private static function joined(?array $then, ?array $first): array
    {
        if ($then === null || $first === null) {
            return $then ?? $first ?? [1.0, 0.0, 0.0, 1.0, 0.0, 0.0];
        }
        [$a, $b, $c, $d, $e, $f] = $then;
        [$g, $h, $i, $j, $k, $l] = $first;

        return [$a * $g + $c * $h, $b * $g + $d * $h, $a * $i + $c * $j, $b * $i + $d * $j, $a * $k + $c * $l + $e, $b * $k + $d * $l + $f];
    }

    /** @param  array{int, float}  $of */
    private static function each(array $of, int $units): float
    {
        return $of[0] / (1 + ($units - 1) * (1 - $of[1]));
    }
}
