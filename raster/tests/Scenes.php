<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Json\Node;
use Ricamo\Raster\Media\Clips as ProbedClips;
use Ricamo\Raster\Media\Probe;
use Ricamo\Raster\Render\Scene;

final class Scenes
{
    /**
     * @param  list<array<string, mixed>>  $layers
     * @param  array<string, mixed>  $fields
     * @param  array<string, string>  $files  by media id
     */
    public static function of(array $layers, array $fields = [], array $files = [], float $scale = 1.0): Scene
    {
        $composition = Composition::read(new Node([
            'id' => 'c', 'name' => 'Test', 'width' => 320, 'height' => 180, 'rate' => '25/1', 'length' => 100,
            'layers' => $layers, ...$fields,
        ]));
        $media = MediaLibrary::of(...array_map(
            fn (string $id, string $file): Media => new Media($id, basename($file), basename($file)), array_keys($files),
            $files,
        ));

        return new Scene($composition, $media, new ProbedClips(array_map(Probe::clip(...), $files)), $scale);
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    public static function bar(array $fields = []): array
    {
        return ['id' => 'bar', 'kind' => 'shape', 'form' => 'rectangle', 'name' => 'Bar', 'in' => 0, 'out' => 100, ...$fields];
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    public static function clip(array $fields = []): array
    {
        return [
            'id' => 'clip', 'kind' => 'footage', 'media' => 'm1', 'name' => 'Clip', 'in' => 0, 'out' => 100,
            'position' => [160, 90], ...$fields,
        ];
    }
}
