<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Bundles;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\LayerFacts;
use Ricamo\Core\Document\Markers;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Document\Stack;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Json\Name;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Bundle\BundleContent;
use Ricamo\Core\Kind\LayerKinds;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRange;

/**
 * Wraps layers up into a composition of their own, as large as the one that they are in, and places it where the topmost of
 * them was. No frame changes, as long as no other layer lies between them, no camera or light is among them, no camera sees depth in
 * them, and no light falls on them.
 */
final readonly class WrapLayers implements ProjectEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[Id('in which they are')] private string $composition,
        #[LayerIds] private array $layers,
        #[Name] private ?string $name = null,
    ) {
    }

    public function apply(Project $project): Project
    {
        $composition = $project->compositions->get($this->composition);
        $group = $this->group($composition);
        /** @var non-empty-list<Layer> $layers */
        $layers = $composition->layers->withAll($this->layers);
        $this->checkTogether($layers, $composition);
        $span = new FrameRange(
            min(array_map(fn (Layer $one): int => $one->span->in, $layers)),
            max(array_map(fn (Layer $one): int => $one->span->out, $layers)),
        );
        $moved = array_map(fn (Layer $one): Layer => $one->with([
            'span' => new FrameRange(
                $one->span->in - $span->in, $one->span->out - $span->in,
            ), 'group' => $one->group === $group ? null : $one->group,
        ]), $layers);
        $inner = $composition->withId($project->compositions->freeId())->with([
            'name' => $project->compositions->freeName($this->name ?? 'Bundle'),
            'length' => $span->length(), 'background' => null, 'layers' => Stack::of(...$moved), 'markers' => Markers::of(), 'alone' => [],
        ]);
        $rest = $composition->layers->without($this->layers);
        $place = $composition->indexOf($layers[count($layers) - 1]->id) - count($layers) + 1;
        $stack = $rest->inserting($this->bundle($composition, $inner, $span, $layers)->with(['group' => $group]), $place);
        $alone = array_values(array_diff($composition->alone, array_column($layers, 'id')));

        return $project->with(['compositions' => $project->compositions
            ->replacing($composition->with(['layers' => $stack, 'alone' => $alone]))
            ->inserting($inner, $project->compositions->indexOf($this->composition) + 1)]);
    }

    public function title(): string
    {
        return 'wrap up';
    }

    /**
     * The group that all of them are in.
     *
     * @throws Refusal where they are in several
     */
    private function group(Composition $composition): ?string
    {
        array_map($composition->layer(...), $this->layers);
        $tree = $composition->layers->tree();
        $groups = array_values(array_unique(array_map($tree->groupOf(...), $tree->outermost($this->layers))));

        return count($groups) > 1 ? throw new Refusal('layers of different groups cannot be wrapped up together') : $groups[0];
    }

    /**
     * @param  non-empty-list<Layer>  $layers
     *
     * @throws Refusal where a mask or a number would be parted from the layer that it is taken from
     */
    private function checkTogether(array $layers, Composition $composition): void
    {
        $inside = array_column($layers, null, 'id');
        foreach ($composition->layers->where(fn (LayerFacts $facts): bool => $facts->refersTo->layers !== []) as $layer) {
            foreach ($layer->refersTo()->layers as $other) {
                if ($composition->layers->has($other) && isset($inside[$layer->id]) !== isset($inside[$other])) {
                    throw new Refusal(
                        "“{$layer->name}” takes a mask or a number from “{$composition->layer($other)->name}”: they are wrapped up together or not at all",
                    );
                }
            }
        }
    }

    /** @param  non-empty-list<Layer>  $layers */
    private function bundle(Composition $composition, Composition $inner, FrameRange $span, array $layers): Layer
    {
        $kind = LayerKinds::all()['bundle'];
        $middle = new Point($composition->width / 2, $composition->height / 2);
        // Where cameras pass all of them by, they pass the bundle by.
        $seen = array_filter($layers, fn (Layer $one): bool => $one->kind->isSeen());
        $isFlat = $seen !== [] && array_filter($seen, fn (Layer $one): bool => ! $composition->isPassedBy($one)) === [];

        return Layer::read(new Node([
            'kind' => $kind->name(), 'id' => $composition->layers->freeId(), 'name' => $inner->name, 'in' => $span->in, 'out' => $span->out,
            'position' => [$middle->x, $middle->y], 'label' => $layers[count($layers) - 1]->switches->label->value,
            // What comes from beyond the frame is to be seen there when the whole is placed elsewhere.
            ...(new BundleContent($inner->id, crop: false))->toJson(), ...($isFlat ? ['flat' => true] : []),
        ]));
    }
}
