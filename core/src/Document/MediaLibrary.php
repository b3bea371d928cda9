<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Refusal;

/**
 * What layers of one project can show: its media, by id, those that were removed included, because what is undone may use
 * them; and its compositions.
 */
final readonly class MediaLibrary
{
    /** @param  array<string, Media>  $media */
    private function __construct(private array $media, private ?Compositions $compositions = null)
    {
    }

    public static function of(Media ...$media): self
    {
        return new self(array_column($media, null, 'id'));
    }

    /** @throws Refusal where there is none of this id */
    public function get(string $id): Media
    {
        return $this->media[$id] ?? throw new Refusal("there is no media \"$id\" in this project");
    }

    public function has(string $id): bool
    {
        return isset($this->media[$id]);
    }

    /** @return list<Media> those that are not removed */
    public function all(): array
    {
        return array_values(array_filter($this->media, fn (Media $media): bool => ! $media->removed));
    }

    public function replacing(Media $media): self
    {
        $all = $this->media;
        $all[$media->id] = $media;

        return new self($all, $this->compositions);
    }

    /** @return list<Media> those that are not the very same as in $before */
    public function changedFrom(self $before): array
    {
        return array_values(array_filter($this->media, fn (Media $media): bool => ($before->media[$media->id] ?? null) !== $media));
    }

    /** @param  callable(Media): Media  $change */
    public function map(callable $change): self
    {
        return new self(array_map($change, $this->media), $this->compositions);
    }

    public function withCompositions(Compositions $compositions): self
    {
        return new self($this->media, $compositions);
    }

    /** @throws Refusal where there is none of this id */
    public function composition(string $id): Composition
    {
        return $this->compositions?->get($id) ?? throw new Refusal("there is no composition \"$id\" in this project");
    }
}
