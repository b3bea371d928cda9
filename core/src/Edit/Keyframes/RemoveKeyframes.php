<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Keyframes;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;

/** Removes keyframes; a property that loses its last one keeps that value. */
final readonly class RemoveKeyframes implements CompositionEdit
{
    private function __construct(private KeyframeSelection $keyframes)
    {
    }

    public static function read(Node $args): self
    {
        return new self(KeyframeSelection::read($args->allow(['keyframes'])));
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        return $this->keyframes->change($composition, fn (): null => null);
    }

    public function title(): string
    {
        return 'remove keyframe';
    }
}
