<?php

namespace Ricamo\Core\Edit\Masks;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Attachments;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\PropertyDefinition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Effects\FreeId;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Mask\MaskForm;
use Ricamo\Core\Mask\PlacedMask;
use Ricamo\Core\Refusal;

/** Puts a mask on layers: a form half as large as the layer, in its middle; or with `layer` another layer. */
final readonly class AddMask implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    private function __construct(private array $layers, private MaskForm $form, private ?string $layer)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['layers', 'form', 'layer']);
        $form = $args->field('form')->enum(MaskForm::class);

        return new self(LayerIds::read($args), $form, $form === MaskForm::Layer ? $args->field('layer')->string(64) : null);
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        if ($this->layer !== null && ! $composition->layer($this->layer)->kind->isSeen()) {
            throw new Refusal("“{$composition->layer($this->layer)->name}” is not seen; it cannot be a mask");
        }
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            if (! $layer->kind->isSeen()) {
                throw new Refusal("“{$layer->name}” is not seen; it has no masks");
            }
            if ($this->layer === $id) {
                throw new Refusal("“{$layer->name}” cannot be its own mask");
            }
            if ($this->layer !== null && in_array($this->layer, $composition->layers->tree()->above($id), true)) {
                throw new Refusal("“{$layer->name}” is in “{$composition->layer($this->layer)->name}”, which cannot be its mask");
            }
            $added = new PlacedMask(FreeId::of('m', $layer->masks), $this->form, layer: $this->layer);
            $box = $evaluator->pose($layer, $composition, $layer->span->in)->box;
            $settings = [];
            foreach (Attachments::definitions($added) as $name => $definition) {
                $settings[$name] = Property::constant($definition->type, $this->initial($definition, $box));
            }
            $composition = $composition->replacing($layer->with(['masks' => [...$layer->masks, $added], 'properties' => [...$layer->properties, ...$settings]]));
        }

        return $composition;
    }

    public function title(): string
    {
        return 'add mask';
    }

    private function initial(PropertyDefinition $definition, Box $box): mixed
    {
        return match (true) {
            str_ends_with($definition->name, '.size') => new Size(max(20, round($box->width() / 2)), max(20, round($box->height() / 2))),
            str_ends_with($definition->name, '.position') => $box->centre(),
            default => $definition->default,
        };
    }
}
