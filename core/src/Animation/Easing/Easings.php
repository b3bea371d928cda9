<?php

declare(strict_types=1);

namespace Ricamo\Core\Animation\Easing;

use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** Reads easings as documents write them. */
final class Easings
{
    /** The keywords of CSS Easing Functions that stand for a curve. */
    private const KEYWORDS = [
        'ease' => [0.25, 0.1, 0.25, 1],
        'ease-in' => [0.42, 0, 1, 1],
        'ease-out' => [0, 0, 0.58, 1],
        'ease-in-out' => [0.42, 0, 0.58, 1],
    ];

    /** How many easings are kept for reading again; a document writes the same few thousands of times. */
    private const KEPT = 1000;

    /** How many characters an easing may be written in. */
    private const LONGEST = 30_000;

    /** @var array<string, Easing> by how they were written */
    private static array $kept = [];

    /** @return list<string> one of each, for choosing from */
    public static function choices(): array
    {
        $choices = ['linear', 'hold', 'glide', 'jump', ...array_keys(self::KEYWORDS)];
        foreach ([...array_column(Curve::cases(), 'value'), 'back', 'elastic'] as $family) {
            foreach (Direction::cases() as $direction) {
                $choices[] = "$family-{$direction->value}";
            }
        }

        return $choices;
    }

    /** @throws Refusal for what is none */
    public static function read(Node $node): Easing
    {
        try {
            return self::parse($node->string(self::LONGEST));
        } catch (Refusal $refusal) {
            $node->refuse($refusal->getMessage());
        }
    }

    /** @throws Refusal for a name or settings that no easing has */
    public static function parse(string $text): Easing
    {
        if (! isset(self::$kept[$text])) {
            $easing = self::make($text);
            self::$kept = count(self::$kept) < self::KEPT ? self::$kept : [];
            self::$kept[$text] = $easing;
        }

        return self::$kept[$text];
    }

    /** The easing of that name and settings, or null. */
    public static function known(string $text): ?Easing
    {
        try {
            return self::$kept[$text] ?? self::parse($text);
        } catch (Refusal) {
            return null;
        }
    }

    private static function make(string $text): Easing
    {
        if (! preg_match('/^([a-z-]+?)\s*(?:\(([^()]*)\))?$/', trim($text), $parts)) {
            self::refuse($text);
        }
        $name = $parts[1];
        if ($name === 'linear' && isset($parts[2])) {
            return Piecewise::parse(explode(',', $parts[2]));
        }
        if (preg_match('/^\s*(\d+(?:\.\d+)?)\s*%\s*$/', $parts[2] ?? '', $percent) && str_starts_with($name, 'ease-')) {
            return new Eased(Direction::tryFrom(substr($name, 5)) ?? self::refuse($text), (float) $percent[1]);
        }
        $settings = self::settings($parts[2] ?? '', $text);
        $expected = fn (int ...$counts): bool => in_array(count($settings), $counts, true);

        return match (true) {
            $name === 'linear' && $expected(0) => new Linear,
            $name === 'hold' && $expected(0) => new Hold,
            $name === 'glide' && $expected(0) => new Glide,
            $name === 'jump' && $expected(0) => new Jump,
            $name === 'cubic-bezier' && $expected(4) => new CubicBezier(...$settings),
            isset(self::KEYWORDS[$name]) && $expected(0) => new CubicBezier(...self::KEYWORDS[$name]),
            default => self::family($name, $settings, $text),
        };
    }

    /** @param  list<float>  $settings */
    private static function family(string $name, array $settings, string $text): Easing
    {
        [$family, $direction] = explode('-', $name, 2) + [1 => ''];
        $direction = Direction::tryFrom($direction) ?? self::refuse($text);
        $curve = Curve::tryFrom($family);

        return match (true) {
            $family === 'back' && count($settings) <= 1 => new Back($direction, ...$settings),
            $family === 'elastic' && count($settings) <= 2 => new Elastic($direction, ...$settings),
            $curve !== null && $settings === [] => new Family($curve, $direction),
            default => self::refuse($text),
        };
    }

    /** @return list<float> */
    private static function settings(string $list, string $text): array
    {
        $settings = [];
        foreach (trim($list) === '' ? [] : explode(',', $list) as $setting) {
            $settings[] = is_numeric(trim($setting)) && is_finite((float) $setting) ? (float) $setting : self::refuse($text);
        }

        return $settings;
    }

    /** @return array<string, mixed> the JSON Schema of how one is written */
    public static function schema(): array
    {
        return [
            'type' => 'string',
            'description' => 'linear, hold, jump, glide, ease-in(s%), ease-out(s%) or ease-in-out(s%) with a strength, cubic-bezier(x1, y1, x2, y2), or a family and a direction such as cubic-out',
        ];
    }

    private static function refuse(string $text): never
    {
        throw new Refusal(
            '"'.mb_substr($text, 0, 60)
                .'" is not an easing; examples are linear, hold, glide, ease-out(75%), cubic-out, back-in-out, cubic-bezier(0.4, 0, 0.2, 1)',
        );
    }
}
