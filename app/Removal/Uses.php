<?php

namespace App\Removal;

use App\Models\Composition;
use App\Models\Media;
use Illuminate\Support\Facades\DB;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Kind\UsesMedia;

/** Where media are used. */
final class Uses
{
    /** @return list<string> each use in words: the layer and its composition */
    public static function of(Media $media): array
    {
        $uses = [];
        // Only compositions with a layer that holds the id as text are read.
        $holding = DB::table('layers')->where('json', 'like', '%"'.$media->key().'"%')->select('composition_id');
        $compositions = Composition::present()->where('project_id', $media->project_id)->whereIn('id', $holding)->get();
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
