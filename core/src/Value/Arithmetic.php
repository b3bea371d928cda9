<?php

declare(strict_types=1);

namespace Ricamo\Core\Value;

use Ricamo\Core\Refusal;

/**
 * Works out what is typed into a field, such as `w/2`, `1280/8 - 12`, `50%`, `2.5t` or `1s + 6f`:
 *
 *     sum     = product {("+" | "-") product}
 *     product = factor {("*" | "/") factor}
 *     factor  = ["-" | "+"] factor | "(" sum ")" | name | number [unit]
 */
final class Arithmetic
{
    private const LONGEST = 200;

    private const DEEPEST = 40;

    private int $next = 0;

    private int $depth = 0;

    /** @param  list<string>  $tokens */
    private function __construct(private readonly string $text, private readonly array $tokens, private readonly Terms $terms)
    {
    }

    /** @throws Refusal for what cannot be worked out, with the part that is not understood */
    public static function evaluate(string $text, Terms $terms): float
    {
        if (strlen($text) > self::LONGEST) {
            throw new Refusal('longer than '.self::LONGEST.' characters');
        }
        $plain = strtr(mb_strtolower(trim($text)), ['×' => '*', '÷' => '/', '−' => '-', ',' => '.']);
        preg_match_all('~\d+\.?\d*|\.\d+|[^\W\d]+|[^\s\w]~u', $plain, $found);
        $arithmetic = new self($text, $found[0], $terms);
        $result = $arithmetic->sum();
        if (isset($arithmetic->tokens[$arithmetic->next])) {
            $arithmetic->refuse("\"{$arithmetic->tokens[$arithmetic->next]}\" is not understood there");
        }
        if (! is_finite($result)) {
            $arithmetic->refuse('it is not a finite number');
        }

        return $result;
    }

    private function sum(): float
    {
        $result = $this->product();
        while ($sign = $this->take('+', '-')) {
            $next = $this->product();
            $result += $sign === '+' ? $next : -$next;
        }

        return $result;
    }

    private function product(): float
    {
        $result = $this->factor();
        while ($sign = $this->take('*', '/')) {
            $next = $this->factor();
            if ($sign === '/' && $next === 0.0) {
                $this->refuse('nothing can be divided by nought');
            }
            $result = $sign === '*' ? $result * $next : $result / $next;
        }

        return $result;
    }

    private function factor(): float
    {
        if (++$this->depth > self::DEEPEST) {
            $this->refuse('it is too deeply nested');
        }
        $value = match ($this->take('-', '+', '(')) {
            '-' => -$this->factor(),
            '+' => $this->factor(),
            '(' => $this->parenthesis(),
            null => $this->quantity(),
        };
        $this->depth--;

        return $value;
    }

    private function parenthesis(): float
    {
        $value = $this->sum();

        return $this->take(')') === null ? $this->refuse('a parenthesis is not closed') : $value;
    }

    private function quantity(): float
    {
        $token = $this->tokens[$this->next++] ?? $this->refuse('something is missing at the end');
        if (isset($this->terms->names[$token])) {
            return $this->terms->names[$token];
        }
        if (! is_numeric($token)) {
            $this->refuse("\"$token\" is not understood");
        }
        $unit = $this->take(...array_keys($this->terms->units));

        return (float) $token * ($unit === null ? 1 : $this->terms->units[$unit]);
    }

    /**
     * @template T of string
     *
     * @param  T  ...$wanted
     * @return T|null the next token, where it is one of these
     */
    private function take(string ...$wanted): ?string
    {
        foreach ($wanted as $token) {
            if (($this->tokens[$this->next] ?? null) === $token) {
                $this->next++;

                return $token;
            }
        }

        return null;
    }

    private function refuse(string $reason): never
    {
        $known = implode(', ', [
            ...array_keys($this->terms->names), ...array_map(fn (string $unit): string => "1$unit", array_keys($this->terms->units)),
        ]);
        throw new Refusal("\"{$this->text}\" cannot be worked out: $reason (known here: $known)");
    }
}
