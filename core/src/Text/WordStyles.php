<?php

declare(strict_types=1);

namespace Ricamo\Core\Text;

use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** The styles within a text, none over another. */
final readonly class WordStyles
{
    /** @param  list<WordStyle>  $all  in order */
    public function __construct(public array $all = [])
    {
    }

    /** @throws Refusal for what is none */
    public static function read(?Node $node): self
    {
        $all = array_map(WordStyle::read(...), $node?->items(WordStyle::MOST) ?? []);
        usort($all, fn (WordStyle $a, WordStyle $b): int => $a->from <=> $b->from);
        foreach ($all as $index => $style) {
            if ($node !== null && $index > 0 && $style->from < $all[$index - 1]->to) {
                $node->refuse("lie over each other at character {$style->from}");
            }
        }

        return new self($all);
    }

    /** @return list<array<string, mixed>> */
    public function toJson(): array
    {
        return array_map(fn (WordStyle $one): array => $one->toJson(), $this->all);
    }

    /**
     * With some characters set otherwise.
     *
     * @param  array<string, mixed>  $change  fields of a style, null for as in the rest of the text
     */
    public function with(int $from, int $to, array $change): self
    {
        $bounds = [$from, $to];
        foreach ($this->all as $style) {
            array_push($bounds, $style->from, $style->to);
        }
        sort($bounds);
        $bounds = array_values(array_unique($bounds));
        $pieces = [];
        foreach ($bounds as $index => $begin) {
            $end = $bounds[$index + 1] ?? $begin;
            if ($end <= $begin) {
                continue;
            }
            $json = array_diff_key($this->at($begin)?->toJson() ?? [], ['from' => 0, 'to' => 0]);
            $json = $begin >= $from && $end <= $to
                ? array_filter([...$json, ...$change], fn (mixed $value): bool => $value !== null && $value !== false)
                : $json;
            $piece = WordStyle::read(new Node(['from' => $begin, 'to' => $end, ...$json]));
            $fields = array_diff_key($piece->toJson(), ['from' => 0, 'to' => 0]);
            $last = $pieces[count($pieces) - 1] ?? null;
            if ($fields === []) {
                continue;
            }
            if ($last !== null && $last->to === $begin && array_diff_key($last->toJson(), ['from' => 0, 'to' => 0]) === $fields) {
                $pieces[count($pieces) - 1] = $last->between($last->from, $end);
            } else {
                $pieces[] = $piece;
            }
        }

        return new self(array_values($pieces));
    }

    public function at(int $character): ?WordStyle
    {
        foreach ($this->all as $style) {
            if ($character >= $style->from && $character < $style->to) {
                return $style;
            }
        }

        return null;
    }

    /**
     * Those of a text that was changed somewhere: what comes after it goes along, what was put in is set as what it stands in.
     */
    public function followed(string $before, string $after): self
    {
        [$old, $new] = [mb_str_split($before), mb_str_split($after)];
        $most = min(count($old), count($new));
        for ($same = 0; $same < $most && $old[$same] === $new[$same]; $same++);
        for ($tail = 0; $tail < $most - $same && $old[count($old) - 1 - $tail] === $new[count($new) - 1 - $tail]; $tail++);
        $by = count($new) - count($old);
        $end = count($old) - $tail;
        $moved = fn (int $at): int => match (true) {
            $at <= $same => $at,
            $at >= $end => $at + $by,
            // Within what is gone, where that was.
            default => min($at, count($new) - $tail),
        };

        return $this->mapped($moved);
    }

    /** @param  callable(int): int  $moved  where a character comes to stand */
    public function mapped(callable $moved): self
    {
        $kept = array_map(fn (WordStyle $one): array => [$one, $moved($one->from), $moved($one->to)], $this->all);

        return new self(array_values(array_map(
            fn (array $one): WordStyle => $one[0]->between($one[1], $one[2]),
            array_filter($kept, fn (array $one): bool => $one[2] > $one[1]),
        )));
    }
}
