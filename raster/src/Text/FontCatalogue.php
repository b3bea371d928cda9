<?php

declare(strict_types=1);

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
        'inter-regular' => ['Inter', 'Regular', 'Inter-Regular.otf'],
        'inter-bold' => ['Inter', 'Bold', 'Inter-Bold.otf'],
        'inter-black' => ['Inter', 'Black', 'Inter-Black.otf'],
        'inter-variable' => ['Inter', 'Variable', 'Inter-Variable.ttf'],
        'lato-regular' => ['Lato', 'Regular', 'Lato-Regular.ttf'],
        'lato-black' => ['Lato', 'Black', 'Lato-Black.ttf'],
        'open-sans-regular' => ['Open Sans', 'Regular', 'OpenSans-Regular.ttf'],
        'open-sans-extrabold' => ['Open Sans', 'Extra bold', 'OpenSans-ExtraBold.ttf'],
        'cabin-regular' => ['Cabin', 'Regular', 'Cabin-Regular.otf'],
        'cabin-bold' => ['Cabin', 'Bold', 'Cabin-Bold.otf'],
        'quicksand-medium' => ['Quicksand', 'Medium', 'Quicksand-Medium.ttf'],
        'quicksand-bold' => ['Quicksand', 'Bold', 'Quicksand-Bold.ttf'],
        'comfortaa-regular' => ['Comfortaa', 'Regular', 'Comfortaa-Regular.ttf'],
        'comfortaa-bold' => ['Comfortaa', 'Bold', 'Comfortaa-Bold.ttf'],
        'league-spartan-regular' => ['League Spartan', 'Regular', 'LeagueSpartan-Regular.otf'],
        'league-spartan-bold' => ['League Spartan', 'Bold', 'LeagueSpartan-Bold.otf'],
        'league-spartan-black' => ['League Spartan', 'Black', 'LeagueSpartan-Black.otf'],
        'bebas-neue-regular' => ['Bebas Neue', 'Regular', 'BebasNeue-Regular.otf'],
        'bebas-neue-bold' => ['Bebas Neue', 'Bold', 'BebasNeue-Bold.otf'],
        'yanone-kaffeesatz-regular' => ['Yanone Kaffeesatz', 'Regular', 'YanoneKaffeesatz-Regular.otf'],
        'yanone-kaffeesatz-bold' => ['Yanone Kaffeesatz', 'Bold', 'YanoneKaffeesatz-Bold.otf'],
        'jura-medium' => ['Jura', 'Medium', 'Jura-Medium.otf'],
        'jura-bold' => ['Jura', 'Bold', 'Jura-Bold.otf'],
        'roboto-slab-regular' => ['Roboto Slab', 'Regular', 'RobotoSlab-Regular.otf'],
        'roboto-slab-bold' => ['Roboto Slab', 'Bold', 'RobotoSlab-Bold.otf'],
        'vollkorn-regular' => ['Vollkorn', 'Regular', 'Vollkorn-Regular.ttf'],
        'vollkorn-bold' => ['Vollkorn', 'Bold', 'Vollkorn-Bold.ttf'],
        'lobster-two-bold' => ['Lobster Two', 'Bold', 'LobsterTwo-Bold.otf'],
        'hack-regular' => ['Hack', 'Regular', 'Hack-Regular.ttf'],
        'amiri-regular' => ['Amiri', 'Regular', 'Amiri-Regular.ttf'],
        'amiri-bold' => ['Amiri', 'Bold', 'Amiri-Bold.ttf'],
        'motoya-cedar' => ['Motoya Cedar', 'Regular', 'MotoyaLCedar.ttf'],
        'dejavu-sans' => ['DejaVu Sans', 'Regular', 'DejaVuSans.ttf'],
        'dejavu-sans-bold' => ['DejaVu Sans', 'Bold', 'DejaVuSans-Bold.ttf'],
    ];

    /** That of emoji, which is no choice for words. */
    private const EMOJI = ['Twemoji', 'Colour', 'Twemoji-Colour.ttf'];

    /** @return list<FontFace> */
    public static function all(): array
    {
        return array_map(self::face(...), array_keys(self::FACES));
    }

    /** @throws Refusal for an id that no face has */
    public static function face(string $id): FontFace
    {
        return self::made(
            $id,
            self::FACES[$id] ?? throw new Refusal("there is no font \"$id\"; there are ".implode(', ', array_keys(self::FACES))),
        );
    }

    /** The face of pictures among words, whatever face these have. */
    public static function emoji(): FontFace
    {
        return self::made('emoji', self::EMOJI);
    }

    /** @param  array{string, string, string}  $face  family, style and file */
    private static function made(string $id, array $face): FontFace
    {
        [$family, $style, $file] = $face;

        return new FontFace($id, $family, $style, dirname(__DIR__, 2)."/fonts/$file");
    }

    /** Whether a face has axes that can be varied. */
    public static function isVariable(string $id): bool
    {
        return str_contains(self::FACES[$id][2] ?? '', '-Variable.');
    }

    /**
     * The faces that are asked for characters which this one does not have, in order: that of East Asia only for a line with such.
     *
     * @return non-empty-list<FontFace>
     */
    public static function fallbacks(string $id, string $line): array
    {
        $first = self::face(preg_match('/bold$/', $id) ? 'dejavu-sans-bold' : 'dejavu-sans');

        return preg_match('/[\x{2E80}-\x{9FFF}\x{F900}-\x{FAFF}\x{FE30}-\x{FE4F}\x{FF00}-\x{FFEF}]/u', $line) === 1
            ? [$first, self::face('motoya-cedar')]
            : [$first];
    }
}
