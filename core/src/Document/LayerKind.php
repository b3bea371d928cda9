<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Cascade\Units;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Move\Life;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Value\Type\NamesMedia;
use Ricamo\Core\Value\Type\ValueType;

/**
 * A kind of layer: all in which it differs from the others. Whatever deals with layers asks their kind, their content
 * or the kind's artist, and knows none of them by name.
 */
abstract class LayerKind
{
    /** Seconds that a still picture stays where nothing is said. */
    public const LASTS = 5.0;

    /** @var array<string, PropertyDefinition>|null */
    private ?array $properties = null;

    /** @var array<string, Property>|null */
    private ?array $defaults = null;

    /** @var array<string, Property>|null */
    private ?array $rare = null;

    /** @var array<string, NamesMedia>|null */
    private ?array $namingMedia = null;

    /** @var array<string, mixed>|null */
    private ?array $contentFields = null;

    /** As documents write it. */
    abstract public function name(): string;

    /** Whether the two scales of a new layer change together. */
    abstract public function linksScale(): bool;

    /** Whether layers of this kind have a place in the picture. */
    public function isSeen(): bool
    {
        return true;
    }

    /** Whether its effects are done to what lies beneath it, rather than to what it shows. */
    public function adjusts(): bool
    {
        return false;
    }

    /** Whether the others are seen through it. */
    public function looks(): bool
    {
        return false;
    }

    /** Whether it shades the others. */
    public function lights(): bool
    {
        return false;
    }

    /** Whether its layers come, stay and go by moves. */
    final public function isMoved(): bool
    {
        return $this->isSeen() || $this->looks();
    }

    /** What of a life is not for its layers, in words; null where they can lead it. */
    final public function refuses(Life $life): ?string
    {
        $unfit = $life->isPlain() ? null : $life->unfit($this->looks());

        return $unfit === null ? null : "“{$unfit}” is ".($this->looks() ? 'for what is seen, not for cameras' : 'only for cameras');
    }

    /** Whether other layers can be in it. */
    public function holdsLayers(): bool
    {
        return false;
    }

    /** @return list<Ability> what only some kinds can do, besides what is asked above */
    protected function ownAbilities(): array
    {
        return [];
    }

    /** @return list<Ability> */
    final public function abilities(): array
    {
        return [
            ...($this->isSeen() ? [Ability::Seen] : []), ...($this->holdsLayers() ? [Ability::Holds] : []),
            ...($this->adjusts() ? [Ability::Adjusts] : []), ...($this->looks() ? [Ability::Looks] : []),
            ...($this->lights() ? [Ability::Lights] : []), ...($this->canBeCut() ? [Ability::Cut] : []), ...$this->ownAbilities(),
        ];
    }

    /** The property that a layer's handles change. */
    public function pulls(Layer $layer, int|float $at): string
    {
        return 'scale';
    }

    /**
     * What makes its box as large as this, where its handles change another property than its scale.
     *
     * @param  Point  $to  its width and height in its own pixels, less than nought where it is turned over
     * @param  Point  $moved  how far the point that stays where it was moves in its own pixels
     * @return array<string, mixed> values of its properties, as documents hold them
     */
    public function sized(Layer $layer, int|float $at, Point $to, Point $moved): array
    {
        return [];
    }

    public function hasOutline(): bool
    {
        return isset($this->properties()['outline']);
    }

    /** Whether what it shows can be cut into patches. */
    final public function canBeCut(): bool
    {
        return $this->isSeen() && ! $this->adjusts();
    }

    /** @return list<Units> what cascades can be spread over in it, besides the patches of one that is cut */
    public function units(): array
    {
        return [];
    }

    /** @return list<PropertyDefinition> the properties that only this kind has */
    abstract protected function ownProperties(): array;

    /** @param  Node  $layer the layer's JSON */
    abstract public function readContent(Node $layer): Content;

    /** @return array<string, array<string, mixed>> the JSON Schema of each field of its content */
    abstract public function contentSchema(): array;

    /** @return list<string> the fields of its content that cannot be left out */
    abstract public function requiredContent(): array;

    /** What a new layer is called. @param  Node  $layer its JSON, which may hold no more than content */
    abstract public function newName(Node $layer, MediaLibrary $media): string;

    /**
     * @param  Node  $layer  its JSON, which may hold no more than content
     * @param  int  $in  the frame at which it will begin
     * @param  float  $lasts  seconds that a still picture stays
     * @return array<string, mixed> what a new layer of this kind has where nothing is said
     */
    public function newLayer(Node $layer, Composition $composition, MediaLibrary $media, int $in, float $lasts = self::LASTS): array
    {
        return [];
    }

    /** @return array<string, mixed> where new layers stand, as documents hold it: what is seen in the middle of the frame */
    public function startsAt(Composition $composition): array
    {
        return $this->isSeen() ? ['position' => [$composition->width / 2, $composition->height / 2]] : [];
    }

    /** A layer of a composition whose size has changed, where it is to stand in that. */
    public function resized(Layer $layer, Resized $by): Layer
    {
        return $this->isSeen() ? $by->placed($layer) : $layer;
    }

    /**
     * What makes a new layer lie where it is drawn, from one corner to the other.
     *
     * @param  Node  $layer  its JSON, which may hold no more than content
     * @param  Point  $from  in composition pixels; so is the other
     * @return array<string, mixed> values of its properties, as documents hold them
     */
    public function drawn(Node $layer, Point $from, Point $to): array
    {
        $middle = $from->mix($to, 0.5);

        return ['position' => [$middle->x, $middle->y]];
    }

    /** From one corner to the other of what is drawn evenly: both sides are as long as the longer one. */
    public function evened(Node $layer, Point $by): Point
    {
        $side = max(abs($by->x), abs($by->y));

        return new Point($by->x < 0 ? -$side : $side, $by->y < 0 ? -$side : $side);
    }

    /**
     * @param  ?Point  $position  where in the picture they are dropped, in composition pixels
     * @return ?array<string, mixed> the JSON of a new layer that is made of media, without its kind; null where others are for them
     */
    public function madeOf(Media $media, ?Point $position): ?array
    {
        return null;
    }

    /** @return array<string, mixed> whose keys are the fields of its content */
    final public function contentFields(): array
    {
        return $this->contentFields ??= $this->contentSchema();
    }

    /** @return array<string, Property> what each is when nothing is said, by its name */
    final public function defaults(): array
    {
        return $this->defaults ??= array_map(
            fn (PropertyDefinition $one): Property => Property::constant($one->type, $one->default), $this->properties(),
        );
    }

    /** @return array<string, Property> those that documents leave out then */
    final public function rare(): array
    {
        return $this->rare ??= array_intersect_key(
            $this->defaults(), array_filter($this->properties(), fn (PropertyDefinition $one): bool => $one->rare),
        );
    }

    /** @return array<string, NamesMedia> the types of those whose values may be media, by their names */
    final public function namingMedia(): array
    {
        return $this->namingMedia ??= array_filter(
            array_map(fn (PropertyDefinition $one): ValueType => $one->type, $this->properties()),
            fn (ValueType $type): bool => $type instanceof NamesMedia,
        );
    }

    /** @return array<string, PropertyDefinition> every property by its name */
    final public function properties(): array
    {
        return $this->properties ??= array_column(
            [
                ...($this->isSeen() ? Placement::properties(! $this->adjusts()) : []),
                ...($this->isSeen() && ! $this->adjusts() && ! $this->holdsLayers() ? Surface::properties() : []),
                ...$this->ownProperties(),
            ], null, 'name',
        );
    }
}
