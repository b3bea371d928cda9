<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Text;

use Ricamo\Core\Cascade\PlacedCascade;
use Ricamo\Core\Cascade\UnitChange;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Cap;
use Ricamo\Core\Display\Corners;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Filter\Blur;
use Ricamo\Core\Display\Gradient;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Join;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Kind\Artist;
use Ricamo\Core\Kind\Coats;
use Ricamo\Core\Kind\LineArtist;
use Ricamo\Core\Kind\Materials;
use Ricamo\Core\Kind\Moment;
use Ricamo\Core\Kind\MovesWithin;
use Ricamo\Core\Kind\PaintedPictures;
use Ricamo\Core\Kind\Paints;
use Ricamo\Core\Kind\ReachesBeyond;
use Ricamo\Core\Kind\UnitsInSpace;
use Ricamo\Core\Line\LineEnds;
use Ricamo\Core\Paint\Painted;
use Ricamo\Core\Paint\PicturePaint;
use Ricamo\Core\Paint\PlacedGradient;
use Ricamo\Core\Paint\Sweep;
use Ricamo\Core\Refusal;
use Ricamo\Core\Text\ShapedLine;
use WeakMap;

/**
 * Draws text: line by line, or where cascades are at work part by part. The outlines lie beneath, so that they do not eat into
 * the letters, then the fills.
 */
final readonly class TextArtist implements Artist, MovesWithin, ReachesBeyond
{
    /** By which words are set; the axes of their font beside these. */
    private const SET_BY = ['typeface', 'typeSize', 'tracking', 'leading', 'boxWidth', 'fitBox', 'number', 'path'];

    private PaintedPictures $pictures;

    private TextBlocks $blocks;

    private MediaLibrary $media;

    private TextCascades $cascades;

    /** @var WeakMap<TextAtom, Fill> what each letter that rests was filled with last */
    private WeakMap $filled;

    /** @var WeakMap<Layer, SetText> of those whose words rest */
    private WeakMap $resting;

    public function __construct(Materials $materials)
    {
        [$this->blocks, $this->media] = [$materials->blocks, $materials->media];
        $this->pictures = new PaintedPictures($materials);
        $this->cascades = new TextCascades;
        $this->resting = new WeakMap;
        $this->filled = new WeakMap;
    }

    public function draw(Layer $layer, Composition $composition, Moment $moment, Affine $matrix): array
    {
        $at = $moment->at;
        $text = $this->text($layer, $at, $composition);
        $box = $text->box();
        $width = max(0, $layer->number('outlineWidth', $at)) * ShapedLine::EM / $text->typeSize;
        $fill = Paints::of(Painted::fill(), $layer, $at, $box);
        $outline = $width > 0 ? Paints::of(Painted::outline(), $layer, $at, $box) : null;
        $pictures = $this->pictures->on($layer, $composition, $moment);
        $lines = $outline === null
            ? null
            : new LineArtist($layer, $at, $width, Join::Round, new LineEnds(Cap::Round), $text->typeSize / ShapedLine::EM, $pictures);

        $onPath = OnPath::of($layer, $text, $at);
        $coats = $layer->attached->outlines === []
            ? null
            : new Coats($layer, $at, $box, $pictures, new LineEnds(Cap::Round), $text->typeSize / ShapedLine::EM);
        [$strokes, $fills, $away] = [[], [], []];
        foreach ($this->cascades->parts(
            $layer, $text, $at, $onPath !== null,
            fn (float $by): ?TextBlock => $this->heavier($layer, $at, $composition, $by), true,
        ) ?? self::atRest($text->block) as $part) {
            $line = $text->placement($part->atom->line);
            $own = $part->atom->shift === 0.0 ? $line : $line->after(Affine::translation($part->atom->shift, 0));
            $bent = $onPath === null ? $matrix : $matrix->after($onPath->place($part->atom));
            $space = new UnitsInSpace($composition, $moment, $bent);
            $isFlat = $space->isFlat($part->change?->depth);
            if ($part->change === null) {
                $moved = $bent;
                // Letters that rest on a line all stand in the same place.
                $placed = $own === $line && $onPath === null ? $text->placed($matrix, $part->atom->line) : $moved->after($own);
            } else {
                $moved = $bent->after($part->change->matrix);
                $placed = $moved->after($own);
                if (abs($placed->determinant()) < 1e-12) {
                    continue;
                }
            }
            $seen = fn (Operation $one): Operation => self::changed($one, $part->change, $moved, $space);
            if ($outline !== null && $lines !== null) {
                $drawn = $lines->draw(
                    $part->atom->outline, $placed, fn (Affine $inner) => self::within($outline, $own->after($inner), $part->change),
                );
                array_push($strokes, ...array_map($seen, $drawn));
            }
            $coats?->add(
                $part->atom->outline,
                $own,
                $moved,
                $part->change === null && $isFlat ? null : $seen,
            );
            if ($part->change === null && $part->atom->layers === [] && $isFlat) {
                $one = $this->filled($part->atom, $placed, $part->atom->colour ?? $fill);
                if ($one !== null) {
                    $fills[] = $one;

                    continue;
                }
            }
            $painted = [];
            // What has a colour of its own is seen though the rest is clear.
            foreach ($part->atom->painted() as [$shape, $colour, $right]) {
                $paint = $colour ?? $fill;
                if ($paint !== null) {
                    $pen = $right === 0.0 ? null : Affine::translation($right, 0);
                    $painted[] = new Fill(
                        $shape,
                        $pen === null ? $placed : $placed->after($pen),
                        self::within($paint, $pen === null ? $own : $own->after($pen), $part->change),
                    );
                }
            }
            // What a picture is painted of fades as one.
            $isOne = count($painted) > 1 && $part->change !== null && ($part->change->opacity < 1 || $part->change->blur > 0);
            foreach ($isOne ? [new Group($painted)] : $painted as $one) {
                $fills[] = $seen($one);
                if ($space->isThick()) {
                    $middle = $own->apply($part->atom->outline->bounds?->centre() ?? new Point(0, 0));
                    $away[] = $space->away($part->change?->depth, $part->change?->matrix->apply($middle) ?? $middle);
                }
            }
        }
        if ($away !== []) {
            // Sides of the nearer ones may cover those that are farther away.
            arsort($away);
            $fills = array_map(fn (int $index): Operation => $fills[$index], array_keys($away));
        }
        $whole = new UnitsInSpace($composition, $moment, $matrix);
        $caret = $fill === null ? null : $this->cascades->caret($layer, $text, $at);
        if ($fill !== null && $caret !== null) {
            array_push($fills, ...$whole->seen([new Fill(Outline::of(Path::rectangle($caret)), $matrix, Paints::within($fill))], null));
        }

        return [
            ...$whole->seen(Plate::draw($layer, $text, $at, $matrix), null),
            ...$coats?->beneath($matrix) ?? [],
            ...Paints::painted($outline, $strokes, $matrix, $pictures),
            ...Paints::painted($fill, $fills, $matrix, $pictures),
            ...$coats?->over($matrix) ?? [],
        ];
    }

    /**
     * Its words as outlines, as they rest, with what all of them are filled with.
     *
     * @return array{Colour|Gradient|null, list<WordShape>}
     *
     * @throws Refusal where they are painted with what shapes by themselves could not show
     */
    public function apart(Layer $layer, Composition $composition, int|float $at, Apart $by): array
    {
        $text = $this->text($layer, $at, $composition);
        $fill = Paints::of(Painted::fill(), $layer, $at, $text->box());
        $ofOthers = array_filter($layer->attached->gradients, fn (PlacedGradient $one): bool => $one->of->name !== Painted::fill()->name);
        if ($ofOthers !== [] || ! ($fill === null || $fill instanceof Colour || $fill instanceof Gradient)) {
            throw new Refusal(
                "“{$layer->name}” is painted with more than shapes by themselves could show: its fill may be a colour, or a linear or radial gradient, and its outlines colours",
            );
        }

        return [$fill, (new WordShapes($layer, $text, $at))->of($this->cascades->letters($text), $by)];
    }

    public function box(Layer $layer, Composition $composition, int|float $at): Box
    {
        $text = $this->text($layer, $at, $composition);
        $bent = OnPath::of($layer, $text, $at)?->box($this->cascades->letters($text));
        if ($bent !== null) {
            return $bent;
        }

        return array_reduce(Plate::boxes($layer, $text, $at), fn (Box $all, Box $one): Box => $all->union($one), $text->box());
    }

    public function units(Layer $layer, PlacedCascade $cascade): int
    {
        return $this->cascades->count($cascade, $this->text($layer, $layer->span->in, null));
    }

    public function marks(Layer $layer, Composition $composition, int|float $at): array
    {
        return $this->cascades->marks($layer, $this->text($layer, $at, $composition), $at);
    }

    public function seen(Layer $layer, Composition $composition, Moment $moment, Affine $matrix): array
    {
        return Paints::beyond(
            $layer, $moment->at, $this->box($layer, $composition, $moment->at), $matrix, $this->pictures->on($layer, $composition, $moment),
        );
    }

    /** @return list<TextPart> whole lines */
    private static function atRest(TextBlock $block): array
    {
        $lines = array_values(array_filter(TextAtoms::lines($block), fn (TextAtom $line): bool => ! $line->outline->isEmpty()));

        return array_map(fn (TextAtom $line, int $number): TextPart => new TextPart($line, null, $number), $lines, array_keys($lines));
    }

    /**
     * What is filled of a letter that rests: the very same as on the frame before, if that has not changed; null where it is not
     * in one colour.
     */
    private function filled(TextAtom $atom, Affine $placed, mixed $paint): ?Fill
    {
        if (! $paint instanceof Colour) {
            return null;
        }
        $known = $this->filled[$atom] ?? null;
        if ($known === null || $known->matrix !== $placed || $known->paint !== $paint) {
            $this->filled[$atom] = $known = new Fill($atom->outline, $placed, $paint);
        }

        return $known;
    }

    /** @param  Affine  $own  from the space of the outline to the layer's own, in which the paint is */
    private static function within(
        Colour|Gradient|Corners|Sweep|PicturePaint $paint,
        Affine $own,
        ?UnitChange $change,
    ): Colour|Gradient|Corners {
        if ($paint instanceof Colour) {
            return $change === null ? $paint : $change->tinted($paint);
        }
        $within = Paints::within($paint, $own);

        return $change === null || $change->tint === null ? $within : $within->mapped($change->tinted(...));
    }

    /** @param  Affine  $matrix  from the layer's own pixels, as they are moved, to those that are drawn */
    private static function changed(Operation $operation, ?UnitChange $change, Affine $matrix, UnitsInSpace $space): Operation
    {
        if ($change !== null) {
            $deviation = $change->blur * sqrt(abs($matrix->determinant()));
            $seen = $deviation >= 0.05 ? new Group([$operation], filters: [new Blur($deviation)]) : $operation;
            $operation = $change->opacity >= 1 ? $seen : $seen->faded($change->opacity);
        }
        if ($space->isFlat($change?->depth)) {
            return $operation;
        }
        $operations = $space->seen([$operation], $change?->depth);

        return count($operations) === 1 ? $operations[0] : new Group($operations);
    }

    /** @return ?TextBlock the same words heavier by an amount; null where their font cannot be varied in that */
    private function heavier(Layer $layer, int|float $at, Composition $composition, float $by): ?TextBlock
    {
        $resting = $this->blocks->weight(self::inFace($layer, $at)->face());

        return $resting === null
            ? null
            : $this->set($layer, $at, $composition, FontAxes::heavier(FontAxes::of($layer, $at), $by, $resting))->block;
    }

    /** The words of a layer as they are set at a moment. */
    private function text(Layer $layer, int|float $at, ?Composition $composition): SetText
    {
        $known = $this->resting[$layer] ?? null;
        if ($known !== null) {
            return $known;
        }
        $text = $this->set($layer, $at, $composition);
        assert($layer->content instanceof TextContent);
        $rests = $layer->rests([...self::SET_BY, ...array_values(FontAxes::names())]);
        if ($rests && $layer->content->counts === null) {
            $this->resting[$layer] = $text;
        }

        return $text;
    }

    /** What it says, in the face that it is set in at a moment. */
    private static function inFace(Layer $layer, int|float $at): TextContent
    {
        $face = $layer->value('typeface', $at);
        assert($layer->content instanceof TextContent && is_string($face));

        return $layer->content->inFace($face);
    }

    /**
     * @param  ?Composition  $composition  null where it does not matter how much is added to numbers
     * @param  ?array<string, float>  $axes  of its font, by their tags, in the place of its own
     */
    private function set(Layer $layer, int|float $at, ?Composition $composition, ?array $axes = null): SetText
    {
        $words = self::inFace($layer, $at);
        $font = $words->fontMedia;
        if ($font !== null && $this->media->get($font)->known()->font === null) {
            throw new Refusal("“{$this->media->get($font)->name}” is no font");
        }

        [$typeSize, $tracking, $width] = [
            max(0.01, $layer->number('typeSize', $at)), $layer->number('tracking', $at), $layer->number('boxWidth', $at),
        ];
        $added = $composition === null ? 0.0 : $words->counts?->added($layer->span, $at, $composition) ?? 0.0;
        $content = $words->at($layer->number('number', $at) + $added);
        $content = OnPath::isSet($layer, $at) ? $content->level() : $content;
        [$leading, $axes] = [$layer->number('leading', $at), $axes ?? FontAxes::of($layer, $at)];
        if ($width <= 0) {
            return new SetText($this->blocks->of($content, $tracking, axes: $axes), $typeSize, $leading);
        }
        if ($layer->value('fitBox', $at) !== true) {
            return new SetText($this->blocks->of($content, $tracking, $width * ShapedLine::EM / $typeSize, $axes), $typeSize, $leading);
        }
        $text = new SetText($this->blocks->of($content, $tracking, axes: $axes), $typeSize, $leading);
        $box = $text->box();
        $wide = $content->down ? $box->height() : $box->width();

        return $wide <= $width ? $text : new SetText($text->block, $typeSize * $width / $wide, $leading);
    }
}
