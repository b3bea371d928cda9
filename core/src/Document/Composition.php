<?php

namespace Ricamo\Core\Document;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\UsesMedia;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Time\FrameRate;

/** A picture over time: its size, rate and length, and its layers from the bottom of the stack to the top. */
final readonly class Composition
{
    /** The most frames that a composition may have: over nine hours at 30 a second. */
    public const LONGEST = 1_000_000;

    private const LARGEST = 8192;

    private const MOST_LAYERS = 2000;

    /**
     * @param  ?Colour  $background  null for a transparent one
     * @param  list<Layer>  $layers  bottom first
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $width,
        public int $height,
        public FrameRate $rate,
        public int $length,
        public ?Colour $background = new Colour(0, 0, 0),
        public array $layers = [],
    ) {
    }

    public static function read(Node $node): self
    {
        $node->allow(['id', 'name', 'width', 'height', 'rate', 'length', 'background', 'layers']);
        $layers = array_map(Layer::read(...), $node->optional('layers')?->items(self::MOST_LAYERS) ?? []);
        $seen = [];
        foreach ($layers as $index => $layer) {
            if (isset($seen[$layer->id])) {
                $node->field('layers')->items()[$index]->field('id')->refuse("\"{$layer->id}\" is already the id of another layer");
            }
            $seen[$layer->id] = true;
        }

        return new self(
            $node->field('id')->name(64),
            $node->field('name')->name(),
            $node->field('width')->int(2, self::LARGEST),
            $node->field('height')->int(2, self::LARGEST),
            self::readRate($node->field('rate')),
            $node->field('length')->int(1, self::LONGEST),
            self::readBackgroundColour($node->optional('background')),
            $layers,
        );
    }

    /** @return array<string, mixed> */
    public function toJson(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'width' => $this->width,
            'height' => $this->height,
            'rate' => (string) $this->rate,
            'length' => $this->length,
            'background' => $this->background === null ? 'transparent' : (string) $this->background,
            'layers' => array_map(fn (Layer $layer): array => $layer->toJson(), $this->layers),
        ];
    }

    public function range(): FrameRange
    {
        return new FrameRange(0, $this->length);
    }

    /** A span for reading values that do not change over time. */
    public static function anySpan(): FrameRange
    {
        return new FrameRange(0, 1);
    }

    public function indexOf(string $layerId): int
    {
        foreach ($this->layers as $index => $layer) {
            if ($layer->id === $layerId) {
                return $index;
            }
        }
        throw new Refusal("there is no layer \"$layerId\" in \"{$this->name}\"");
    }

    /** @throws Refusal where there is none */
    public function layer(string $id): Layer
    {
        return $this->layers[$this->indexOf($id)];
    }

    /** An id that no layer has: the lowest number above all that were given like this. */
    public function freeLayerId(): string
    {
        $highest = 0;
        foreach ($this->layers as $layer) {
            if (preg_match('/^l(\d{1,9})$/', $layer->id, $parts)) {
                $highest = max($highest, (int) $parts[1]);
            }
        }

        return 'l'.($highest + 1);
    }

    public function replacing(Layer $layer): self
    {
        $layers = $this->layers;
        $layers[$this->indexOf($layer->id)] = $layer;

        return $this->with(['layers' => array_values($layers)]);
    }

    /**
     * The same composition in a project where media have other ids.
     *
     * @param  array<string, string>  $ids  the new id of each
     */
    public function usingMedia(array $ids): self
    {
        return $this->with(['layers' => array_map(
            fn (Layer $layer): Layer => $layer->content instanceof UsesMedia ? $layer->withContent($layer->content->usingMedia($ids)) : $layer,
            $this->layers,
        )]);
    }

    /** @throws Refusal where the composition is full */
    public function inserting(Layer $layer, int $index): self
    {
        if (count($this->layers) >= self::MOST_LAYERS) {
            throw new Refusal('a composition holds at most '.self::MOST_LAYERS.' layers');
        }
        $layers = $this->layers;
        array_splice($layers, $index, 0, [$layer]);

        return $this->with(['layers' => $layers]);
    }

    /**
     * Reads back all that is not in $before, for a document that can be written but not read again is lost.
     *
     * @throws Refusal for a value that a document may not have
     */
    public function checkAgainst(self $before): void
    {
        $old = array_column($before->layers, null, 'id');
        self::read(new Node($this->with(['layers' => []])->toJson()));
        foreach ($this->layers as $index => $layer) {
            $known = $old[$layer->id] ?? null;
            if ($known !== $layer) {
                Layer::read(new Node($layer->toJson(), 'layers', $index));
            }
        }
    }

    /** @param  array{name?: string, width?: int, height?: int, rate?: FrameRate, length?: int, background?: ?Colour, layers?: list<Layer>}  $fields */
    public function with(array $fields): self
    {
        return new self(
            $this->id,
            $fields['name'] ?? $this->name,
            $fields['width'] ?? $this->width,
            $fields['height'] ?? $this->height,
            $fields['rate'] ?? $this->rate,
            $fields['length'] ?? $this->length,
            array_key_exists('background', $fields) ? $fields['background'] : $this->background,
            $fields['layers'] ?? $this->layers,
        );
    }

    public static function readRate(Node $node): FrameRate
    {
        try {
            return FrameRate::parse(is_int($node->value) ? (string) $node->value : $node->string());
        } catch (Refusal $refusal) {
            $node->refuse($refusal->getMessage());
        }
    }

    public static function readBackgroundColour(?Node $node): ?Colour
    {
        if ($node === null || $node->value === 'transparent') {
            return $node === null ? new Colour(0, 0, 0) : null;
        }
        try {
            return Colour::parse($node->string());
        } catch (Refusal $refusal) {
            $node->refuse($refusal->getMessage());
        }
    }
}
