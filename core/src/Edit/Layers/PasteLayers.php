<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Time\FrameRange;

/**
 * Puts copies of layers, as documents hold them, on top of the stack in their order: at the same time as they had, or with
 * the first of them beginning at frame `at`.
 */
final readonly class PasteLayers implements CompositionEdit
{
    /** How many at once. */
    public const MOST = 500;

    /**
     * @param  non-empty-list<Node>  $layers
     * @param  list<Node>  $media
     */
    public function __construct(
        #[Field('as documents hold them', longest: self::MOST, fewest: 1)] private array $layers,
        #[Frame] private ?int $at = null,
        #[Field('of {media, by}: what is used in the place of media of another project', longest: 1000)] private array $media = [],
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $by = [];
        foreach ($this->media as $one) {
            $by[$one->allow(['media', 'by'])->field('media')->string(64)] = $one->field('by')->string(64);
        }
        $layers = array_map(fn (Node $one): Layer => Layer::read($one)->usingMedia($by), $this->layers);
        $later = $this->at === null ? 0 : $this->at - min(array_map(fn (Layer $layer): int => $layer->span->in, $layers));
        foreach ($layers as $index => $layer) {
            foreach ($layer->media() as $field => $id) {
                if (! $evaluator->media->has($id) || $evaluator->media->get($id)->removed) {
                    $this->layers[$index]->field(explode('.', $field)[0])->refuse(
                        "“{$layer->name}” shows media that are not in this project",
                    );
                }
            }
        }
        // A group that is not copied along is left behind.
        $groups = array_column(array_filter($layers, fn (Layer $layer): bool => $layer->kind->holdsLayers()), null, 'id');
        $copies = Copies::of(array_map(fn (Layer $layer): Layer => $layer->with([
            'span' => new FrameRange($layer->span->in + $later, $layer->span->out + $later),
            'group' => isset($groups[$layer->group ?? '']) ? $layer->group : null,
        ]), $layers), $composition->layers);

        return $composition->withLayers($composition->layers->insertingAll($copies, count($composition->layers)));
    }

    public function title(): string
    {
        return count($this->layers) === 1 ? 'paste layer' : 'paste layers';
    }
}
