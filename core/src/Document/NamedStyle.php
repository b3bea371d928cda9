<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Name;
use Ricamo\Core\Json\Node;

/** Parts of a layer that a project keeps at hand under a name, for other layers: its paint, its cascades, how it arrives and so on. */
final readonly class NamedStyle
{
    /**
     * @param  array<string, mixed>  $layer  as documents hold it, with nothing but these parts
     * @param  non-empty-list<LayerPart>  $parts
     */
    private function __construct(public string $name, public array $layer, public array $parts)
    {
    }

    public static function read(Node $node): self
    {
        return Fields::of(self::class)->read($node);
    }

    /** @param  non-empty-list<LayerPart>  $parts */
    public static function from(
        #[Name] string $name,
        #[Field('as documents hold it; what belongs to none of the parts is left out')] Node $layer,
        #[Field('some of its parts', longest: 10, fewest: 1, of: LayerPart::class)] array $parts,
    ): self {
        $read = Layer::read($layer);
        $json = $read->toJson();
        $keys = array_merge(...array_map(fn (LayerPart $part): array => $part->keys($json, $read->kind), $parts));
        if (array_intersect_key($json, array_flip($keys)) === []) {
            $layer->refuse('has nothing of that');
        }
        $needed = ['id', 'kind', 'name', 'in', 'out', ...$read->kind->requiredContent()];

        return new self($name, array_intersect_key($json, array_flip([...$needed, ...$keys])), $parts);
    }

    /** @return array{name: string, layer: array<string, mixed>, parts: list<string>} */
    public function toJson(): array
    {
        return ['name' => $this->name, 'layer' => $this->layer, 'parts' => array_column($this->parts, 'value')];
    }
}
