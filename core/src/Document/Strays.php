<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Cascade\Running;

/**
 * What points at what is not there. A document that holds such things is read and shown without them, as it always was;
 * whoever wrote it by hand is told.
 */
final class Strays
{
    /** @return list<string> each with its place, such as `compositions[0].layers[2].masks[0].layer: there is no layer "l7"` */
    public static function of(Project $project): array
    {
        $strays = [];
        foreach ($project->compositions as $number => $composition) {
            foreach ($composition->alone as $index => $id) {
                if (! $composition->layers->has($id)) {
                    $strays[] = "compositions[$number].alone[$index]: there is no layer \"$id\"";
                }
            }
            foreach ($composition->layers as $index => $layer) {
                foreach (self::ofLayer($layer, $composition) as $place => $reason) {
                    $strays[] = "compositions[$number].layers[$index].$place: $reason";
                }
            }
        }

        return $strays;
    }

    /**
     * Layers that others take something from, which are not there.
     *
     * @return list<string> ids
     */
    public static function missing(Layer $layer, Stack $layers): array
    {
        return array_values(array_unique(array_filter($layer->refersTo()->layers, fn (string $id): bool => ! $layers->has($id))));
    }

    /** @return array<string, string> what is wrong, by its place in the layer */
    private static function ofLayer(Layer $layer, Composition $composition): array
    {
        $strays = [];
        foreach ($layer->content->refersTo()->layers as $id) {
            if (! $composition->layers->has($id)) {
                $strays['counts.of.layer'] = "there is no layer \"$id\", and what is taken from it counts as nought";
            }
        }
        foreach ($layer->attached->masks as $index => $mask) {
            if ($mask->layer === $layer->id) {
                $strays["masks[$index].layer"] = 'a layer is no mask of itself';
            } elseif ($mask->layer !== null && ! $composition->layers->has($mask->layer)) {
                $strays["masks[$index].layer"] = "there is no layer \"{$mask->layer}\", and nothing is masked by it";
            }
        }
        foreach ($layer->attached->cascades as $index => $cascade) {
            if ($cascade->mirrors !== null && Running::whose($cascade, $layer->attached->cascades) === null) {
                $strays["cascades[$index].mirrors"] = "there is no cascade \"{$cascade->mirrors}\" that arrives, and nothing is mirrored";
            }
        }
        if ($layer->life->mirrors && $layer->life->arrive === null) {
            $strays['leave.mirror'] = 'it does not arrive by a move, and nothing is mirrored';
        }

        return $strays;
    }
}
