<?php

declare(strict_types=1);

namespace Ricamo\Raster\Text;

use Ricamo\Core\Text\Language;
use RuntimeException;

/**
 * Where the words of a language are parted: by Liang's method (Word Hy-phen-a-tion by Com-put-er, Stanford 1983) with the
 * patterns of Debian's packages. Of those in two levels, for compounds and for their parts, the second is used: the first of
 * German alone takes seconds to read.
 */
final class Patterns
{
    private const FOLDER = '/usr/share/hyphen';

    private const FILES = [
        'cs' => 'cs_CZ', 'da' => 'da_DK', 'de' => 'de_DE', 'en-GB' => 'en_GB', 'en-US' => 'en_US', 'es' => 'es_ES',
        'fr' => 'fr', 'it' => 'it_IT',
        'nl' => 'nl_NL', 'pl' => 'pl_PL', 'pt' => 'pt_PT', 'ru' => 'ru_RU', 'sv' => 'sv_SE',
    ];

    private const LEVEL = "\nNEXTLEVEL\n";

    /** Shorter words stay whole. */
    private const SHORTEST = 5;

    /** Longer ones are none. */
    private const LONGEST = 100;

    /** @var array<string, self> by the tag of the language */
    private static array $opened = [];

    /** Letters of the longest pattern. */
    private int $longest = 1;

    /** @var array<string, list<int>> for each pattern's letters, a dot being the edge of a word, the numbers between and around them */
    private array $numbers = [];

    /** Letters that stay together at the beginning and at the end of a word. */
    private int $first = 2;

    private int $last = 2;

    private function __construct(string $patterns)
    {
        foreach (explode("\n", $patterns) as $line) {
            $line = trim($line);
            if (preg_match('/^(LEFT|RIGHT)HYPHENMIN (\d+)$/', $line, $least) === 1) {
                $least[1] === 'LEFT' ? $this->first = max($this->first, (int) $least[2]) : $this->last = max($this->last, (int) $least[2]);
            } elseif (preg_match('/^[\p{L}\p{M}\d.\'’-]+$/u', $line) === 1 && preg_match('/\d/', $line) === 1) {
                $this->learn($line);
            }
        }
    }

    public static function of(Language $language): self
    {
        return self::$opened[$language->value] ??= self::open(self::FOLDER.'/hyph_'.self::FILES[$language->value].'.dic');
    }

    /** @return list<int> the bytes of a text before which a word may be parted, in order */
    public function breaks(string $text): array
    {
        preg_match_all('/\p{L}[\p{L}\p{M}]*/u', $text, $words, PREG_OFFSET_CAPTURE);
        $breaks = [];
        foreach ($words[0] as [$word, $start]) {
            foreach ($this->within($word) as $letters) {
                $breaks[] = $start + strlen(mb_substr($word, 0, $letters));
            }
        }

        return $breaks;
    }

    /** A pattern such as `.a2ch4`: 0 2 0 4 between the letters, from before the first to after the last. */
    private function learn(string $pattern): void
    {
        $letters = '';
        $numbers = [0];
        foreach (mb_str_split($pattern) as $character) {
            if (ctype_digit($character)) {
                $numbers[count($numbers) - 1] = (int) $character;
            } else {
                $letters .= $character;
                $numbers[] = 0;
            }
        }
        $this->numbers[$letters] = $numbers;
        $this->longest = max($this->longest, count($numbers) - 1);
    }

    /** @return list<int> after how many letters */
    private function within(string $word): array
    {
        $letters = ['.', ...mb_str_split(mb_strtolower($word)), '.'];
        $length = count($letters) - 2;
        // What is of another length in small letters is nobody's.
        if ($length < self::SHORTEST || $length > self::LONGEST || $length !== mb_strlen($word)) {
            return [];
        }
        $most = array_fill(0, $length + 3, 0);
        for ($from = 0; $from < $length + 2; $from++) {
            $part = '';
            for ($to = $from; $to < min($length + 2, $from + $this->longest); $to++) {
                $part .= $letters[$to];
                foreach ($this->numbers[$part] ?? [] as $index => $number) {
                    $most[$from + $index] = max($most[$from + $index], $number);
                }
            }
        }
        $breaks = [];
        for ($at = $this->first; $at <= $length - $this->last; $at++) {
            // Between the letters at and at + 1 of those with the dot before them.
            if ($most[$at + 1] % 2 === 1) {
                $breaks[] = $at;
            }
        }

        return $breaks;
    }

    private static function open(string $file): self
    {
        $patterns = @file_get_contents($file);
        if ($patterns === false) {
            throw new RuntimeException("$file is missing");
        }
        $encoding = strtoupper(trim((string) strtok($patterns, "\n")));
        $level = strrpos($patterns, self::LEVEL);
        $used = $level === false ? $patterns : substr($patterns, $level + strlen(self::LEVEL));

        return new self(
            $encoding === 'UTF-8'
                ? $used
                : (string) iconv((string) preg_replace('/^ISO(?=\d)/', 'ISO-', $encoding), 'UTF-8//IGNORE', $used),
        );
    }
}
