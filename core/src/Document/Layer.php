<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Cascade\PlacedCascade;
use Ricamo\Core\Cascade\Role;
use Ricamo\Core\Cascade\Units;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Blend;
use Ricamo\Core\Effect\PlacedEffect;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Json\Altered;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Misfit;
use Ricamo\Core\Json\Name;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Json\ReadApart;
use Ricamo\Core\Json\Together;
use Ricamo\Core\Line\PlacedBrush;
use Ricamo\Core\Line\PlacedOutline;
use Ricamo\Core\Mask\PlacedMask;
use Ricamo\Core\Move\Life;
use Ricamo\Core\Paint\PlacedGradient;
use Ricamo\Core\Patch\PlacedPatchwork;
use Ricamo\Core\Property\Attached;
use Ricamo\Core\Property\AttachedSettings;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\PropertyJson;
use Ricamo\Core\Property\References;
use Ricamo\Core\Property\Resting;
use Ricamo\Core\Property\Valued;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Value\Length;

/**
 * One thing in the stack. Its own space has its origin at the middle of a shape or a clip, and where the first line's
 * baseline begins (or is centred, or ends, as it is aligned) for a text.
 */
final readonly class Layer implements Valued
{
    private const ID = '^[A-Za-z0-9_-]{1,64}$';

    private const NO_ID = 'is not an id; use letters, digits, - and _';

    /** The properties by which it is placed. */
    private const PLACING = ['position' => 0, 'x' => 0, 'y' => 0, 'scale' => 0, 'anchor' => 0, 'rotation' => 0];

    /** The properties that lead it out of the picture's plane. */
    private const DEPTH = ['z', 'tiltX', 'tiltY'];

    /** What makes something be seen in space, too. */
    private const REACHING = ['anchorZ', 'thickness'];

    public Markers $markers;

    /** Whether it shows what it is as it stands, and nothing is done to that: most layers do. */
    public bool $isPlain;

    /** Whether it is placed alike on every frame. */
    public bool $standsStill;

    /** Whether it may leave the picture's plane on some frame, or reach out of it. */
    public bool $hasDepth;

    /**
     * @param  array<string, Property>  $properties every property of its kind, and those of what is attached to it, by name
     * @param  ?string  $group  the id of the group that it is in
     * @param  ?Markers  $markers  counted from its in point
     */
    public function __construct(
        public string $id,
        public LayerKind $kind,
        public string $name,
        public FrameRange $span,
        public Content $content,
        public array $properties,
        public ?string $group = null,
        public Switches $switches = new Switches,
        public Exposure $exposure = new Exposure,
        public Life $life = new Life,
        public Attachments $attached = new Attachments,
        ?Markers $markers = null,
    ) {
        $this->markers = $markers ?? Markers::of();
        $this->hasDepth = $kind->isSeen()
            && (self::isDeep($properties) || ($content instanceof KeepsSpace && $content->keepsSpace()));
        $isBare = $attached->effects === [] && $attached->masks === [] && $attached->patchwork === null && $life->isPlain();
        $this->isPlain = $isBare
            && ! $kind->adjusts()
            && ! $this->hasDepth
            && ! $exposure->motionBlur
            && ! $switches->alwaysReads
            && $switches->blend === Blend::Normal;
        // What shows nothing has no pixels of its own, wherever it goes.
        $this->standsStill = ! $kind->isSeen() || $this->rests(array_keys(array_intersect_key(self::PLACING, $properties)));
    }

    /** @param  array<string, Property>  $properties */
    private static function isDeep(array $properties): bool
    {
        foreach ([...self::DEPTH, ...self::REACHING] as $name) {
            $property = $properties[$name] ?? null;
            if ($property !== null && ($property->isAnimated() || $property->values() !== [0.0])) {
                return true;
            }
        }

        return false;
    }

    /** @throws Refusal for what is no layer */
    public static function read(Node $node): self
    {
        $kind = Kinds::read($node->field('kind'));
        [$definitions, $defaults] = [$kind->properties(), $kind->defaults()];
        $fields = Fields::of(self::class);
        $node->allowKeys($fields->names() + Fields::of(Attachments::class)->names() + $kind->contentFields() + $definitions);
        $properties = [];
        foreach (self::withAxes($definitions, $node) as $name => $definition) {
            $value = $node->optional($name);
            $properties[$name] = $value === null ? $defaults[$name] : PropertyJson::read($value, $definition);
        }
        [$attached, $settings] = Attachments::read($node, $kind);

        return $fields->readAmong($node, [
            'content' => $kind->readContent($node), 'properties' => [...$properties, ...$settings], 'attached' => $attached,
            'switches' => Switches::read($node, $kind),
        ]);
    }

    /**
     * @param  array<string, Property>  $properties
     *
     * @throws Refusal where its arguments do not go together
     */
    public static function from(
        #[Field(like: self::ID, unlike: self::NO_ID)]
        string $id,
        #[Field(of: Kinds::class)]
        LayerKind $kind,
        #[Name]
        string $name,
        #[Field(least: -Composition::LONGEST, most: Composition::LONGEST)]
        int $in,
        #[Field(least: -Composition::LONGEST, most: 2 * Composition::LONGEST)]
        int $out,
        #[ReadApart]
        Content $content,
        #[ReadApart]
        array $properties,
        #[ReadApart]
        Attachments $attached,
        #[Together]
        Switches $switches,
        #[Together]
        Exposure $exposure,
        #[Together]
        Life $life,
        #[Field('the id of the group that it is in', like: self::ID, unlike: self::NO_ID)]
        ?string $group = null,
        #[MarkerList(isOfLayer: true)]
        ?Markers $markers = null,
    ): self {
        if ($out <= $in) {
            throw new Misfit('out', "$out is not after the in point $in");
        }
        $refused = $kind->refuses($life);
        if ($refused !== null) {
            throw new Misfit('kind', $refused);
        }

        return new self(
            $id, $kind, $name, new FrameRange($in, $out), $content, $properties, $group, $switches, $exposure, $life, $attached, $markers,
        );
    }

    /** What the project's schema calls layers of a kind. */
    public static function definitionOf(string $kind): string
    {
        return ucfirst($kind).'Layer';
    }

    /** @return array<string, mixed> */
    public function toJson(): array
    {
        return [
            'id' => $this->id,
            'kind' => $this->kind->name(),
            'name' => $this->name,
            'in' => $this->span->in,
            'out' => $this->span->out,
            ...($this->group === null ? [] : ['group' => $this->group]),
            ...$this->switches->toJson(),
            ...($this->markers->isEmpty() ? [] : ['markers' => $this->markers->toJson()]),
            ...$this->exposure->toJson(),
            ...$this->life->toJson(),
            ...$this->attached->toJson($this->properties),
            ...$this->content->toJson(),
            ...array_map(PropertyJson::write(...), array_diff_key($this->ownProperties(), $this->unsaid())),
        ];
    }

    /** @return array<string, Property> those that it has by its kind */
    private function ownProperties(): array
    {
        return $this->attached->all() === [] ? $this->properties : array_intersect_key($this->properties, $this->kind->properties());
    }

    /** @return array<string, true> the rare ones that are what they are when nothing is said */
    private function unsaid(): array
    {
        $unsaid = [];
        foreach ($this->kind->rare() as $name => $default) {
            $own = $this->properties[$name];
            if ($own === $default || (! $own->isAnimated() && PropertyJson::write($own) === PropertyJson::write($default))) {
                $unsaid[$name] = true;
            }
        }

        return $unsaid;
    }

    /** @return array<string, PropertyDefinition> of every property that it has */
    public function definitions(): array
    {
        $own = array_intersect_key($this->kind->properties(), $this->properties);

        return $this->attached->all() === [] ? $own : [...$own, ...AttachedSettings::definitions(...$this->attached->all())];
    }

    /**
     * With others of what is attached to it.
     *
     * @param  array{effects?: list<PlacedEffect>, masks?: list<PlacedMask>, gradients?: list<PlacedGradient>,
     *     cascades?: list<PlacedCascade>, brush?: ?PlacedBrush, outlines?: list<PlacedOutline>,
     *     patchwork?: ?PlacedPatchwork}  $things  in place of those that are there
     * @param  array<string, Property>  $settings  of these, by the names that the layer knows them by
     */
    public function having(array $things, array $settings): self
    {
        $with = $this->with(['attached' => $this->attached->with($things)]);
        $kept = array_intersect_key($this->properties, $with->definitions());

        return $with->with(['properties' => [...$kept, ...$settings]]);
    }

    /** @return array<string, string> the ids of all media that it shows or is set in, by the field that names each */
    public function media(): array
    {
        $media = [...($this->content instanceof UsesMedia ? $this->content->media() : []), ...$this->attached->media()];
        foreach ($this->mediaAsValues() as $name => $ids) {
            foreach ($ids as $index => $id) {
                $media["$name.$index"] = $id;
            }
        }

        return $media;
    }

    /** @return array<string, list<string>> the ids of media that are values of its properties, by their names */
    public function mediaAsValues(): array
    {
        $media = [];
        foreach ($this->kind->namingMedia() as $name => $type) {
            $ids = array_map($type->media(...), ($this->properties[$name] ?? null)?->values() ?? []);
            $media[$name] = array_values(array_unique(array_filter($ids, fn (?string $id): bool => $id !== null)));
        }

        return $media;
    }

    /**
     * A copy that refers to the new ids of media.
     *
     * @param  array<string, string>  $ids  the new id of each
     */
    public function usingMedia(array $ids): self
    {
        return $this->withMediaAsValues($ids)->with([
            'content' => $this->content instanceof UsesMedia ? $this->content->usingMedia($ids) : $this->content,
            'attached' => $this->attached->usingMedia($ids),
        ]);
    }

    /**
     * A copy whose properties have the new ids of media as values.
     *
     * @param  array<string, string>  $ids  the new id of each
     */
    public function withMediaAsValues(array $ids): self
    {
        $properties = $this->properties;
        foreach (array_intersect_key($this->kind->namingMedia(), $properties) as $name => $type) {
            $properties[$name] = $properties[$name]->mapValues(fn (mixed $value): mixed => $type->usingMedia($value, $ids));
        }

        return $this->with(['properties' => $properties]);
    }

    /** @return list<Units> what cascades can be spread over in it */
    public function units(): array
    {
        return [...($this->attached->patchwork === null ? [] : [Units::Patches]), ...$this->kind->units()];
    }

    /** What it and all that is attached to it refers to. */
    public function refersTo(): References
    {
        return References::all(
            $this->content->refersTo(), ...array_map(fn (Attached $one): References => $one->refersTo(), $this->attached->all()),
            ...array_map(fn (array $ids): References => new References(media: $ids), array_values($this->mediaAsValues())),
        );
    }

    /**
     * A copy that takes no mask and no number from layers that are gone.
     *
     * @param  list<string>  $ids
     */
    public function withoutLayers(array $ids): self
    {
        $masks = array_values(array_filter(
            $this->attached->masks, fn (PlacedMask $mask): bool => $mask->layer === null || ! in_array($mask->layer, $ids, true),
        ));
        $content = $this->content instanceof TakesFromLayers ? $this->content->withoutLayers($ids) : $this->content;

        return $this->having(['masks' => $masks], [])->withContent($content);
    }

    public function facts(): LayerFacts
    {
        return new LayerFacts($this->kind, $this->group, $this->refersTo(), ! $this->markers->isEmpty());
    }

    public function isSeenAt(int|float $frame): bool
    {
        return $this->switches->visible && $frame >= $this->span->in && $frame < $this->span->out && $this->kind->isSeen();
    }

    /**
     * Whether none of these have keyframes.
     *
     * @param  list<string>  $properties
     */
    public function rests(array $properties): bool
    {
        foreach ($properties as $property) {
            if ($this->properties[$property]->isAnimated()) {
                return false;
            }
        }

        return true;
    }

    /** @throws Refusal where it has no such property */
    public function value(string $property, int|float $frame): mixed
    {
        $known = $this->properties[$property] ?? null;
        if ($known !== null) {
            return $known->at($frame, $this->span);
        }
        if ($property !== Axes::TOGETHER || ! isset($this->properties['x'])) {
            throw new Refusal("“{$this->name}” is not seen and has no $property");
        }

        return new Point($this->number('x', $frame), $this->number('y', $frame));
    }

    public function span(): FrameRange
    {
        return $this->span;
    }

    /** From the layer's own space to the composition's: move the anchor to the origin, scale, rotate, move into place. */
    public function matrix(int|float $frame): Affine
    {
        if (! $this->standsStill) {
            return $this->placed($frame);
        }

        // The very same on every frame, so that what is made with it need not be made again.
        $matrix = Resting::of($this)->made[Affine::class] ??= $this->kind->isSeen() ? $this->placed($frame) : new Affine;
        assert($matrix instanceof Affine);

        return $matrix;
    }

    private function placed(int|float $frame): Affine
    {
        $properties = $this->properties;
        $scale = $properties['scale']->at($frame, $this->span);
        $anchor = $properties['anchor']->at($frame, $this->span);
        $rotation = $properties['rotation']->at($frame, $this->span);
        $position = isset($properties['position']) ? $properties['position']->at($frame, $this->span) : $this->value('position', $frame);
        assert($scale instanceof Point && $anchor instanceof Point && $position instanceof Point && is_float($rotation));

        return Affine::placing(
            $position->x,
            $position->y,
            $anchor->x,
            $anchor->y,
            $scale->x / 100,
            $scale->y / 100,
            $this->switches->turnsAlong ? $rotation + Heading::of($this, $frame) : $rotation,
        );
    }

    /**
     * How it leaves the plane in which it is placed: about where its anchor stands there.
     *
     * @return ?Space null where it lies in that plane
     */
    public function depth(int|float $frame): ?Space
    {
        if (! $this->hasDepth) {
            return null;
        }
        [$away, $tiltX, $tiltY] = array_map(fn (string $name): float => $this->number($name, $frame), self::DEPTH);
        $anchor = $this->anchorDepth($frame);
        if ($away === 0.0 && $anchor === 0.0 && fmod($tiltX, 360) === 0.0 && fmod($tiltY, 360) === 0.0) {
            return null;
        }
        $tilted = Space::tilted($this->point('position', $frame), $away, $tiltX, $tiltY);

        return $anchor === 0.0 ? $tilted : $tilted->after(Space::away(-$anchor));
    }

    /** How far behind its plane its anchor lies, in the pixels that it is placed in: as much more as it is scaled. */
    public function anchorDepth(int|float $frame): float
    {
        $depth = $this->hasDepth ? $this->number('anchorZ', $frame) : 0.0;
        $scale = $depth === 0.0 ? new Point(0, 0) : $this->point('scale', $frame);

        return $depth * sqrt(abs($scale->x * $scale->y)) / 100;
    }

    /** The same with what a move makes of it as it comes, goes or is accented, which counts after its own. */
    public function depthMoved(?Space $moved, int|float $frame): ?Space
    {
        $own = $this->depth($frame);

        return $own === null || $moved === null ? $own ?? $moved : $moved->after($own);
    }

    public function number(string $property, int|float $frame): float
    {
        // The two that are asked for most.
        $known = $this->properties[$property] ?? null;
        $value = $known === null ? $this->value($property, $frame) : $known->at($frame, $this->span);
        assert(is_float($value));

        return $value;
    }

    /** @param  float  $whole  what a share of it is measured by */
    public function length(string $property, int|float $frame, float $whole): float
    {
        $value = $this->value($property, $frame);
        assert($value instanceof Length);

        return $value->of($whole);
    }

    public function point(string $property, int|float $frame): Point
    {
        $value = $this->value($property, $frame);
        assert($value instanceof Point);

        return $value;
    }

    public function size(string $property, int|float $frame): Size
    {
        $value = $this->value($property, $frame);
        assert($value instanceof Size);

        return $value;
    }

    public function colour(string $property, int|float $frame): Colour
    {
        // The two that are asked for most.
        $known = $this->properties[$property] ?? null;
        $value = $known === null ? $this->value($property, $frame) : $known->at($frame, $this->span);
        assert($value instanceof Colour);

        return $value;
    }

    public function withProperty(string $name, Property $property): self
    {
        return $this->with(['properties' => [...$this->properties, $name => $property]]);
    }

    /** With what counts from its in point left where it is in time, while that goes to another frame. */
    public function countedFrom(int $in): self
    {
        $by = $this->span->in - $in;

        return $by === 0 ? $this : $this->with([
            'markers' => $this->markers->movedBy($by),
            'life' => $this->life->accentsMovedBy($by),
            'attached' => $this->attached->with(['cascades' => array_map(
                fn (PlacedCascade $one): PlacedCascade => $one->role === Role::Accent ? $one->with(['at' => $one->at + $by]) : $one,
                $this->attached->cascades,
            )]),
        ]);
    }

    public function withSpan(FrameRange $span): self
    {
        return $this->with(['span' => $span]);
    }

    public function withContent(Content $content): self
    {
        return $this->with(['content' => $content]);
    }

    public function named(string $name): self
    {
        return $this->with(['name' => $name]);
    }

    /** @param  array<string, mixed>  $changed  switches, and the motion blur and shutter, by their names, each of its type */
    public function switched(array $changed): self
    {
        return $this->with([
            'switches' => $this->switches->with(array_intersect_key($changed, Fields::of(Switches::class)->names())),
            'exposure' => $this->exposure->with(array_intersect_key($changed, Fields::of(Exposure::class)->names())),
        ]);
    }

    /**
     * With others of what is attached to it, whose settings it has already.
     *
     * @param  array{effects?: list<PlacedEffect>, masks?: list<PlacedMask>, gradients?: list<PlacedGradient>,
     *     cascades?: list<PlacedCascade>, brush?: ?PlacedBrush, outlines?: list<PlacedOutline>,
     *     patchwork?: ?PlacedPatchwork}  $things
     */
    public function attaching(array $things): self
    {
        return $this->with(['attached' => $this->attached->with($things)]);
    }

    /**
     * @param  array{id?: string, name?: string, span?: FrameRange, content?: Content, properties?: array<string, Property>,
     *     group?: ?string, switches?: Switches, exposure?: Exposure, life?: Life, attached?: Attachments,
     *     markers?: Markers} $changed
     */
    public function with(array $changed): self
    {
        return Altered::copy($this, $changed);
    }

    /**
     * Coming, staying and going otherwise.
     *
     * @throws Refusal where it cannot
     */
    public function living(Life $life): self
    {
        $refused = $this->kind->refuses($life);

        return $refused === null ? $this->with(['life' => $life]) : throw new Refusal($refused);
    }

    public function differsOnlyInLock(?self $other): bool
    {
        return $other !== null && $other->switched(['locked' => $this->switches->locked])->toJson() === $this->toJson();
    }

    /**
     * @param  array<string, PropertyDefinition>  $definitions  of a kind
     * @return array<string, PropertyDefinition> those that a layer has, whose place is one path, or two values
     */
    private static function withAxes(array $definitions, Node $node): array
    {
        $isApart = isset($definitions['x']) && ($node->has('x') || $node->has('y'));
        if ($isApart && $node->has(Axes::TOGETHER)) {
            $node->field(Axes::TOGETHER)->refuse('stands beside x or y, which take its place');
        }

        return array_diff_key($definitions, $isApart ? [Axes::TOGETHER => 0] : ['x' => 0, 'y' => 0]);
    }
}
