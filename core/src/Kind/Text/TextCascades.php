<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Text;

use Closure;
use Ricamo\Core\Cascade\PlacedCascade;
use Ricamo\Core\Cascade\Running;
use Ricamo\Core\Cascade\Unfolding;
use Ricamo\Core\Cascade\Units;
use Ricamo\Core\Cascade\UnitSet;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use WeakMap;

/** What cascades make of the parts of a text. */
final readonly class TextCascades
{
    /** How wide a caret is, and how far from the letter before it, in parts of the type size. */
    private const CARET = 0.07;

    private TextUnits $units;

    /** @var WeakMap<SetText, array<string, Unfolding>> of cascades whose settings rest, by what they are spread over */
    private WeakMap $resting;

    public function __construct()
    {
        $this->units = new TextUnits;
        $this->resting = new WeakMap;
    }

    /**
     * The parts of a text as they are at a moment.
     *
     * @param  bool  $letterByLetter  whether it is parted even where all of it rests
     * @param  ?Closure(float): ?TextBlock  $heavier  the same text, heavier by an amount; none where its font cannot be varied in that
     * @param  bool  $seen  whether only those are asked for of which something is seen
     * @return ?list<TextPart> null where all of it rests and is not parted
     */
    public function parts(
        Layer $layer,
        SetText $text,
        int|float $at,
        bool $letterByLetter = false,
        ?Closure $heavier = null,
        bool $seen = false,
    ): ?array {
        $running = $layer->attached->cascades === [] ? [] : Running::of($layer->attached->cascades, $layer, $at);
        if ($running === []) {
            return $letterByLetter ? self::resting($this->letters($text)) : null;
        }
        $finest = $letterByLetter
            ? Units::Letters
            : TextUnits::finest(array_map(fn (Running $one): PlacedCascade => $one->cascade, $running));
        $atoms = $this->units->atoms($text->block, $finest);
        $unfoldings = $this->unfoldings($layer, $running, $text, $finest);
        $parts = [];
        $changes = [];
        /** @var array<string, list<TextAtom>> $varied by how much heavier they are */
        $varied = [];
        foreach ($atoms as $index => $atom) {
            $change = null;
            foreach ($unfoldings as $number => [$unfolding, $of]) {
                $unit = $of[$index];
                if ($unit !== null) {
                    // All parts of a unit change alike.
                    $own = $changes[$number][$unit] ??= $unfolding->of($unit, $at) ?? false;
                    if ($own !== false) {
                        if ($seen && $own->opacity <= 0) {
                            continue 2;
                        }
                        $change = $change === null ? $own : $change->and($own);
                    }
                }
            }
            if ($atom->outline->isEmpty()) {
                continue;
            }
            $drawn = $atoms;
            if ($heavier !== null && $change !== null && $change->weight !== 0.0) {
                $drawn = $varied[(string) $change->weight] ??= $this->varied($heavier($change->weight), $finest, $atoms);
            }
            $shown = $change?->shows === null ? $drawn[$index] : self::anyOf($drawn, $change->shows);
            $parts[] = new TextPart($shown === $atom ? $atom : self::inPlaceOf($atom, $shown), $change, $index);
        }

        return $parts;
    }

    /**
     * The parts of another block that are like those of a text; those themselves where it would break elsewhere, or join other letters.
     *
     * @param  list<TextAtom>  $atoms
     * @return list<TextAtom>
     */
    private function varied(?TextBlock $block, Units $finest, array $atoms): array
    {
        $own = $block === null ? [] : $this->units->atoms($block, $finest);

        return count($own) === count($atoms) ? $own : $atoms;
    }

    /** @return list<TextAtom> */
    public function letters(SetText $text): array
    {
        return $this->units->atoms($text->block, Units::Letters);
    }

    /**
     * @param  list<TextAtom>  $letters
     * @return list<TextPart>
     */
    private static function resting(array $letters): array
    {
        $drawn = array_filter($letters, fn (TextAtom $one): bool => ! $one->outline->isEmpty());

        return array_map(
            fn (TextAtom $one, int $number): TextPart => new TextPart($one, null, $number), array_values($drawn), array_keys($drawn),
        );
    }

    /** How many units of a cascade there are. */
    public function count(PlacedCascade $cascade, SetText $text): int
    {
        return count($this->units->of($cascade, $text, $cascade->units)->boxes);
    }

    /** Where the caret of typing is at a moment, in the layer's own space; null for none. */
    public function caret(Layer $layer, SetText $text, int|float $at): ?Box
    {
        $carets = array_values(array_filter(
            $layer->attached->cascades === [] ? [] : Running::of($layer->attached->cascades, $layer, $at),
            fn (Running $one): bool => $one->cascade->caret,
        ));
        if ($carets === []) {
            return null;
        }
        [$unfolding] = $this->unfoldings($layer, [$carets[0]], $text, $carets[0]->cascade->units)[0];
        $set = $this->units->of($carets[0]->cascade, $text, $carets[0]->cascade->units);
        $behind = $unfolding->caretAfter($at);
        $width = self::CARET * $text->typeSize;
        if ($behind === null && ! isset($set->boxes[0])) {
            return null;
        }
        $box = $set->boxes[$behind ?? 0];
        assert($layer->content instanceof TextContent);
        if ($layer->content->down) {
            $top = $behind === null ? $box->top - 2 * $width : $box->bottom + $width;

            return new Box($box->left, $top, $box->right, $top + $width);
        }
        $left = $behind === null ? $box->left - 2 * $width : $box->right + $width;

        return new Box($left, $box->top, $left + $width, $box->bottom);
    }

    /**
     * Two corners of each part, wherever it is at the moment.
     *
     * @return array<string, Point> in the layer's own space; none where all of it rests
     */
    public function marks(Layer $layer, SetText $text, int|float $at): array
    {
        $marks = [];
        foreach ($this->parts($layer, $text, $at) ?? [] as $part) {
            $box = $text->atomBox($part->atom);
            foreach ([new Point($box->left, $box->top), new Point($box->right, $box->bottom)] as $number => $corner) {
                $marks["$part->number $number"] = $part->change === null ? $corner : $part->change->about($corner);
            }
        }

        return $marks;
    }

    /**
     * @param  list<Running>  $running
     * @return list<array{Unfolding, list<?int>}> with the unit of each part
     */
    private function unfoldings(Layer $layer, array $running, SetText $text, Units $parts): array
    {
        return array_map(function (Running $one) use ($layer, $text, $parts): array {
            $set = $this->units->of($one->cascade, $text, $parts);

            return [$this->unfolding($layer, $one, $set, $text, $parts), $set->of];
        }, $running);
    }

    private function unfolding(Layer $layer, Running $running, UnitSet $set, SetText $text, Units $parts): Unfolding
    {
        if (! $running->rests($layer)) {
            return new Unfolding($running, $set, $layer->span);
        }
        $key = "{$running->cascade->id} {$running->cascade->at} ".(int) $running->returns.(int) $running->sameOrder." $parts->value";
        $known = $this->resting[$text] ?? [];
        if (! isset($known[$key])) {
            $known[$key] = new Unfolding($running, $set, $layer->span);
            $this->resting[$text] = $known;
        }

        return $known[$key];
    }

    /**
     * Any of those that are seen, by a number that stands for it.
     *
     * @param  list<TextAtom>  $atoms
     */
    private static function anyOf(array $atoms, int $number): TextAtom
    {
        $drawn = array_values(array_filter($atoms, fn (TextAtom $one): bool => ! $one->outline->isEmpty()));

        return $drawn[$number % count($drawn)];
    }

    /** Another part, its middle where the middle of one rests. */
    private static function inPlaceOf(TextAtom $of, TextAtom $shown): TextAtom
    {
        $by = ($of->left + $of->right - $shown->left - $shown->right) / 2;

        return new TextAtom(
            $shown->outline, $shown->left + $by, $shown->right + $by, $of->line, $of->word, $by, $of->colour, $shown->layers,
        );
    }
}
