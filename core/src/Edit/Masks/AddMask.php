<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Masks;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\FreeId;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Layers\AddLayer;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Json\Misfit;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Text\TextContent;
use Ricamo\Core\Mask\MaskForm;
use Ricamo\Core\Mask\PlacedMask;
use Ricamo\Core\Path\Contour;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Property\AttachedSettings;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Refusal;
use Ricamo\Core\Value\Type\PathData;

/**
 * Puts a mask on layers: a form half as large as the layer, in its middle; with `layer` another layer; with `words` a new layer of
 * them that is not seen itself; of a free form with a `path`, SVG path data, as it is drawn in the picture on a `frame`.
 */
final readonly class AddMask implements CompositionEdit
{
    /**
     * @param  non-empty-list<string>  $layers
     * @param  ?Contours  $path  in composition pixels; null for the one that a free form begins with
     */
    private function __construct(
        private array $layers,
        private MaskForm $form,
        private ?string $layer,
        private ?Contours $path,
        private int $frame,
        private ?string $words = null,
    ) {
    }

    /**
     * @param  non-empty-list<string>  $layers
     *
     * @throws Refusal where its arguments do not go together
     */
    public static function from(
        #[LayerIds] array $layers,
        #[Field] MaskForm $form = MaskForm::Layer,
        #[Id('whose picture it is, of a form that is a layer')] ?string $layer = null,
        #[PathData] ?Contours $path = null,
        #[Frame] ?int $frame = null,
        #[Field('a new text that it is', longest: TextContent::LONGEST)] ?string $words = null,
    ): self {
        if ($words !== null) {
            return trim($words) === '' ? throw new Misfit('words', 'are empty') : new self($layers, MaskForm::Layer, null, null, 0, $words);
        }
        if ($form === MaskForm::Layer && $layer === null) {
            throw Misfit::missing('layer');
        }
        $path = $form === MaskForm::Free ? $path : null;
        if (
            $path !== null
            && array_filter($path->all, fn (Contour $one): bool => count($one->knots) > 2 || ! $one->knots[0]->isCorner()) === []
        ) {
            throw new Misfit('path', 'encloses nothing');
        }

        return new self(
            $layers, $form, $form === MaskForm::Layer ? $layer : null, $path, $path === null ? 0 : $frame ?? throw Misfit::missing('frame'),
        );
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        if ($this->words !== null) {
            return $this->byWords($composition, $evaluator, $this->words);
        }
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
            $added = new PlacedMask(FreeId::of('m', $layer->attached->masks), $this->form, layer: $this->layer);
            $box = $evaluator->pose($layer, $composition, $layer->span->in)->box;
            $drawn = $this->drawn($composition, $layer);
            $settings = [];
            foreach (AttachedSettings::definitions($added) as $name => $definition) {
                $settings[$name] = Property::constant(
                    $definition->type, $drawn[substr($name, strlen($added->id) + 1)] ?? $this->initial($definition, $box),
                );
            }
            $composition = $composition->replacing($layer->attaching(['masks' => [...$layer->attached->masks, $added]])->with(
                ['properties' => [...$layer->properties, ...$settings]],
            ));
        }

        return $composition;
    }

    public function title(): string
    {
        return 'add mask';
    }

    /** Words that are not seen themselves, large in the middle of the first of the layers, as long as it is. */
    private function byWords(Composition $composition, Evaluator $evaluator, string $words): Composition
    {
        $layer = $composition->layer($this->layers[0]);
        $bounds = $evaluator->pose($layer, $composition, $layer->span->in)->bounds();
        $size = max(20.0, min(600.0, round($bounds->width() / max(3, mb_strlen($words)) * 1.5)));
        $middle = $bounds->centre();
        $text = [
            'kind' => 'text',
            'text' => $words,
            'typeSize' => $size,
            'align' => 'centre',
            'fill' => '#ffffff',
            'visible' => false,
            'in' => $layer->span->in,
            'out' => $layer->span->out,
            'position' => [round($middle->x), round($middle->y + $size / 3)],
        ];
        $composition = (new AddLayer(new Node($text, 'layer')))->apply($composition, $evaluator);
        $ids = $composition->layers->ids();

        return (new self($this->layers, MaskForm::Layer, $ids[count($ids) - 1], null, 0))->apply($composition, $evaluator);
    }

    /**
     * What the properties of a form are that is drawn: its position in the middle of its points.
     *
     * @return array<string, Point|Contours>
     */
    private function drawn(Composition $composition, Layer $layer): array
    {
        if ($this->path === null) {
            return [];
        }
        $matrix = $composition->spaceOf($layer, $this->frame);
        if ($matrix->isFlat()) {
            throw new Refusal("“{$layer->name}” has no size on frame {$this->frame}");
        }
        $path = $this->path->mapped($matrix->inverse()->apply(...));
        $middle = $path->path()->bounds()?->centre() ?? new Point(0, 0);
        $middle = new Point(round($middle->x, 3), round($middle->y, 3));
        // Closed, whether it was drawn so or not: it encloses what is seen.
        $closed = new Contours(array_map(
            fn (Contour $one): Contour => new Contour($one->knots, true), $path->mapped(fn (Point $at): Point => $at->minus($middle))->all,
        ));

        return ['position' => $middle, 'path' => Contours::parse($closed->write())];
    }

    private function initial(PropertyDefinition $definition, Box $box): mixed
    {
        return match (true) {
            str_ends_with($definition->name, '.size') => new Size(max(20, round($box->width() / 2)), max(20, round($box->height() / 2))),
            str_ends_with($definition->name, '.position') => $box->centre(),
            str_ends_with($definition->name, '.path') => Contours::of(Path::ellipse(Box::centred(
                max(20, round($box->width() / 2)), max(20, round($box->height() / 2)),
            ))),
            default => $definition->default,
        };
    }
}
