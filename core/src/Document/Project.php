<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Misfit;
use Ricamo\Core\Json\Name;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Json\Together;
use Ricamo\Core\Refusal;

/** Compositions, the media they use and the colours at hand: what is edited as one, and what one file holds. */
final readonly class Project
{
    public const FORMAT = 'ricamo-project';

    public const VERSION = 1;

    private const MOST_MEDIA = 5000;

    public function __construct(
        public string $name,
        public MediaLibrary $media,
        public Compositions $compositions,
        public Kept $kept = new Kept,
    ) {
    }

    public static function parse(string $json): self
    {
        return self::read(Node::decode($json));
    }

    /** @throws Refusal for what is none */
    public static function read(Node $node): self
    {
        $format = $node->field('format');
        if ($format->value !== self::FORMAT) {
            $format->refuse('must be "'.self::FORMAT.'"');
        }

        return self::described()->read($node);
    }

    /** @return Fields<self> */
    public static function described(): Fields
    {
        return Fields::of(self::class)->fixing(['format' => self::FORMAT]);
    }

    /**
     * @param  self::FORMAT  $format
     * @param  list<Media>  $media
     *
     * @throws Refusal where something points to what is not there
     */
    public static function from(
        #[Field] string $format,
        #[Field(least: 1, most: self::VERSION)] int $version,
        #[Name] string $name,
        #[Field] Compositions $compositions,
        #[Together] Kept $kept,
        #[Field(longest: self::MOST_MEDIA, of: Media::class, ref: 'MediaFile')] array $media = [],
    ): self {
        $library = self::libraryOf($media);
        self::checkReferences($compositions, $library);
        foreach ($compositions as $index => $composition) {
            try {
                Nesting::check($composition, $library->withCompositions($compositions));
            } catch (Refusal $refusal) {
                throw new Misfit("compositions[$index]", $refusal->getMessage());
            }
        }

        return new self($name, $library, $compositions, $kept);
    }

    /** @return array<string, mixed> without what was removed */
    public function toJson(): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'name' => $this->name,
            'media' => array_map(fn (Media $media): array => $media->toJson(), $this->media->all()),
            'compositions' => array_map(
                fn (Composition $composition): array => $composition->toJson(), iterator_to_array($this->compositions),
            ),
            'swatches' => [],
            ...array_filter($this->kept->toJson()),
        ];
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
            foreach ($other->layers->where(fn (LayerFacts $facts): bool => in_array(
                $composition, $facts->refersTo->compositions, true,
            )) as $layer) {
                $placings[] = "“{$layer->name}” in “{$other->name}”";
            }
        }

        return $placings;
    }

    /**
     * @param  ?string  $nameOrId null for the first
     *
     * @throws Refusal where there is none
     */
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

    /** @param  array{name?: string, media?: MediaLibrary, compositions?: Compositions, kept?: Kept}  $fields */
    public function with(array $fields): self
    {
        return new self(
            $fields['name'] ?? $this->name,
            $fields['media'] ?? $this->media,
            $fields['compositions'] ?? $this->compositions,
            $fields['kept'] ?? $this->kept,
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
            foreach ($composition->layers->where(fn (LayerFacts $facts): bool => in_array(
                $media, $facts->refersTo->media, true,
            )) as $layer) {
                $uses[] = "“{$layer->name}” in “{$composition->name}”";
            }
        }

        return $uses;
    }

    /** @param  list<Media>  $media */
    private static function libraryOf(array $media): MediaLibrary
    {
        $known = [];
        foreach ($media as $index => $one) {
            if (isset($known[$one->id])) {
                throw new Misfit("media[$index].id", "\"{$one->id}\" is already the id of other media");
            }
            $known[$one->id] = true;
        }

        return MediaLibrary::of(...$media);
    }

    private static function checkReferences(Compositions $compositions, MediaLibrary $media): void
    {
        foreach ($compositions as $index => $composition) {
            foreach ($composition->layers as $at => $layer) {
                $place = "compositions[$index].layers[$at]";
                foreach ($layer->media() as $field => $id) {
                    if (! $media->has($id)) {
                        throw new Misfit("$place.".explode('.', $field)[0], "there is no media \"$id\" in this project");
                    }
                }
                foreach ($layer->refersTo()->compositions as $id) {
                    if (! $compositions->has($id)) {
                        $field = in_array($id, $layer->content->refersTo()->compositions, true) ? 'composition' : 'gradients';
                        throw new Misfit("$place.$field", "there is no composition \"$id\" in this project");
                    }
                }
            }
        }
    }
}
