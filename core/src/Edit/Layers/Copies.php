<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\Stack;
use Ricamo\Core\Document\TakesFromLayers;

/**
 * Copies of layers with ids of their own, which are in one another's groups, masked by one another, and counting in step with one
 * another, as those are.
 */
final class Copies
{
    /**
     * @param  list<Layer>  $layers
     * @param  Stack  $among  whose ids are taken
     * @return list<Layer>
     */
    public static function of(array $layers, Stack $among): array
    {
        $next = (int) substr($among->freeId(), 1);
        $ids = [];
        foreach ($layers as $layer) {
            $ids[$layer->id] = 'l'.$next++;
        }

        return array_map(fn (Layer $layer): Layer => $layer->with([
            'id' => $ids[$layer->id],
            'group' => $ids[$layer->group ?? ''] ?? $layer->group,
            'content' => $layer->content instanceof TakesFromLayers ? $layer->content->amongLayers($ids) : $layer->content,
            'attached' => $layer->attached->maskedBy($ids),
        ]), $layers);
    }
}
