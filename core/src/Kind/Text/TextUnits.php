<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Text;

use Ricamo\Core\Cascade\PlacedCascade;
use Ricamo\Core\Cascade\Units;
use Ricamo\Core\Cascade\UnitSet;
use WeakMap;

/** The units of a text that is laid out, and what is drawn for them. Most frames ask for the same as the frame before. */
final class TextUnits
{
    /** @var WeakMap<TextBlock, array<string, list<TextAtom>>> */
    private WeakMap $atoms;

    /** @var WeakMap<TextBlock, array<string, UnitSet>> */
    private WeakMap $sets;

    public function __construct()
    {
        $this->atoms = new WeakMap;
        $this->sets = new WeakMap;
    }

    /** @return list<TextAtom> */
    public function atoms(TextBlock $block, Units $units): array
    {
        $known = $this->atoms[$block] ?? [];
        if (! isset($known[$units->value])) {
            $known[$units->value] = match ($units) {
                Units::Lines => TextAtoms::lines($block),
                Units::Words => TextAtoms::joined($block, $this->atoms($block, Units::Letters)),
                default => TextAtoms::letters($block),
            };
            $this->atoms[$block] = $known + ($this->atoms[$block] ?? []);
        }

        return $known[$units->value];
    }

    /**
     * The finest of the units that some cascades are spread over: what belongs to each of the others consists of them.
     *
     * @param  non-empty-list<PlacedCascade>  $cascades
     */
    public static function finest(array $cascades): Units
    {
        $units = array_map(fn (PlacedCascade $one): Units => $one->units, $cascades);

        return match (true) {
            in_array(Units::Letters, $units, true) => Units::Letters,
            in_array(Units::Words, $units, true) => Units::Words,
            default => Units::Lines,
        };
    }

    /**
     * The units of a cascade.
     *
     * @param  Units  $parts  the atoms that are drawn
     */
    public function of(PlacedCascade $cascade, SetText $text, Units $parts): UnitSet
    {
        $block = $text->block;
        $key = "{$cascade->units->value} $cascade->every ".(int) $cascade->spaces." $parts->value $text->typeSize $text->leading";
        $known = $this->sets[$block] ?? [];
        if (! isset($known[$key])) {
            // A block that changes its size all the time is not to fill the memory.
            $known = count($known) < 16 ? $known : [];
            $known[$key] = $this->set($cascade, $text, $parts);
            $this->sets[$block] = $known;
        }

        return $known[$key];
    }

    private function set(PlacedCascade $cascade, SetText $text, Units $parts): UnitSet
    {
        $counted = array_values(array_filter(
            $this->atoms($text->block, $cascade->units), fn (TextAtom $one): bool => $cascade->spaces || ! $one->outline->isEmpty(),
        ));
        $boxes = [];
        $lines = [];
        $unitOf = [];
        $numbers = [];
        foreach ($counted as $atom) {
            // What has several colours has as many parts, and is one.
            $number = $numbers[self::key($cascade->units, $atom)] ??= count($numbers);
            $unit = intdiv($number, $cascade->every);
            $box = $text->atomBox($atom);
            $boxes[$unit] = isset($boxes[$unit]) ? $boxes[$unit]->union($box) : $box;
            $lines[$unit] ??= $atom->line;
            $unitOf[self::key($cascade->units, $atom)] = $unit;
        }
        $whole = $text->box()->centre();
        $middle = fn (int $line) => $cascade->units === Units::Lines ? $whole : $text->lineBox($line)->centre();

        return new UnitSet(
            array_values($boxes),
            array_map($middle, array_values($lines)),
            array_map(fn (TextAtom $one): ?int => $unitOf[self::key($cascade->units, $one)] ?? null, $this->atoms($text->block, $parts)),
        );
    }

    /** What of an atom tells which unit it belongs to. */
    private static function key(Units $units, TextAtom $atom): string
    {
        return match ($units) {
            Units::Lines => (string) $atom->line,
            Units::Words => $atom->word === null ? '' : (string) $atom->word,
            default => "$atom->line $atom->left",
        };
    }
}
