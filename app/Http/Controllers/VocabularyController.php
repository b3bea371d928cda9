<?php

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Ricamo\Core\Document\Dye;
use Ricamo\Core\Document\LayerKind;
use Ricamo\Core\Document\PropertyDefinition;
use Ricamo\Raster\Text\FontCatalogue;
use Ricamo\Raster\Text\FontFace;

/** What there is to choose from: the properties of each kind of layer, fonts, label colours. */
final class VocabularyController
{
    public function __invoke(): JsonResponse
    {
        return new JsonResponse([
            'properties' => array_combine(
                array_column(LayerKind::cases(), 'value'),
                array_map(fn (LayerKind $kind): array => array_map($this->property(...), array_values($kind->properties())), LayerKind::cases()),
            ),
            'fonts' => array_map(fn (FontFace $face): array => ['id' => $face->id, 'family' => $face->family, 'style' => $face->style], FontCatalogue::all()),
            'labels' => array_column(Dye::cases(), 'value'),
        ]);
    }

    /** @return array<string, mixed> */
    private function property(PropertyDefinition $definition): array
    {
        return [
            'name' => $definition->name,
            'type' => $definition->type->value,
            'default' => $definition->type->write($definition->default),
            'least' => $definition->least,
            'most' => $definition->most,
        ];
    }
}
