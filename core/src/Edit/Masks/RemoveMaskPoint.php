<?php

namespace Ricamo\Core\Edit\Masks;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Mask\FreeForm;
use Ricamo\Core\Mask\PlacedMask;
use Ricamo\Core\Refusal;

/** Takes a point out of a mask of a free form. */
final readonly class RemoveMaskPoint implements CompositionEdit
{
    private function __construct(private string $layer, private string $mask, private int $point)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['layer', 'mask', 'point']);

        return new self($args->field('layer')->string(64), $args->field('mask')->string(8), $args->field('point')->int(1, FreeForm::MOST));
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $layer = $composition->layer($this->layer);
        $found = array_values(array_filter($layer->masks, fn (PlacedMask $mask): bool => $mask->id === $this->mask && $this->point <= $mask->points))[0]
            ?? throw new Refusal('There is no such point in that mask');
        if ($found->points === FreeForm::LEAST) {
            throw new Refusal('A mask needs '.FreeForm::LEAST.' points to enclose something');
        }
        $masks = array_map(fn (PlacedMask $mask): PlacedMask => $mask->id === $found->id ? $found->ofPoints($found->points - 1) : $mask, $layer->masks);

        return $composition->replacing($layer->having(['masks' => $masks], FreeForm::without($found, $layer, $this->point)));
    }

    public function title(): string
    {
        return 'remove point of mask';
    }
}
