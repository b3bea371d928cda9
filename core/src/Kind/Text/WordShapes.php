<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Text;

use Ricamo\Core\Display\Fill;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Path;

/** Makes outlines of words as they are set, where they stand. */
final readonly class WordShapes
{
    public function __construct(private Layer $layer, private SetText $text, private int|float $at)
    {
    }

    /**
     * From the lowest to the uppermost, in reading order.
     *
     * @param  list<TextAtom>  $letters
     * @return list<WordShape>
     */
    public function of(array $letters, Apart $by): array
    {
        $onPath = OnPath::of($this->layer, $this->text, $this->at);
        [$parts, $written] = [[], []];
        foreach ($letters as $index => $letter) {
            if ($letter->outline->isEmpty()) {
                continue;
            }
            $unit = match ($by) {
                Apart::Letters => $index,
                Apart::Words => $letter->word ?? 'between',
                Apart::Whole => 'all',
            };
            $written[(string) $unit][] = $letter->text;
            $placed = $onPath === null
                ? $this->text->placement($letter->line)
                : $onPath->place($letter)->after($this->text->placement($letter->line));
            foreach ($letter->painted() as $number => [$outline, $colour, $pen]) {
                // What a picture is painted of lies one over another, and stays so.
                $key = $letter->layers === [] ? "$unit $colour" : "$unit $index $number";
                $parts[$key]['unit'] = (string) $unit;
                $parts[$key]['colour'] = $colour;
                $parts[$key]['text'][] = $letter->text;
                $parts[$key]['paths'][] = Path::parse($outline->data)->transformed($placed->after(Affine::translation($pen, 0)));
            }
        }
        $plates = array_map(
            fn (Fill $plate): WordShape => new WordShape('plate', 'Plate', 'Plate', Path::parse($plate->outline->data), isPlate: true),
            Plate::draw($this->layer, $this->text, $this->at, new Affine),
        );

        return [
            ...$plates,
            ...array_map(
                fn (array $one): WordShape => new WordShape(
                    $one['unit'], self::name($written[$one['unit']]), self::name($one['text']), Path::joined($one['paths']), $one['colour'],
                ),
                array_values($parts),
            ),
        ];
    }

    /** @param  list<string>  $texts */
    private static function name(array $texts): string
    {
        $name = mb_strimwidth(trim((string) preg_replace('/[\p{Cc}\s]+/u', ' ', implode('', $texts))), 0, 40, '…');

        return $name === '' ? 'Letter' : $name;
    }
}
