<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Windows;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Picture\OnPicture;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Kind\Pan;

/**
 * Moves what is seen through a window, or the picture that words or a shape are painted with, by a distance in composition
 * pixels; the layer itself stays where it is.
 */
final readonly class PanWindow implements CompositionEdit
{
    public function __construct(
        #[Id] private string $layer,
        #[Frame] private int $frame,
        #[OnPicture] private Point $by,
        #[Field] private Scope $scope = Scope::Playhead,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $layer = $composition->layer($this->layer);
        $property = Pan::of($layer) ?? 'pan';
        PropertyTarget::of($layer, $property)->definition($layer);
        $own = $composition->spaceOf($layer, $this->frame)->inverse();
        $pan = $layer->point($property, $this->frame)->plus($own->applyToDistance($this->by));

        return PropertyTarget::put($composition, $layer, $property, $this->frame, $pan, $this->scope);
    }

    public function title(): string
    {
        return 'pan in window';
    }
}
