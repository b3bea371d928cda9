<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Picture;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Json\Node;

/**
 * Turns a layer about its anchor as a pointer travels from the first to the last point of `path`, in composition
 * pixels. Whole turns count, because the path says which way round the pointer went. `snap` goes in steps of 15°.
 */
final readonly class TurnLayer implements CompositionEdit
{
    /** @param  list<Point>  $path */
    private function __construct(
        private string $layer,
        private int $frame,
        private array $path,
        private bool $snap,
        private Scope $scope,
    ) {
    }

    /** @param  list<Node>  $path */
    public static function from(
        #[Id] string $layer,
        #[Frame] int $frame,
        #[Field('of [x, y]: where the pointer went', longest: 20_000)] array $path,
        #[Field('whether it goes by steps')] bool $snap = false,
        #[Field] Scope $scope = Scope::Playhead,
    ): self {
        return new self($layer, $frame, array_map(OnPicture::point(...), $path), $snap, $scope);
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $layer = $composition->layer($this->layer);
        $turned = Turning::rounded($layer->number('rotation', $this->frame) + Turning::by(
            $this->path, $layer->point('position', $this->frame), $composition->space($layer->id, $this->frame)->inverse(),
        ), $this->snap);
        $target = PropertyTarget::of($layer, 'rotation');

        return $target->set($composition, $this->frame, $target->definition($layer)->read(new Node($turned, 'rotation')), $this->scope);
    }

    public function title(): string
    {
        return 'rotate';
    }
}
