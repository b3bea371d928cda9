<?php

declare(strict_types=1);

namespace Ricamo\Core\Value\Type;

use Ricamo\Core\Json\Node;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Refusal;

/** A path, written as SVG path data; one turns into another knot by knot. */
final class PathType implements ValueType
{
    /** How many read paths are kept; keyframes are read again with every edit. */
    private const KEPT = 300;

    private const FAR = 1_000_000;

    /** @var array<string, Contours> */
    private static array $kept = [];

    public function name(): string
    {
        return 'path';
    }

    /** @throws Refusal for what is none */
    public function read(Node $node, ?float $least = null, ?float $most = null): Contours
    {
        $data = $node->string(Contours::LONGEST);
        try {
            return self::parsed($data);
        } catch (Refusal $refusal) {
            $node->refuse($refusal->getMessage());
        }
    }

    public function plain(mixed $json, ?float $least, ?float $most): ?Contours
    {
        return is_string($json) ? self::$kept[$json] ?? null : null;
    }

    public function write(mixed $value): string
    {
        assert($value instanceof Contours);

        return $value->write();
    }

    public function mix(mixed $from, mixed $to, float $t): Contours
    {
        assert($from instanceof Contours && $to instanceof Contours);

        return $from->mix($to, $t);
    }

    /** Knot by knot where all three have as many. */
    public function shifted(mixed $value, mixed $from, mixed $to): Contours
    {
        assert($value instanceof Contours && $from instanceof Contours && $to instanceof Contours);

        return $value->isLike($from) && $from->isLike($to) ? $value->shifted($from, $to) : $to;
    }

    public function made(array $channels): mixed
    {
        return null;
    }

    public function travels(): bool
    {
        return false;
    }

    /** Its length: what a thread shows of it. */
    public function channels(mixed $value): array
    {
        assert($value instanceof Contours);

        return [$value->length()];
    }

    public function swatch(mixed $value): ?string
    {
        return null;
    }

    public function axes(): array
    {
        return [];
    }

    public function takesSums(): bool
    {
        return false;
    }

    public function schema(?float $least, ?float $most): array
    {
        return ['description' => 'SVG path data', 'type' => 'string', 'maxLength' => Contours::LONGEST];
    }

    private static function parsed(string $data): Contours
    {
        if (! isset(self::$kept[$data])) {
            $contours = Contours::parse($data);
            foreach ($contours->path()->coordinates as $number) {
                if (! is_finite($number) || abs($number) > self::FAR) {
                    throw new Refusal('has a point that is too far away');
                }
            }
            if ($contours->all === [] && trim($data) !== '') {
                throw new Refusal('is not path data, such as M0 0L100 0');
            }
            self::$kept = count(self::$kept) < self::KEPT ? self::$kept : [];
            self::$kept[$data] = $contours;
        }

        return self::$kept[$data];
    }
}
