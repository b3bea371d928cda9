<?php

namespace Ricamo\Core\Document;

use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\UsesMedia;
use Ricamo\Core\Refusal;

/** Compositions and the media they use, as one file holds them. */
final readonly class Project
{
    public const FORMAT = 'ricamo-project';

    public const VERSION = 1;

    /** @param  non-empty-list<Composition>  $compositions */
    public function __construct(public string $name, public MediaLibrary $media, public array $compositions)
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
        $node->allow(['format', 'version', 'name', 'media', 'compositions']);
        $media = self::readMedia($node);
        $compositions = array_map(Composition::read(...), $node->field('compositions')->items(500));
        if ($compositions === []) {
            $node->field('compositions')->refuse('is empty');
        }
        self::checkReferences($node, $compositions, $media);

        return new self($node->field('name')->name(), $media, $compositions);
    }

    /** @return array<string, mixed> */
    public function toJson(): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'name' => $this->name,
            'media' => array_map(fn (Media $media): array => $media->toJson(), $this->media->all()),
            'compositions' => array_map(fn (Composition $composition): array => $composition->toJson(), $this->compositions),
        ];
    }

    /** @param  ?string  $nameOrId null for the first */
    public function composition(?string $nameOrId = null): Composition
    {
        foreach ($this->compositions as $composition) {
            if ($nameOrId === null || $composition->name === $nameOrId || $composition->id === $nameOrId) {
                return $composition;
            }
        }
        throw new Refusal("there is no composition \"$nameOrId\"");
    }

    public function replacing(Composition $changed): self
    {
        return new self($this->name, $this->media, array_map(
            fn (Composition $composition): Composition => $composition->id === $changed->id ? $changed : $composition,
            $this->compositions,
        ));
    }

    private static function readMedia(Node $node): MediaLibrary
    {
        $media = [];
        foreach ($node->optional('media')?->items(5000) ?? [] as $item) {
            $one = Media::read($item);
            if (isset($media[$one->id])) {
                $item->field('id')->refuse("\"{$one->id}\" is already the id of other media");
            }
            $media[$one->id] = $one;
        }

        return MediaLibrary::of(...array_values($media));
    }

    /** @param  list<Composition>  $compositions */
    private static function checkReferences(Node $node, array $compositions, MediaLibrary $media): void
    {
        $ids = [];
        foreach ($node->field('compositions')->items() as $index => $item) {
            $composition = $compositions[$index];
            if (isset($ids[$composition->id])) {
                $item->field('id')->refuse("\"{$composition->id}\" is already the id of another composition");
            }
            $ids[$composition->id] = true;
            foreach ($composition->layers as $at => $layer) {
                foreach ($layer->content instanceof UsesMedia ? $layer->content->media() : [] as $field => $id) {
                    if (! $media->has($id)) {
                        $item->field('layers')->items()[$at]->field($field)->refuse("there is no media \"$id\" in this project");
                    }
                }
            }
        }
    }
}
