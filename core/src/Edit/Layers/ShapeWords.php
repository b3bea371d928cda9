<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Cascade\PlacedCascade;
use Ricamo\Core\Cascade\Units;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Gradient;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Text\Apart;
use Ricamo\Core\Kind\Text\TextContent;
use Ricamo\Core\Kind\Text\WordShape;
use Ricamo\Core\Line\LineStyle;
use Ricamo\Core\Line\PlacedOutline;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Property\AttachedSettings;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Refusal;

/**
 * Makes shapes of words as they are set on a frame: letter by letter, word by word, or all of them one. In their place comes a group
 * that is placed and animated as they were, or the one shape itself. Cascades of letters become those of the group's layers where
 * each letter is one; others are gone. Outlines lie beneath the letter that they are of.
 */
final readonly class ShapeWords implements CompositionEdit
{
    /** The most shapes that one text becomes. */
    private const MOST = 300;

    public function __construct(
        #[Id] private string $layer,
        #[Field] private Apart $by,
        #[Frame] private int $frame,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $layer = $composition->layer($this->layer);
        if (! $layer->content instanceof TextContent) {
            throw new Refusal("“{$layer->name}” has no words");
        }
        [$fill, $words] = $evaluator->words($layer, $composition, $this->frame, $this->by);
        if ($words === [] || count($words) > self::MOST) {
            throw new Refusal(
                $words === []
                    ? "“{$layer->name}” shows no letters on that frame"
                    : "“{$layer->name}” has ".count($words).' parts; '.self::MOST.' at most become shapes',
            );
        }
        $json = $layer->toJson();
        $shapes = array_map(fn (WordShape $one): array => self::shape($one, $layer, $json, $fill), $words);
        $index = $composition->indexOf($layer->id);
        $inPlace = count($shapes) === 1
            ? [self::alone($layer, $words[0], $shapes[0])]
            : $this->grouped($layer, $words, $shapes, (int) substr($composition->layers->freeId(), 1));

        return $composition->withLayers($composition->layers->without([$layer->id])->insertingAll($inPlace, $index));
    }

    public function title(): string
    {
        return 'make shapes of words';
    }

    /**
     * @param  array<string, mixed>  $json  the layer's
     * @return array<string, mixed> the fields of a shape, placed where it is in the layer
     *
     * @throws Refusal for one of too many points
     */
    private static function shape(WordShape $word, Layer $layer, array $json, Colour|Gradient|null $fill): array
    {
        $drawn = DrawnLayer::of($word->drawn($fill), 0, 0) ?? throw new Refusal("“{$word->name}” has too many points for a shape");
        if ($word->isPlate) {
            return ['name' => $word->name, ...array_diff_key($drawn, ['gradients' => 0]), 'fill' => $json['plate']];
        }
        $styles = array_map(fn (PropertyDefinition $one): string => $one->name, LineStyle::properties());

        return [
            'name' => $word->name, ...$drawn, ...($fill instanceof Colour && $word->colour === null ? ['fill' => $json['fill']] : []),
            'cap' => 'round', ...array_intersect_key($json, array_flip([...$styles, 'brush'])), ...self::outlines($layer, $json),
        ];
    }

    /**
     * Its own outline lies above the others that are beneath it.
     *
     * @param  array<string, mixed>  $json
     * @return array<string, mixed>
     */
    private static function outlines(Layer $layer, array $json): array
    {
        $outlines = AttachedSettings::write($layer->attached->outlines, $layer->properties);
        $isSeen = $json['outlineWidth'] !== 0.0 && $json['outline'] !== '#00000000';
        $numbers = [0, ...array_map(fn (PlacedOutline $one): int => (int) substr($one->id, 1), $layer->attached->outlines)];
        $own = $isSeen
            ? [['id' => 'o'.(max($numbers) + 1), 'side' => 'centre', 'colour' => $json['outline'], 'width' => $json['outlineWidth']]]
            : [];

        return $outlines === [] && $own === [] ? [] : ['outlines' => [...$outlines, ...$own]];
    }

    /** @param  array<string, mixed>  $shape */
    private static function alone(Layer $layer, WordShape $word, array $shape): Layer
    {
        return InPlaceOf::of($layer, 'shape', [
            'path' => Contours::of($word->path)->write(),
            ...array_diff_key($shape, ['kind' => 0, 'name' => 0, 'position' => 0, 'path' => 0]),
        ]);
    }

    /**
     * What is in several colours is a group in the group, unless it is all that there is.
     *
     * @param  list<WordShape>  $words
     * @param  list<array<string, mixed>>  $shapes  of each of them
     * @param  int  $next  the number of the next layer
     * @return list<Layer>
     */
    private function grouped(Layer $layer, array $words, array $shapes, int $next): array
    {
        $common = ['in' => $layer->span->in, 'out' => $layer->span->out, 'label' => $layer->switches->label->value];
        $units = [];
        foreach ($words as $index => $word) {
            $units[$word->unit][] = $index;
        }
        $members = [];
        foreach ($units as $of) {
            $isApart = count($of) > 1 && $this->by !== Apart::Whole;
            $group = $isApart ? 'l'.($next + count($of)) : $layer->id;
            foreach ($of as $index) {
                $members[] = Layer::read(new Node([...$common, 'id' => 'l'.$next++, 'group' => $group, ...$shapes[$index]]));
            }
            if ($isApart) {
                $members[] = Layer::read(new Node([
                    ...$common, 'id' => 'l'.$next++, 'kind' => 'group', 'group' => $layer->id, 'name' => $words[$of[0]]->of,
                ]));
            }
        }
        $cascades = $this->by === Apart::Letters ? self::cascades($layer) : [];

        return [...$members, InPlaceOf::of($layer, 'group', [], $cascades)];
    }

    /** @return list<array<string, mixed>> those of letters, of layers now, and what mirrors them */
    private static function cascades(Layer $layer): array
    {
        $isOfLetters = fn (PlacedCascade $one): bool => $one->units === Units::Letters
            && $one->every === 1
            && ! $one->spaces
            && $one->mirrors === null;
        $kept = array_map(fn (PlacedCascade $one): string => $one->id, array_filter($layer->attached->cascades, $isOfLetters));
        $all = array_values(array_filter(
            $layer->attached->cascades, fn (PlacedCascade $one): bool => in_array($one->mirrors ?? $one->id, $kept, true),
        ));

        return array_map(
            fn (array $json): array => isset($json['mirrors']) ? $json : [
                ...array_diff_key($json, ['caret' => 0, 'shuffles' => 0]), 'units' => Units::Layers->value,
            ],
            AttachedSettings::write($all, $layer->properties),
        );
    }
}
