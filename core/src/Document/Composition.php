<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Altered;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Json\Name;
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
     * @param  list<string>  $alone
     * @param  list<PlacedGuide>  $guides
     */
    public function __construct(
        #[Name(longest: Id::LONGEST)]
        public string $id,
        #[Name]
        public string $name,
        #[Field(least: 2, most: self::LARGEST)]
        public int $width,
        #[Field(least: 2, most: self::LARGEST)]
        public int $height,
        #[Rate]
        public FrameRate $rate,
        #[Field(least: 1, most: self::LONGEST)]
        public int $length,
        #[Background]
        public ?Colour $background = new Colour(0, 0, 0),
        #[Field]
        public Stack $layers = new Stack,
        #[MarkerList(isOfLayer: false)]
        public Markers $markers = new Markers,
        #[Field('the ids of layers that are looked at by themselves; where there are none, all are shown', longest: 2000, of: 'string')]
        public array $alone = [],
        #[Field(longest: PlacedGuide::MOST, of: PlacedGuide::class)]
        public array $guides = [],
        #[Field('how frames are exposed, where layers have motion blur', ref: 'Shutter')]
        public Shutter $shutter = new Shutter,
        #[Name('the folder that it is filed in among the compositions', 100)]
        public ?string $folder = null,
    ) {
    }

    public static function read(Node $node): self
    {
        return Fields::of(self::class)->read($node);
    }

    /** @param  Node  $node  a composition, of whose JSON all but the layers is read */
    public static function readHead(Node $node, Stack $layers): self
    {
        return self::head()->readAmong($node->allowKeys(Fields::of(self::class)->names()), ['layers' => $layers]);
    }

    /** @return array<string, mixed> */
    public function toJson(): array
    {
        return [...$this->headJson(), 'layers' => $this->layers->toJson()];
    }

    /** @return array<string, mixed> all but the layers */
    public function headJson(): array
    {
        return self::head()->write($this);
    }

    /** @return Fields<self> */
    private static function head(): Fields
    {
        return Fields::of(self::class)->form('head', fn (Fields $all): Fields => $all->without(['layers']));
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

    /** @return non-empty-list<Layer> a layer, and the groups that it is in, the nearest first */
    public function around(Layer $layer): array
    {
        return [$layer, ...array_map($this->layer(...), $this->layers->tree()->above($layer->id))];
    }

    /** Those through which it is seen; null where there are none. */
    public function cameras(): ?Cameras
    {
        return Cameras::of($this);
    }

    /** Those that shade its layers; null where there are none. */
    public function lights(): ?Lights
    {
        return Lights::of($this);
    }

    /** Whether cameras pass a layer by, with the group that it is in. */
    public function isPassedBy(Layer $layer): bool
    {
        $above = $this->layers->tree()->above($layer->id);

        return ($above === [] ? $layer : $this->layer(end($above)))->switches->flat;
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

    /** Where a layer itself stands: the matrix from its own pixels to those of the picture, all groups around it included. */
    public function spaceOf(Layer $layer, int|float $at): Affine
    {
        return $this->space($layer->id, $at)->after($layer->matrix($at));
    }

    /**
     * A distance in the composition's pixels, as a layer's placement counts it.
     *
     * @throws Refusal where it is in a group that is scaled to nothing
     */
    public function asCounted(Point $by, string $layer, int $frame): Point
    {
        $around = View::around($this->layer($layer), $this, $frame);
        if ($around !== null) {
            $by = $around->isFlat() ? new Point(0, 0) : $around->inverse()->applyToDistance($by);
        }

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
     * A copy that refers to the new ids of media.
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
        return Altered::copy($this, ['id' => $id]);
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

    /**
     * @param  array{name?: string, width?: int, height?: int, rate?: FrameRate, length?: int, background?: ?Colour,
     *     layers?: Stack, markers?: Markers, alone?: list<string>, guides?: list<PlacedGuide>, shutter?: Shutter}  $fields
     */
    public function with(array $fields): self
    {
        return Altered::copy($this, $fields);
    }

    private function miss(string $layerId): never
    {
        throw new Refusal("there is no layer \"$layerId\" in \"{$this->name}\"");
    }
}
