<?php

namespace Ricamo\Core\Document;

use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** Compositions, the media they use and the colours at hand: what is edited as one, and what one file holds. */
final readonly class Project
{
    public const FORMAT = 'ricamo-project';

    public const VERSION = 1;

    private const MOST_MEDIA = 5000;

    public const MOST_SWATCHES = 200;

    public const MOST_CURVES = 200;

    public const MOST_LOOKS = 200;

    /**
     * @param  list<Swatch>  $swatches
     * @param  list<NamedCurve>  $curves
     * @param  list<NamedLook>  $looks
     */
    public function __construct(public string $name, public MediaLibrary $media, public Compositions $compositions, public array $swatches = [], public array $curves = [], public array $looks = [])
    {
    }

    public static function parse(string $json): self
    {
        return self::read(Node::decode($json));
    }

    public static function read(Node $node): self
    {
        $format = $node->field('format');
        if ($format->value !== self::FORMAT) {
            $format->refuse('must be "'.self::FORMAT.'"');
        }
        $node->field('version')->int(1, self::VERSION);
        $node->allow(['format', 'version', 'name', 'media', 'compositions', 'swatches', 'curves', 'looks']);
        $media = self::readMedia($node);
        $compositions = Compositions::read($node->field('compositions'));
        self::checkReferences($node, $compositions, $media);
        foreach ($compositions as $index => $composition) {
            try {
                Nesting::check($composition, $media->withCompositions($compositions));
            } catch (Refusal $refusal) {
                $node->field('compositions')->items()[$index]->refuse($refusal->getMessage());
            }
        }

        return new self($node->field('name')->name(), $media, $compositions, self::readSwatches($node->optional('swatches')), self::readCurves($node->optional('curves')), self::readLooks($node->optional('looks')));
    }

    /** @return list<Swatch> */
    public static function readSwatches(?Node $node): array
    {
        return array_map(Swatch::read(...), $node?->items(self::MOST_SWATCHES) ?? []);
    }

    /** @return list<NamedCurve> */
    public static function readCurves(?Node $node): array
    {
        return array_map(NamedCurve::read(...), $node?->items(self::MOST_CURVES) ?? []);
    }

    /** @return array<string, mixed> without what was removed */
    public function toJson(): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'name' => $this->name,
            'media' => array_map(fn (Media $media): array => $media->toJson(), $this->media->all()),
            'compositions' => array_map(fn (Composition $composition): array => $composition->toJson(), iterator_to_array($this->compositions)),
            'swatches' => $this->toSwatchesJson(),
            ...($this->curves === [] ? [] : ['curves' => $this->toCurvesJson()]),
            ...($this->looks === [] ? [] : ['looks' => $this->toLooksJson()]),
        ];
    }

    /** @return list<array{name: string, colour: string}> */
    public function toSwatchesJson(): array
    {
        return array_map(fn (Swatch $swatch): array => $swatch->toJson(), $this->swatches);
    }

    /** @return list<array{name: string, easing: string}> */
    public function toCurvesJson(): array
    {
        return array_map(fn (NamedCurve $curve): array => $curve->toJson(), $this->curves);
    }

    /** @return list<NamedLook> */
    public static function readLooks(?Node $node): array
    {
        return array_map(NamedLook::read(...), $node?->items(self::MOST_LOOKS) ?? []);
    }

    /** @return list<array{name: string, effects: list<array<string, mixed>>}> */
    public function toLooksJson(): array
    {
        return array_map(fn (NamedLook $look): array => $look->toJson(), $this->looks);
    }

    /** All that layers of it can show. */
    public function library(): MediaLibrary
    {
        return $this->media->withCompositions($this->compositions);
    }

    /**
     * Where a composition is placed in others.
     *
     * @return list<string> in words: the layer and its composition
     */
    public function placingsOf(string $composition): array
    {
        $placings = [];
        foreach ($this->compositions as $other) {
            foreach ($other->layers->placing() as $layer) {
                if (in_array($composition, $layer->placings(), true)) {
                    $placings[] = "“{$layer->name}” in “{$other->name}”";
                }
            }
        }

        return $placings;
    }

    /** @param  ?string  $nameOrId null for the first */
    public function composition(?string $nameOrId = null): Composition
    {
        foreach ($this->compositions->entries() as $entry) {
            if ($nameOrId === null || $entry->name === $nameOrId || $entry->id === $nameOrId) {
                return $entry->composition();
            }
        }
        throw new Refusal("there is no composition \"$nameOrId\"");
    }

    public function replacing(Composition $changed): self
    {
        return $this->with(['compositions' => $this->compositions->replacing($changed)]);
    }

    /** @param  array{name?: string, media?: MediaLibrary, compositions?: Compositions, swatches?: list<Swatch>, curves?: list<NamedCurve>, looks?: list<NamedLook>}  $fields */
    public function with(array $fields): self
    {
        return new self(
            $fields['name'] ?? $this->name,
            $fields['media'] ?? $this->media,
            $fields['compositions'] ?? $this->compositions,
            $fields['swatches'] ?? $this->swatches,
            $fields['curves'] ?? $this->curves,
            $fields['looks'] ?? $this->looks,
        );
    }

    /**
     * Where something of the media is used.
     *
     * @return list<string> in words: the layer and its composition
     */
    public function usesOf(string $media): array
    {
        $uses = [];
        foreach ($this->compositions as $composition) {
            foreach ($composition->layers->mentioning($media) as $layer) {
                if (in_array($media, $layer->media(), true)) {
                    $uses[] = "“{$layer->name}” in “{$composition->name}”";
                }
            }
        }

        return $uses;
    }

    private static function readMedia(Node $node): MediaLibrary
    {
        $media = [];
        foreach ($node->optional('media')?->items(self::MOST_MEDIA) ?? [] as $item) {
            $one = Media::read($item);
            if (isset($media[$one->id])) {
                $item->field('id')->refuse("\"{$one->id}\" is already the id of other media");
            }
            $media[$one->id] = $one;
        }

        return MediaLibrary::of(...array_values($media));
    }

    private static function checkReferences(Node $node, Compositions $compositions, MediaLibrary $media): void
    {
        foreach ($compositions as $index => $composition) {
            foreach ($composition->layers as $at => $layer) {
                foreach ($layer->media() as $field => $id) {
                    if (! $media->has($id)) {
                        self::layerIn($node, $index, $at)->field(explode('.', $field)[0])->refuse("there is no media \"$id\" in this project");
                    }
                }
                foreach ($layer->placings() as $id) {
                    if (! $compositions->has($id)) {
                        self::layerIn($node, $index, $at)->field($layer->placing()?->composition === $id ? 'composition' : 'gradients')->refuse("there is no composition \"$id\" in this project");
                    }
                }
            }
        }
    }

    private static function layerIn(Node $project, int $composition, int $layer): Node
    {
        return $project->field('compositions')->items()[$composition]->field('layers')->items()[$layer];
    }
}
