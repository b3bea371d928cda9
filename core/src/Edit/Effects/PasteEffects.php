<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Effects;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\FreeId;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Effect\PlacedEffect;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** Gives layers further effects, as documents hold them, behind those that they have, with ids of their own. */
final readonly class PasteEffects implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Field(longest: PlacedEffect::MOST, ref: 'Effect', many: true)] private Node $effects,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        [$pasted, $settings] = PlacedEffect::readAll($this->effects);
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            if (! $layer->kind->isSeen()) {
                throw new Refusal("“{$layer->name}” is not seen; it has no effects");
            }
            foreach ($pasted as $effect) {
                $layer = self::with($layer, $effect, $settings);
            }
            $composition = $composition->replacing($layer);
        }

        return $composition;
    }

    public function title(): string
    {
        return 'paste effects';
    }

    /** @param  array<string, Property>  $settings  by the ids that they were pasted under */
    private static function with(Layer $layer, PlacedEffect $effect, array $settings): Layer
    {
        $own = new PlacedEffect(FreeId::of('e', $layer->attached->effects), $effect->effect, $effect->on);
        $properties = [];
        foreach ($own->settings() as $setting) {
            $properties["{$own->id}.{$setting->name}"] = $settings["{$effect->id}.{$setting->name}"];
        }

        return $layer->having(['effects' => [...$layer->attached->effects, $own]], $properties);
    }
}
