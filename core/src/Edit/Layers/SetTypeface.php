<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Kind\Text\TextContent;
use Ricamo\Core\Refusal;
use Ricamo\Core\Value\Type\FaceType;
use Ricamo\Core\Value\Type\OfType;

/** Sets words in another typeface: at the playhead where that has keyframes, else from their first frame to their last. */
final readonly class SetTypeface implements CompositionEdit
{
    private const PROPERTY = 'typeface';

    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
        #[OfType(new FaceType, 'the id of a font that ships with the project, or `media:` and that of media')] private string $typeface,
        #[Frame] private int $frame,
        #[Field] private Scope $scope = Scope::Playhead,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            if (! $layer->content instanceof TextContent) {
                throw new Refusal("“{$layer->name}” has no words");
            }
            $property = $layer->properties[self::PROPERTY];
            $composition = $property->isAnimated()
                ? PropertyTarget::of($layer, self::PROPERTY)->set($composition, $this->frame, $this->typeface, $this->scope)
                : $composition->replacing(
                    $layer->withProperty(self::PROPERTY, Property::constant($property->type, ''))
                        ->withContent($layer->content->inFace($this->typeface)),
                );
        }

        return $composition;
    }

    public function title(): string
    {
        return 'set typeface';
    }
}
