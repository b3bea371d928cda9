<?php

namespace App\Editing;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;

/**
 * A composition as it is stored, JSON in parts: a head with the ids of the layers in their order, and a text for each
 * layer, so that after a change only the layers that are not the very same as before are written anew.
 */
final readonly class DocumentText
{
    private const FLAGS = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES;

    /** @param  array<string, string>  $layers  JSON by id, in any order */
    public function __construct(public string $head, public array $layers)
    {
    }

    public static function of(Composition $document): self
    {
        return new self(self::headOf($document), array_combine(
            array_column($document->layers, 'id'), array_map(self::layer(...), $document->layers),
        ));
    }

    /** @param  Composition  $before  what this is the text of, and what $after was made from */
    public function changed(Composition $before, Composition $after): self
    {
        $known = array_column($before->layers, null, 'id');
        $layers = [];
        foreach ($after->layers as $layer) {
            $isSame = isset($known[$layer->id]) && $known[$layer->id] === $layer;
            $layers[$layer->id] = $isSame ? $this->layers[$layer->id] : self::layer($layer);
        }

        return new self(self::headOf($after), $layers);
    }

    /** The whole composition, JSON. */
    public function whole(): string
    {
        /** @var array{layers: list<string>} $head */
        $head = json_decode($this->head, true, flags: JSON_THROW_ON_ERROR);
        $layers = array_map(fn (string $id): string => $this->layers[$id], $head['layers']);

        // The list of layers stands last in a composition.
        return substr($this->head, 0, (int) strrpos($this->head, '[')).'['.implode(',', $layers).']}';
    }

    /** @return array<string, string> the layers that are new or other than in $before */
    public function written(self $before): array
    {
        return array_filter($this->layers, fn (string $json, string $id): bool => ($before->layers[$id] ?? null) !== $json, ARRAY_FILTER_USE_BOTH);
    }

    /** @return list<string> the ids of layers that are in $before only */
    public function gone(self $before): array
    {
        return array_map(strval(...), array_keys(array_diff_key($before->layers, $this->layers)));
    }

    /**
     * @param  ?array<string, string>  $layers  some of them; all where none are named
     * @return list<array{composition_id: int, layer: string, json: string}>
     */
    public function rows(int $composition, ?array $layers = null): array
    {
        $rows = [];
        foreach ($layers ?? $this->layers as $id => $json) {
            $rows[] = ['composition_id' => $composition, 'layer' => (string) $id, 'json' => $json];
        }

        return $rows;
    }

    private static function headOf(Composition $document): string
    {
        return json_encode([...$document->with(['layers' => []])->toJson(), 'layers' => array_column($document->layers, 'id')], self::FLAGS);
    }

    private static function layer(Layer $layer): string
    {
        return json_encode($layer->toJson(), self::FLAGS);
    }
}
