<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Text;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Time\FrameRate;

/**
 * How a number is written that stands in the place of each # in words, and counts as it is keyframed, runs as a clock does, or
 * goes in step with a value.
 */
final readonly class Counting
{
    public const SIGN = '#';

    public const MOST_DECIMALS = 6;

    private const SEPARATORS = ['none' => '', 'space' => "\u{202F}", 'comma' => ',', 'point' => '.', 'apostrophe' => '’'];

    /**
     * @param  string  $group  what parts thousands, by its name
     * @param  bool  $time  whether it is a time in seconds, written as minutes and seconds, and hours where there are some
     * @param  bool  $comma  whether decimals come after a comma
     * @param  ?Clock  $runs  whether the seconds that the layer is on are added by themselves
     * @param  ?Followed  $of  a value of some layer that is added
     */
    private function __construct(
        private int $decimals,
        private string $group,
        private bool $time,
        private bool $comma,
        private ?Clock $runs,
        private ?Followed $of,
    ) {
    }

    /** @throws Refusal for what is none */
    public static function read(Node $node): self
    {
        $node->allow(['decimals', 'group', 'time', 'comma', 'runs', 'of']);
        $group = $node->optional('group')?->string(12) ?? 'none';

        return new self(
            $node->optional('decimals')?->int(0, self::MOST_DECIMALS) ?? 0,
            isset(self::SEPARATORS[$group])
                ? $group
                : $node->field('group')->refuse('must be one of '.implode(', ', array_keys(self::SEPARATORS))),
            $node->optional('time')?->bool() ?? false,
            $node->optional('comma')?->bool() ?? false,
            $node->optional('runs')?->enum(Clock::class),
            $node->optional('of') === null ? null : Followed::read($node->field('of')),
        );
    }

    /** @return array<string, mixed> */
    public function toJson(): array
    {
        return [
            'decimals' => $this->decimals,
            'group' => $this->group,
            'time' => $this->time,
            'comma' => $this->comma,
            ...($this->runs === null ? [] : ['runs' => $this->runs->value]),
            ...($this->of === null ? [] : ['of' => $this->of->toJson()]),
        ];
    }

    /** @return array<string, mixed> its JSON Schema */
    public static function schema(): array
    {
        $says = 'how a number is written that stands in the place of each # in the text';

        return ['description' => $says, 'type' => 'object', 'properties' => [
            'decimals' => ['type' => 'integer', 'minimum' => 0, 'maximum' => self::MOST_DECIMALS],
            'group' => ['description' => 'what parts thousands', 'type' => 'string', 'enum' => array_keys(self::SEPARATORS)],
            'time' => ['description' => 'whether it is a time in seconds', 'type' => 'boolean'],
            'comma' => ['description' => 'whether decimals come after a comma', 'type' => 'boolean'],
            'of' => Followed::schema(),
            'runs' => [
                'description' => 'the seconds since the layer began, or until it ends, are added to the number',
                'type' => 'string',
                'enum' => array_column(Clock::cases(), 'value'),
            ],
        ], 'additionalProperties' => false];
    }

    /** What is added to the number at a moment: seconds that run by themselves, and a value that it goes in step with. */
    public function added(FrameRange $span, int|float $at, Composition $composition): float
    {
        return ($this->runs?->seconds($span, $at, $composition->rate) ?? 0.0) + ($this->of?->value($composition, $at) ?? 0.0);
    }

    /**
     * A copy that refers to the new ids of layers.
     *
     * @param  array<string, string>  $ids  the new id of each
     */
    public function amongLayers(array $ids): self
    {
        return $this->of === null
            ? $this
            : new self(
                $this->decimals,
                $this->group,
                $this->time,
                $this->comma,
                $this->runs,
                $this->of->of($ids[$this->of->layer] ?? $this->of->layer),
            );
    }

    /** What has to be added so that it tells the same on another span. */
    public function offset(FrameRange $from, FrameRange $to, FrameRate $rate): float
    {
        return $this->runs?->offset($from, $to, $rate) ?? 0.0;
    }

    /** @return list<string> the ids of layers that it goes in step with */
    public function layers(): array
    {
        return $this->of === null ? [] : [$this->of->layer];
    }

    /** @param  list<string>  $ids  of layers that are gone: what was in step with one of them counts by itself */
    public function withoutLayers(array $ids): self
    {
        return $this->of === null || ! in_array($this->of->layer, $ids, true)
            ? $this
            : new self($this->decimals, $this->group, $this->time, $this->comma, $this->runs, null);
    }

    public function in(string $text, float $number): string
    {
        return str_replace(self::SIGN, $this->written($number), $text);
    }

    /** Rounded half away from nothing; a time is cut off, as clocks do it. */
    private function written(float $number): string
    {
        $point = $this->comma ? ',' : '.';
        if (! $this->time) {
            $written = number_format(abs($number), $this->decimals, $point, self::SEPARATORS[$this->group]);

            return ($number < 0 && preg_match('/[1-9]/', $written) === 1 ? '−' : '').$written;
        }
        $parts = 10 ** $this->decimals;
        // What is a whole number but for its last bits is one.
        $whole = (int) floor(abs($number) * $parts + 1e-6);
        [$seconds, $rest] = [intdiv($whole, $parts), $whole % $parts];
        $clock = $seconds >= 3600
            ? sprintf('%d:%02d:%02d', intdiv($seconds, 3600), intdiv($seconds, 60) % 60, $seconds % 60)
            : sprintf('%d:%02d', intdiv($seconds, 60), $seconds % 60);

        $sign = $number < 0 && $whole > 0 ? '−' : '';

        return $sign.$clock.($this->decimals > 0 ? $point.str_pad((string) $rest, $this->decimals, '0', STR_PAD_LEFT) : '');
    }
}
