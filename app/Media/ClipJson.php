<?php

declare(strict_types=1);

namespace App\Media;

use Ricamo\Core\Json\Node;
use Ricamo\Core\Time\FrameRate;
use Ricamo\Raster\Media\Clip;

/** A probed clip as the database keeps it: everything but where its file is, and what there is to draw, which is kept beside it. */
final class ClipJson
{
    public static function write(Clip $clip): string
    {
        return json_encode(
            ['rate' => (string) $clip->rate] + array_diff_key(get_object_vars($clip), ['file' => '', 'drawing' => '']),
            JSON_THROW_ON_ERROR,
        );
    }

    public static function read(string $json, string $file, ?string $drawing): Clip
    {
        $node = Node::decode($json);
        $start = $node->field('start')->number();
        $frames = $node->field('frames')->int(1, PHP_INT_MAX);
        $rate = FrameRate::parse($node->field('rate')->string());

        return new Clip(
            $file,
            $node->field('width')->int(0, 100_000),
            $node->field('height')->int(0, 100_000),
            $rate,
            $frames,
            $start,
            $node->optional('soundStart')?->number() ?? $start,
            $node->field('fileStart')->number(),
            $node->field('seekable')->bool(),
            $node->field('planar')->bool(),
            $node->field('matrix')->string(),
            $node->field('fullRange')->bool(),
            $node->optional('alpha')?->bool() ?? false,
            $node->optional('decoder')?->string(),
            $node->optional('soundSeconds')?->number() ?? ($node->optional('sound')?->bool() === true ? $rate->seconds($frames) : null),
            $node->optional('channels')?->int(0, 1000) ?? 2,
            $node->optional('missing')?->int(0, PHP_INT_MAX) ?? 0,
            $node->optional('coding')?->string(),
            $drawing,
            $node->optional('font')?->string(),
            $node->optional('isLarge')?->bool() ?? false,
        );
    }
}
