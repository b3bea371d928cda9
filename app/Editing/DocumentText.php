<?php

namespace App\Editing;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;

/**
 * A composition as it is stored: JSON with each layer on a line of its own, so that after a change only the layers that
 * are not the very same as before are written anew.
 */
final class DocumentText
{
    private const FLAGS = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES;

    public static function encode(Composition $document): string
    {
        return self::put($document, array_map(self::layer(...), $document->layers));
    }

    /**
     * @param  Composition  $before  that $after was made from
     * @param  string  $text  what is stored of it
     */
    public static function changed(string $text, Composition $before, Composition $after): string
    {
        $lines = explode("\n", $text);
        // An earlier way of storing had all of it on one line.
        if (count($lines) !== count($before->layers) + 2) {
            return self::encode($after);
        }
        $known = [];
        foreach ($before->layers as $index => $layer) {
            $known[$layer->id] = [$layer, rtrim($lines[$index + 1], ',')];
        }

        return self::put($after, array_map(function (Layer $layer) use ($known): string {
            [$same, $line] = $known[$layer->id] ?? [null, ''];

            return $same === $layer ? $line : self::layer($layer);
        }, $after->layers));
    }

    /** @param  list<string>  $layers  JSON */
    private static function put(Composition $document, array $layers): string
    {
        // The list of layers stands last in a composition.
        $head = substr(json_encode($document->with(['layers' => []])->toJson(), self::FLAGS), 0, -strlen('[]}'));

        return $head."[\n".implode(",\n", $layers)."\n]}";
    }

    private static function layer(Layer $layer): string
    {
        return json_encode($layer->toJson(), self::FLAGS);
    }
}
