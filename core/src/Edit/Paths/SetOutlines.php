<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Paths;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Line\PlacedOutline;
use Ricamo\Core\Paint\PlacedGradient;

/** Gives layers more outlines and fills than the ones that all have, as documents hold them, in place of those there are. */
final readonly class SetOutlines implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Field(longest: PlacedOutline::MOST, ref: 'Outline', many: true)] private Node $outlines,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            [$outlines, $settings] = PlacedOutline::readAll($this->outlines, $layer->kind->name(), $layer->kind->hasOutline());
            $composition = $composition->replacing($layer->having(
                ['outlines' => $outlines, 'gradients' => self::left($layer->attached->gradients, $outlines)], $settings,
            ));
        }

        return $composition;
    }

    /**
     * Those of what there still is.
     *
     * @param  list<PlacedGradient>  $gradients
     * @param  list<PlacedOutline>  $outlines
     * @return list<PlacedGradient>
     */
    private static function left(array $gradients, array $outlines): array
    {
        $ids = array_column($outlines, 'id');

        return array_values(array_filter(
            $gradients, fn (PlacedGradient $one): bool => ! $one->of->isMore() || in_array($one->of->name, $ids, true),
        ));
    }

    public function title(): string
    {
        return 'outlines';
    }
}
