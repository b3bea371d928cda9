<?php

namespace Ricamo\Raster\Text;

use Ricamo\Core\Refusal;

/** The font faces that ship with the project, with the ones that help out where a face lacks a character. */
final class FontCatalogue
{
    private const FACES = [
        'karla-regular' => ['Karla', 'Regular', 'Karla-Regular.otf'],
        'karla-bold' => ['Karla', 'Bold', 'Karla-Bold.otf'],
        'karla-extrabold' => ['Karla', 'Extra bold', 'Karla-ExtraBold.otf'],
        'roboto-condensed-regular' => ['Roboto Condensed', 'Regular', 'RobotoCondensed-Regular.ttf'],
        'roboto-condensed-bold' => ['Roboto Condensed', 'Bold', 'RobotoCondensed-Bold.ttf'],
        'eb-garamond-regular' => ['EB Garamond', 'Regular', 'EBGaramond12-Regular.otf'],
        'eb-garamond-italic' => ['EB Garamond', 'Italic', 'EBGaramond12-Italic.otf'],
        'dancing-script-bold' => ['Dancing Script', 'Bold', 'DancingScript-Bold.otf'],
        'dejavu-sans' => ['DejaVu Sans', 'Regular', 'DejaVuSans.ttf'],
        'dejavu-sans-bold' => ['DejaVu Sans', 'Bold', 'DejaVuSans-Bold.ttf'],
    ];

    /** @return list<FontFace> */
    public static function all(): array
    {
        return array_map(self::face(...), array_keys(self::FACES));
    }

    /** @throws Refusal for an id that no face has */
    public static function face(string $id): FontFace
    {
        [$family, $style, $file] = self::FACES[$id] ?? throw new Refusal("there is no font \"$id\"; there are ".implode(', ', array_keys(self::FACES)));

        return new FontFace($id, $family, $style, dirname(__DIR__, 2)."/fonts/$file");
    }

    /** The face that is asked for characters which this one does not have. */
    public static function fallback(string $id): FontFace
    {
        return self::face(preg_match('/bold$/', $id) ? 'dejavu-sans-bold' : 'dejavu-sans');
    }
}
