<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Paths;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Misfit;
use Ricamo\Core\Kind\Shape\Formed;
use Ricamo\Core\Kind\Shape\FormPaths;
use Ricamo\Core\Kind\Shape\Repeats;
use Ricamo\Core\Kind\Shape\ShapeContent;
use Ricamo\Core\Kind\Shape\ShapeForm;
use Ricamo\Core\Path\Combine\Arrangement;
use Ricamo\Core\Path\Combine\Combining;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Refusal;
use Ricamo\Core\Value\Type\PathType;

/**
 * Makes one shape of several, as they lie on a frame, with all of their repeats; `subtract` takes what lies above from the lowest.
 * The lowest keeps its place, its paint and what is animated of them, and becomes a path; the others are removed.
 */
final readonly class CombineShapes implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    private function __construct(private array $layers, private Combining $how, private int $frame)
    {
    }

    /**
     * @param  non-empty-list<string>  $layers
     *
     * @throws Refusal where its arguments do not go together
     */
    public static function from(
        #[LayerIds] array $layers,
        #[Field] Combining $how,
        #[Frame] int $frame,
    ): self {
        return count($layers) > 1 ? new self($layers, $how, $frame) : throw new Misfit('layers', 'takes two shapes or more');
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        array_map($composition->indexOf(...), $this->layers);
        $ids = array_values(array_intersect($composition->layers->ids(), $this->layers));
        $lowest = $composition->layer($ids[0]);
        $back = $composition->spaceOf($lowest, $this->frame)->inverse();
        $shapes = array_map(function (string $id) use ($composition, $back): Contours {
            $layer = $composition->layer($id);

            return Contours::of($this->outline($layer)->transformed($back->after($composition->spaceOf($layer, $this->frame))));
        }, $ids);
        $made = Arrangement::of($shapes, $this->how->holds(...));
        if ($made->all === []) {
            throw new Refusal('Nothing would be left of these shapes');
        }

        return $composition
            ->withLayers($composition->layers->without(array_slice($ids, 1)))
            ->replacing(self::with($lowest, Contours::parse($made->write())));
    }

    public function title(): string
    {
        return $this->how->title();
    }

    /** In the layer's own space, as often as it is repeated. */
    private function outline(Layer $layer): Path
    {
        $formed = Formed::of(MakePath::shapeOf($layer)->form, $layer, $this->frame);
        $path = FormPaths::of($formed);

        return Path::joined(array_map($path->transformed(...), Repeats::placements($layer, $this->frame, $formed->box)));
    }

    /** With another path, in which all is that it was made from. */
    private static function with(Layer $layer, Contours $path): Layer
    {
        $outlined = MakePath::outlined($layer, fn (Contours $outline): Contours => $outline);
        $once = array_intersect_key($layer->kind->defaults(), array_flip(Repeats::names()));
        $content = MakePath::shapeOf($layer);

        return $outlined->with([
            'content' => new ShapeContent(ShapeForm::Path, $content->ends),
            'properties' => [...$outlined->properties, ...$once, 'path' => Property::constant(new PathType, $path)],
        ]);
    }
}
