<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Masks;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Picture\OnPicture;
use Ricamo\Core\Edit\Picture\Turning;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\MaskPlaces;
use Ricamo\Core\Mask\MaskForm;
use Ricamo\Core\Refusal;

/**
 * Turns a mask about its middle as a pointer travels from the first to the last point of `path`, in composition pixels. Whole turns
 * count. `snap` goes in steps of 15°.
 */
final readonly class TurnMask implements CompositionEdit
{
    /** @param  list<Point>  $path */
    private function __construct(
        private string $layer,
        private string $mask,
        private int $frame,
        private array $path,
        private bool $snap,
        private Scope $scope,
    ) {
    }

    /** @param  list<Node>  $path */
    public static function from(
        #[Id] string $layer,
        #[Field(longest: 8)] string $mask,
        #[Frame] int $frame,
        #[Field('of [x, y]: where the pointer went', longest: 20_000)] array $path,
        #[Field('whether it goes by steps')] bool $snap = false,
        #[Field] Scope $scope = Scope::Playhead,
    ): self {
        return new self($layer, $mask, $frame, array_map(OnPicture::point(...), $path), $snap, $scope);
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $layer = $composition->layer($this->layer);
        foreach ($layer->attached->masks as $mask) {
            if ($mask->id !== $this->mask || in_array($mask->form, [MaskForm::Layer, MaskForm::Crop], true)) {
                continue;
            }
            $matrix = MaskPlaces::matrix($mask, $layer, $composition, $this->frame);
            if ($matrix->isFlat()) {
                throw new Refusal("“{$layer->name}” has no size on frame {$this->frame}");
            }
            // In the mask's own space its middle is the origin, however it is turned already.
            $turned = $layer->number("{$mask->id}.rotation", $this->frame)
                + Turning::by($this->path, new Point(0, 0), $matrix->inverse());
            $target = PropertyTarget::of($layer, "{$mask->id}.rotation");

            return $target->set($composition, $this->frame, $target->definition($layer)->read(
                new Node(Turning::rounded($turned, $this->snap), 'rotation'),
            ), $this->scope);
        }
        throw new Refusal("“{$layer->name}” has no mask \"{$this->mask}\" that could be turned");
    }

    public function title(): string
    {
        return 'turn mask';
    }
}
