<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Keyframes;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Misfit;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/**
 * Makes a keyframe, for each of some layers, of the value that a property has at a frame, or several have; nothing moves
 * otherwise.
 */
final readonly class AddKeyframe implements CompositionEdit
{
    /**
     * @param  non-empty-list<string>  $layers
     * @param  list<Node>  $properties
     */
    private function __construct(private array $layers, private array $properties, private int $frame)
    {
    }

    /**
     * @param  non-empty-list<string>  $layers
     * @param  ?list<Node>  $properties
     *
     * @throws Refusal where its arguments do not go together
     */
    public static function from(
        #[LayerIds] array $layers,
        #[Frame] int $frame,
        #[Field(of: 'string')] ?Node $property = null,
        #[Field('several of them', longest: 100)] ?array $properties = null,
    ): self {
        return new self($layers, $properties ?? [$property ?? throw Misfit::missing('property')], $frame);
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($this->layers as $id) {
            foreach ($this->properties as $property) {
                $composition = PropertyTarget::named($id, $property)
                    ->change($composition, fn (Property $property, Layer $layer): Property => $property->cutAt($this->frame, $layer->span));
            }
        }

        return $composition;
    }

    public function title(): string
    {
        return count($this->layers) === 1 && count($this->properties) === 1 ? 'add keyframe' : 'add keyframes';
    }
}
