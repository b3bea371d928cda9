<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Picture;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Evaluate\Pose;
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
        $layers = array_filter(
            array_map($composition->layer(...), $composition->layers->tree()->outermost($this->layers)),
            fn (Layer $layer): bool => $layer->kind->isSeen(),
        );
        $poses = array_map(fn (Layer $layer): Pose => $evaluator->pose($layer, $composition, $this->frame), $layers);
        $bounds = array_map(fn (Pose $pose): Box => $pose->bounds(), $poses);
        $all = $bounds === [] ? null : array_reduce($bounds, fn (Box $all, Box $one): Box => $all->union($one), reset($bounds));
        $pivot = $all === null || $this->centred ? $all?->centre() : $this->handle->opposite($all);
        $arm = $all === null ? null : $this->handle->on($all)->minus($pivot);
        if ($arm === null || $arm->dot($arm) <= 0) {
            throw new Refusal('what is selected is empty here: it has no handles to pull');
        }
        $lines = $this->snap > 0 ? Lines::of($composition, $evaluator, $this->frame, $this->layers) : null;
        $factor = $this->factor($arm, $pivot, $lines);
        foreach ($poses as $index => $pose) {
            $layer = $layers[$index];
            $middle = $pose->box->centre();
            // Where its middle comes to be, in the pixels that its placement counts in.
            $at = $composition->space($layer->id, $this->frame)->inverse()->apply(
                $pivot->plus($pose->matrix->apply($middle)->minus($pivot)->times($factor)),
            );
            $pulled = new PulledBox($layer, $this->frame, $pose->box);
            $composition = $pulled->seenAt($pulled->extent()->times($factor), $middle, new Point(0, 0))->put($composition, $at, $this->scope);
        }

        return $composition;
    }

    public function title(): string
    {
        return 'pull a handle';
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
