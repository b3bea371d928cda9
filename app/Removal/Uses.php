<?php

namespace App\Removal;

use App\Models\Composition;
use App\Models\Media;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Kind\UsesMedia;

/** Where media are used. */
final class Uses
{
    /** @return list<string> each use in words: the layer and its composition */
    public static function of(Media $media): array
    {
        $uses = [];
        // Only documents that hold the id as text are read.
        $compositions = Composition::present()->where('project_id', $media->project_id)->where('document', 'like', '%"'.$media->key().'"%')->get();
        foreach ($compositions as $composition) {
            foreach ($composition->read()->layers as $layer) {
                if (self::uses($layer, $media->key())) {
                    $uses[] = "“{$layer->name}” in “{$composition->name}”";
                }
            }
        }

        return $uses;
    }

    private static function uses(Layer $layer, string $id): bool
    {
        return $layer->content instanceof UsesMedia && in_array($id, $layer->content->media(), true);
    }
}
