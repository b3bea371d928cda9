<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Masks;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Picture\Handle;
use Ricamo\Core\Edit\Picture\OnPicture;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Handle\Held;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Kind\MaskPlaces;
use Ricamo\Core\Mask\MaskForm;
use Ricamo\Core\Mask\PlacedMask;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Refusal;
use Ricamo\Core\Value\Length;

/**
 * Moves a mask in the picture, or with a `handle` makes it larger or smaller there, while the side across from it stays, or
 * with `centred` its middle; of a crop, the edges go that are pulled. `by` is in composition pixels; `straight` keeps a
 * mask that is moved on one level, `proportional` its shape. With `snap`, a mask that is moved and comes as near as that many
 * pixels to a guide is drawn to it.
 */
final readonly class PullMask implements CompositionEdit
{
    public function __construct(
        #[Id] private string $layer,
        #[Field(longest: 8)] private string $mask,
        #[Frame] private int $frame,
        #[OnPicture] private Point $by,
        #[Field] private ?Handle $handle = null,
        #[Field] private bool $centred = false,
        #[Field] private bool $proportional = false,
        #[Field] private bool $straight = false,
        #[Field(least: 0, most: 1000)] private float $snap = 0.0,
        #[Field] private Scope $scope = Scope::Playhead,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $layer = $composition->layer($this->layer);
        $mask = $this->maskOf($layer);
        $matrix = MaskPlaces::matrix($mask, $layer, $composition, $this->frame);
        if ($matrix->isFlat()) {
            throw new Refusal("“{$layer->name}” has no size on frame {$this->frame}");
        }
        if ($mask->form === MaskForm::Crop) {
            $pull = self::linear($matrix)->inverse()->apply($this->way($layer, $composition, $evaluator));

            return $this->edgesPulled($composition, $layer, $mask, $evaluator->pose($layer, $composition, $this->frame)->box, $pull);
        }
        $position = $layer->point("{$mask->id}.position", $this->frame);
        $turn = Affine::rotation($layer->number("{$mask->id}.rotation", $this->frame));
        // In the mask's own space, and from there in the one that its position counts in.
        $pull = self::linear($matrix)->inverse()->apply($this->way($layer, $composition, $evaluator));
        if ($this->handle === null) {
            return PropertyTarget::put(
                $composition, $layer, "{$mask->id}.position", $this->frame, $position->plus($turn->apply($pull)), $this->scope,
            );
        }
        if ($mask->form === MaskForm::Free) {
            return $this->formPulled($composition, $layer, $mask, $pull);
        }
        $size = $layer->size("{$mask->id}.size", $this->frame);
        $pulled = $this->pulled($size, $pull);
        $direction = $this->handle->direction();
        $moved = $this->centred
            ? new Point(0, 0)
            : new Point($direction->x * ($pulled->width - $size->width) / 2, $direction->y * ($pulled->height - $size->height) / 2);
        $composition = PropertyTarget::put(
            $composition, $layer, "{$mask->id}.size", $this->frame, new Point($pulled->width, $pulled->height), $this->scope,
        );

        return $moved->x === 0.0 && $moved->y === 0.0 ? $composition : PropertyTarget::put(
            $composition, $composition->layer($layer->id), "{$mask->id}.position", $this->frame,
            $position->plus($turn->apply($moved)), $this->scope,
        );
    }

    public function title(): string
    {
        return $this->handle === null ? 'move mask' : 'size of mask';
    }

    /** Each edge goes no further than the one across from it, nor out of the layer's box. */
    private function edgesPulled(Composition $composition, Layer $layer, PlacedMask $mask, Box $own, Point $pull): Composition
    {
        $direction = $this->handle?->direction();
        foreach (PlacedMask::EDGES as $edge) {
            [$whole, $by, $side, $across] = match ($edge) {
                'left' => [$own->width(), $pull->x, -($direction->x ?? 0), 'right'],
                'right' => [$own->width(), -$pull->x, $direction->x ?? 0, 'left'],
                'top' => [$own->height(), $pull->y, -($direction->y ?? 0), 'bottom'],
                'bottom' => [$own->height(), -$pull->y, $direction->y ?? 0, 'top'],
            };
            $by = match (true) {
                $direction === null, $side > 0 => $by,
                $this->centred && $side < 0 => -$by,
                default => 0.0,
            };
            $length = fn (string $of): float => $layer->length("{$mask->id}.$of", $this->frame, $whole);
            $room = $direction === null ? $whole : $whole - $length($across);
            if ($by !== 0.0) {
                $target = PropertyTarget::of($layer, "{$mask->id}.$edge");
                $now = new Length(round(max(0.0, min($room, $length($edge) + $by)), 3));
                $composition = $target->set($composition, $this->frame, $now, $this->scope);
            }
        }

        return $composition;
    }

    /** A path is made larger or smaller from the side across, or from its middle. */
    private function formPulled(Composition $composition, Layer $layer, PlacedMask $mask, Point $pull): Composition
    {
        $box = MaskPlaces::box($mask, $layer, $this->frame, Box::centred(0, 0));
        $path = $layer->value("{$mask->id}.path", $this->frame);
        if (! $path instanceof Contours || $box->width() <= 0 || $box->height() <= 0) {
            throw new Refusal('That mask encloses nothing');
        }
        $pulled = $this->pulled(new Size($box->width(), $box->height()), $pull);
        $direction = $this->centred ? new Point(0, 0) : ($this->handle?->direction() ?? new Point(0, 0));
        $fixed = new Point($box->centre()->x - $direction->x * $box->width() / 2, $box->centre()->y - $direction->y * $box->height() / 2);
        [$across, $down] = [$pulled->width / $box->width(), $pulled->height / $box->height()];
        $scaled = $path->mapped(
            fn (Point $at): Point => new Point($fixed->x + ($at->x - $fixed->x) * $across, $fixed->y + ($at->y - $fixed->y) * $down),
        );

        return PropertyTarget::of($layer, "{$mask->id}.path")->set(
            $composition, $this->frame, Contours::parse($scaled->write()), $this->scope,
        );
    }

    private function maskOf(Layer $layer): PlacedMask
    {
        foreach ($layer->attached->masks as $mask) {
            if ($mask->id === $this->mask && $mask->form !== MaskForm::Layer) {
                return $mask;
            }
        }
        throw new Refusal("“{$layer->name}” has no mask \"{$this->mask}\" that could be pulled");
    }

    private function way(Layer $layer, Composition $composition, Evaluator $evaluator): Point
    {
        return $this->handle !== null ? $this->by : Held::way(
            $this->by, $this->straight, $this->snap, Held::find($layer, $this->mask, $composition, $this->frame, $evaluator),
            $composition, $this->frame, $evaluator,
        );
    }

    private function pulled(Size $size, Point $pull): Size
    {
        $direction = $this->handle?->direction() ?? new Point(0, 0);
        $times = $this->centred ? 2 : 1;
        [$width, $height] = [
            max(0, $size->width + $times * $direction->x * $pull->x), max(0, $size->height + $times * $direction->y * $pull->y),
        ];
        if (! $this->proportional || $size->width <= 0 || $size->height <= 0) {
            return new Size($width, $height);
        }
        // The side that changed more leads.
        $factor = abs($width / $size->width - 1) >= abs($height / $size->height - 1) ? $width / $size->width : $height / $size->height;

        return new Size($factor * $size->width, $factor * $size->height);
    }

    private static function linear(Affine $matrix): Affine
    {
        return new Affine($matrix->a, $matrix->b, $matrix->c, $matrix->d);
    }
}
