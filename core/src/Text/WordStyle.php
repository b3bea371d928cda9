<?php

declare(strict_types=1);

namespace Ricamo\Core\Text;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;
use Ricamo\Core\Value\Face;

/** How some of the characters of a text are set otherwise than the rest. */
final readonly class WordStyle
{
    public const FIELDS = ['font', 'size', 'colour', 'tracking', 'rise', 'case', 'underline'];

    /** The most of them that a text has. */
    public const MOST = 500;

    /**
     * @param  int  $from  the first character, counted in code points from 0
     * @param  int  $to  the first one after it
     * @param  ?string  $font  the id of a face that ships with the project
     * @param  float  $size  per cent of the type size
     * @param  float  $tracking  ‰ of an em, besides that of all
     * @param  float  $rise  per cent of the type size that they stand above the baseline
     * @param  ?string  $case  `upper` or `lower`
     */
    public function __construct(
        public int $from,
        public int $to,
        public ?string $font = null,
        public float $size = 100.0,
        public ?Colour $colour = null,
        public float $tracking = 0.0,
        public float $rise = 0.0,
        public ?string $case = null,
        public bool $underline = false,
    ) {
    }

    /** @throws Refusal for what is none */
    public static function read(Node $node): self
    {
        $node->allow(['from', 'to', ...self::FIELDS]);
        $from = $node->field('from')->int(0, 1_000_000);
        $font = $node->optional('font')?->string(64);
        $case = $node->optional('case')?->string(10);
        if ($font !== null && preg_match('/'.Face::ID.'/', $font) !== 1) {
            $node->field('font')->refuse('is not the id of a font');
        }
        if ($case !== null && ! in_array($case, ['upper', 'lower'], true)) {
            $node->field('case')->refuse('must be upper or lower');
        }

        return new self(
            $from, $node->field('to')->int($from + 1, 1_000_001), $font, $node->optional('size')?->number(1, 1000) ?? 100.0,
            self::colour($node->optional('colour')),
            $node->optional('tracking')?->number(-500, 5000) ?? 0.0, $node->optional('rise')?->number(-1000, 1000) ?? 0.0,
            $case, $node->optional('underline')?->bool() ?? false,
        );
    }

    /** @return array<string, mixed> without what is as in the rest of the text */
    public function toJson(): array
    {
        return ['from' => $this->from, 'to' => $this->to, ...array_filter([
            'font' => $this->font, 'size' => $this->size === 100.0 ? null : $this->size,
            'colour' => $this->colour === null ? null : (string) $this->colour,
            'tracking' => $this->tracking ?: null, 'rise' => $this->rise ?: null, 'case' => $this->case,
            'underline' => $this->underline ?: null,
        ], fn (mixed $value): bool => $value !== null)];
    }

    public function between(int $from, int $to): self
    {
        return new self($from, $to, $this->font, $this->size, $this->colour, $this->tracking, $this->rise, $this->case, $this->underline);
    }

    /** @return array<string, mixed> its JSON Schema */
    public static function schema(): array
    {
        $number = fn (int $least, int $most): array => ['type' => 'number', 'minimum' => $least, 'maximum' => $most];

        return ['type' => 'object', 'properties' => [
            'from' => ['description' => 'the first character', 'type' => 'integer', 'minimum' => 0],
            'to' => ['description' => 'the first one after it', 'type' => 'integer', 'minimum' => 1],
            'font' => ['type' => 'string', 'pattern' => Face::ID],
            'size' => $number(1, 1000),
            'colour' => ['type' => 'string', 'pattern' => '^#[0-9a-fA-F]{6}([0-9a-fA-F]{2})?$'],
            'tracking' => $number(-500, 5000), 'rise' => $number(-1000, 1000),
            'case' => ['type' => 'string', 'enum' => ['upper', 'lower']], 'underline' => ['type' => 'boolean'],
        ], 'required' => ['from', 'to'], 'additionalProperties' => false];
    }

    private static function colour(?Node $node): ?Colour
    {
        try {
            return $node === null ? null : Colour::parse($node->string());
        } catch (Refusal $refusal) {
            $node->refuse($refusal->getMessage());
        }
    }
}
