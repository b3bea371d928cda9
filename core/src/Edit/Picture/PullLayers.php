<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Picture;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Axis;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Guide\Lines;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Refusal;

/**
 * Makes several layers larger or smaller as one picture, by a handle of the box around them all, pulled by a distance in composition
 * pixels: proportions are kept, distances between them grow as they do, and each is sized or scaled as by a handle of its own. What is
 * opposite the handle stays where it is; with `centred`, the middle does. With `snap`, an edge of the box that comes as near as that
 * many pixels to a guide is drawn to it. Less than a hundredth is never left.
 */
final readonly class PullLayers implements CompositionEdit
{
    private const LEAST = 0.01;

    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Frame] private int $frame,
        #[Field] private Handle $handle,
        #[OnPicture] private Point $by,
        #[Field] private bool $centred = false,
        #[Field(least: 0, most: 1000)] private float $snap = 0.0,
        #[Field] private Scope $scope = Scope::Playhead,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $block = Block::of($composition, $evaluator, $this->layers, $this->frame);
        $all = $block->bounds ?? Box::centred(0, 0);
        $pivot = $this->centred ? $all->centre() : $this->handle->opposite($all);
        $arm = $this->handle->on($all)->minus($pivot);
        if ($arm->dot($arm) <= 0) {
            throw new Refusal('what is selected is empty here: it has no handles to pull');
        }
        $lines = $this->snap > 0 ? Lines::of($composition, $evaluator, $this->frame, $this->layers) : null;

        return $block->placed($composition, $this->factor($arm, $pivot, $lines), $pivot, $pivot, $this->scope);
    }

    public function title(): string
    {
        return 'resize';
    }

    /** @param  Point  $arm  from what stands still to the handle */
    private function factor(Point $arm, Point $pivot, ?Lines $lines): float
    {
        $free = max(self::LEAST, $arm->plus($this->by)->dot($arm) / $arm->dot($arm));
        $drawn = [$free, INF];
        foreach ([[Axis::X, $arm->x, $pivot->x], [Axis::Y, $arm->y, $pivot->y]] as [$axis, $reach, $from]) {
            $line = $reach === 0.0 ? null : $lines?->near($axis, $from + $reach * $free, $this->snap);
            $distance = $line === null ? INF : abs($line - $from - $reach * $free);
            if ($line !== null && $distance < $drawn[1] && ($line - $from) / $reach >= self::LEAST) {
                $drawn = [($line - $from) / $reach, $distance];
            }
        }

        return $drawn[0];
    }
}
