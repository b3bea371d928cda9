<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Time\FrameRate;

/** A picture over time: its size, rate and length, and its layers from the bottom of the stack to the top. */
final readonly class Composition
{
    /** The most frames that a composition may have: over nine hours at 30 a second. */
    public const LONGEST = 1_000_000;

    private const LARGEST = 8192;

    /**
     * @param  ?Colour  $background  null for a transparent one
     * @param  list<string>  $alone  the ids of layers that are looked at by themselves; where there are none, all are shown
     * @param  list<PlacedGuide>  $guides
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $width,
        public int $height,
        public FrameRate $rate,
        public int $length,
        public ?Colour $background,
        public Stack $layers,
        public Markers $markers,
        public array $alone = [],
        public array $guides = [],
        public Shutter $shutter = new Shutter,
    ) {
    }

    public static function read(Node $node): self
    {
        $layers = $node->optional('layers');

        return self::readHead($node, $layers === null ? Stack::of() : Stack::read($layers));
    }

    /** @param  Node  $node  a composition, of whose JSON all but the layers is read */
    public static function readHead(Node $node, Stack $layers): self
    {
        $node->allow(['id', 'name', 'width', 'height', 'rate', 'length', 'background', 'markers', 'alone', 'guides', 'shutter', 'layers']);

        return new self(
            $node->field('id')->name(64),
            $node->field('name')->name(),
            $node->field('width')->int(2, self::LARGEST),
            $node->field('height')->int(2, self::LARGEST),
            self::readRate($node->field('rate')),
            $node->field('length')->int(1, self::LONGEST),
            self::readBackgroundColour($node->optional('background')),
            $layers,
            Markers::read($node->optional('markers')),
            array_map(fn (Node $id): string => $id->string(64), $node->optional('alone')?->items(2000) ?? []),
            array_map(PlacedGuide::read(...), $node->optional('guides')?->items(PlacedGuide::MOST) ?? []),
            Shutter::read($node->has('shutter') ? $node->field('shutter') : new Node([])),
        );
    }

    /** @return array<string, mixed> */
    public function toJson(): array
    {
        return [...$this->headJson(), 'layers' => $this->layers->toJson()];
    }

    /** @return array<string, mixed> all but the layers */
    public function headJson(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'width' => $this->width,
            'height' => $this->height,
            'rate' => (string) $this->rate,
            'length' => $this->length,
            'background' => $this->background === null ? 'transparent' : (string) $this->background,
            'markers' => $this->markers->toJson(),
            ...($this->alone === [] ? [] : ['alone' => $this->alone]),
            ...($this->guides === [] ? [] : ['guides' => array_map(fn (PlacedGuide $guide): array => $guide->toJson(), $this->guides)]),
            ...($this->shutter == new Shutter ? [] : ['shutter' => $this->shutter->toJson()]),
        ];
    }

    /** Whether a layer is left out, because others are looked at by themselves. */
    public function leavesOut(string $layer): bool
    {
        if ($this->alone === []) {
            return false;
        }
        $alone = array_filter($this->alone, $this->layers->has(...));
        $tree = $this->layers->tree();

        // Whoever looks at a group looks at what is in it, and whoever looks at a layer needs the groups that it is in.
        return $alone !== [] && array_intersect([$layer, ...$tree->above($layer), ...$tree->within($layer)], $alone) === [];
    }

    /** Whether a layer is seen or heard, where it is on. */
    public function shows(Layer $layer): bool
    {
        foreach ($this->around($layer) as $one) {
            if (! $one->switches->visible || $one->switches->reference) {
                return false;
            }
        }

        return ! $this->leavesOut($layer->id);
    }

    /** The frames on which a layer can be seen or heard: where it is on, and the groups that it is in are; null for none. */
    public function onAir(Layer $layer): ?FrameRange
    {
        $on = $layer->span;
        foreach ($this->around($layer) as $one) {
            $on = $on?->intersection($one->span);
        }

        return $on;
    }

    /** @return list<Layer> a layer, and the groups that it is in, the nearest first */
    public function around(Layer $layer): array
    {
        return [$layer, ...array_map($this->layer(...), $this->layers->tree()->above($layer->id))];
    }

    /** From the pixels that a layer's placement counts in to the composition's: through the groups that it is in. */
    public function space(string $layer, int|float $at): Affine
    {
        $space = new Affine;
        foreach ($this->layers->tree()->above($layer) as $group) {
            $space = $this->layer($group)->matrix($at)->after($space);
        }

        return $space;
    }

    /**
     * A distance in the composition's pixels, as a layer's placement counts it.
     *
     * @throws Refusal where it is in a group that is scaled to nothing
     */
    public function asCounted(Point $by, string $layer, int $frame): Point
    {
        return ! $this->layers->tree()->isGrouped($layer) ? $by : $this->space($layer, $frame)->inverse()->applyToDistance($by);
    }

    /** @return array<string, float> what may be named in the sums of its fields: its width and height in pixels, and its frames a second */
    public function names(): array
    {
        return ['w' => (float) $this->width, 'h' => (float) $this->height, 'fps' => $this->rate->perSecond()];
    }

    public function range(): FrameRange
    {
        return new FrameRange(0, $this->length);
    }

    /** The frame that stands for the whole in a small picture: late enough for what arrives to have arrived. */
    public function posterFrame(): int
    {
        return intdiv($this->length, 3);
    }

    /** @throws Refusal where there is none */
    public function indexOf(string $layerId): int
    {
        return $this->layers->indexOf($layerId) ?? $this->miss($layerId);
    }

    /** @throws Refusal where there is none */
    public function layer(string $id): Layer
    {
        return $this->layers->get($id) ?? $this->miss($id);
    }

    public function replacing(Layer $layer): self
    {
        return $this->withLayers($this->layers->replacing($layer));
    }

    /**
     * The same composition in a project where media have other ids.
     *
     * @param  array<string, string>  $ids  the new id of each
     */
    public function usingMedia(array $ids): self
    {
        return $this->withLayers($this->layers->map(
            fn (Layer $layer): Layer => $layer->media() === [] ? $layer : $layer->usingMedia($ids),
        ));
    }

    public function withId(string $id): self
    {
        return new self(
            $id,
            $this->name,
            $this->width,
            $this->height,
            $this->rate,
            $this->length,
            $this->background,
            $this->layers,
            $this->markers,
            $this->alone,
            $this->guides,
            $this->shutter,
        );
    }

    public function withLayers(Stack $layers): self
    {
        return $this->with(['layers' => $layers]);
    }

    /**
     * Locked layers are to be as they were, but for the lock.
     *
     * @throws Refusal for one that is other or gone
     */
    public function checkLocks(self $before): void
    {
        foreach ([...$this->layers->changedFrom($before->layers), ...$before->layers->goneIn($this->layers)] as $entry) {
            $was = $before->layers->get($entry->id);
            if ($was === null) {
                continue;
            }
            $locked = array_filter($before->around($was), fn (Layer $one): bool => $one->switches->locked);
            if ($locked !== [] && ! $was->differsOnlyInLock($this->layers->get($entry->id))) {
                throw new Refusal('“'.reset($locked)->name.'” is locked; unlock it first');
            }
        }
    }

    /**
     * Checks what an edit made of $before. Whatever is other is read back, for a document that can be written but not read
     * again is lost.
     *
     * @throws Refusal for a value that a document may not have, and for a locked layer that was changed
     */
    public function checkAgainst(self $before): void
    {
        $this->checkLocks($before);
        self::readHead(new Node($this->headJson()), $this->layers);
        $this->layers->tree()->check($this->layers->entries());
        foreach ($this->layers->changedFrom($before->layers) as $entry) {
            Layer::read(new Node($entry->layer()->toJson(), 'layers', $this->indexOf($entry->id)));
        }
    }

    /** @param  array{name?: string, width?: int, height?: int, rate?: FrameRate, length?: int, background?: ?Colour, layers?: Stack, markers?: Markers, alone?: list<string>, guides?: list<PlacedGuide>, shutter?: Shutter}  $fields */
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
            $fields['markers'] ?? $this->markers,
            $fields['alone'] ?? $this->alone,
            $fields['guides'] ?? $this->guides,
            $fields['shutter'] ?? $this->shutter,
        );
    }

    private function miss(string $layerId): never
    {
        throw new Refusal("there is no layer \"$layerId\" in \"{$this->name}\"");
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
