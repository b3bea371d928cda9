<?php

namespace Ricamo\Core\Edit\Masks;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Attachments;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\PropertyDefinition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Effects\FreeId;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Edit\Picture\PointNode;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Mask\FreeForm;
use Ricamo\Core\Mask\MaskForm;
use Ricamo\Core\Mask\PlacedMask;
use Ricamo\Core\Refusal;

/**
 * Puts a mask on layers: a form half as large as the layer, in its middle; with `layer` another layer; of a free form with `points`
 * as they are drawn in the picture on a `frame`.
 */
final readonly class AddMask implements CompositionEdit
{
    /** How many points a free form begins with that is not drawn. */
    private const POINTS = 6;

    /**
     * @param  non-empty-list<string>  $layers
     * @param  list<Point>  $points  in composition pixels; none for those that a free form begins with
     */
    private function __construct(private array $layers, private MaskForm $form, private ?string $layer, private array $points, private int $frame)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['layers', 'form', 'layer', 'points', 'frame']);
        $form = $args->field('form')->enum(MaskForm::class);
        $points = $form === MaskForm::Free ? array_map(fn (Node $point): Point => new Point(...PointNode::read($point)), $args->optional('points')?->items(FreeForm::MOST) ?? []) : [];
        if ($points !== [] && count($points) < FreeForm::LEAST) {
            $args->field('points')->refuse('are too few: '.FreeForm::LEAST.' enclose something');
        }

        return new self(
            LayerIds::read($args), $form, $form === MaskForm::Layer ? $args->field('layer')->string(64) : null,
            $points, $points === [] ? 0 : $args->field('frame')->int(-Composition::LONGEST, Composition::LONGEST),
        );
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        if ($this->layer !== null && ! $composition->layer($this->layer)->kind->isSeen()) {
            throw new Refusal("“{$composition->layer($this->layer)->name}” is not seen; it cannot be a mask");
        }
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            if (! $layer->kind->isSeen()) {
                throw new Refusal("“{$layer->name}” is not seen; it has no masks");
            }
            if ($this->layer === $id) {
                throw new Refusal("“{$layer->name}” cannot be its own mask");
            }
            if ($this->layer !== null && in_array($this->layer, $composition->layers->tree()->above($id), true)) {
                throw new Refusal("“{$layer->name}” is in “{$composition->layer($this->layer)->name}”, which cannot be its mask");
            }
            $added = new PlacedMask(FreeId::of('m', $layer->masks), $this->form, layer: $this->layer, points: $this->form !== MaskForm::Free ? 0 : (count($this->points) ?: self::POINTS));
            $box = $evaluator->pose($layer, $composition, $layer->span->in)->box;
            $drawn = $this->drawn($composition, $layer);
            $settings = [];
            foreach (Attachments::definitions($added) as $name => $definition) {
                $settings[$name] = Property::constant($definition->type, $drawn[substr($name, strlen($added->id) + 1)] ?? $this->initial($definition, $box));
            }
            $composition = $composition->replacing($layer->with(['masks' => [...$layer->masks, $added], 'properties' => [...$layer->properties, ...$settings]]));
        }

        return $composition;
    }

    public function title(): string
    {
        return 'add mask';
    }

    /**
     * What the properties of a form are that is drawn: its position in the middle of its points.
     *
     * @return array<string, Point>
     */
    private function drawn(Composition $composition, Layer $layer): array
    {
        if ($this->points === []) {
            return [];
        }
        $matrix = $composition->space($layer->id, $this->frame)->after($layer->matrix($this->frame));
        if (abs($matrix->determinant()) < 1e-9) {
            throw new Refusal("“{$layer->name}” has no size on frame {$this->frame}");
        }
        $points = array_map($matrix->inverse()->apply(...), $this->points);
        $exact = fn (Point $point): Point => new Point(round($point->x, 3), round($point->y, 3));
        $middle = array_reduce($points, fn (Point $sum, Point $point): Point => new Point($sum->x + $point->x / count($points), $sum->y + $point->y / count($points)), new Point(0, 0));
        $drawn = ['position' => $exact($middle)];
        foreach ($points as $index => $point) {
            $drawn['point'.($index + 1)] = $exact($point->minus($drawn['position']));
        }

        return $drawn;
    }

    private function initial(PropertyDefinition $definition, Box $box): mixed
    {
        return match (true) {
            str_ends_with($definition->name, '.size') => new Size(max(20, round($box->width() / 2)), max(20, round($box->height() / 2))),
            str_ends_with($definition->name, '.position') => $box->centre(),
            default => $definition->default,
        };
    }
}
