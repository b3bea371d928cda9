<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Cascade\PlacedCascade;
use Ricamo\Core\Cascade\Units;
use Ricamo\Core\Effect\PlacedEffect;
use Ricamo\Core\Json\Altered;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Line\PlacedBrush;
use Ricamo\Core\Line\PlacedOutline;
use Ricamo\Core\Mask\PlacedMask;
use Ricamo\Core\Paint\PlacedGradient;
use Ricamo\Core\Patch\PlacedPatchwork;
use Ricamo\Core\Property\Attached;
use Ricamo\Core\Property\AttachedSettings;
use Ricamo\Core\Refusal;

/** All that is attached to a layer, besides the settings of each, which are properties of the layer. */
final readonly class Attachments
{
    /**
     * @param  list<PlacedEffect>  $effects
     * @param  list<PlacedMask>  $masks
     * @param  list<PlacedGradient>  $gradients
     * @param  list<PlacedCascade>  $cascades
     * @param  list<PlacedOutline>  $outlines
     */
    public function __construct(
        #[Field('in the order in which they are done', longest: PlacedEffect::MOST, ref: 'Effect')]
        public array $effects = [],
        #[Field(longest: PlacedMask::MOST, ref: 'Mask')]
        public array $masks = [],
        #[Field('in the place of the colours of its fill and its outline', longest: PlacedGradient::MOST, ref: 'Gradient')]
        public array $gradients = [],
        #[Field('animations that are spread over what it consists of', longest: PlacedCascade::MOST, ref: 'Cascade')]
        public array $cascades = [],
        #[Field('that its outline is drawn with', ref: 'Brush')]
        public ?PlacedBrush $brush = null,
        #[Field('more of them, the first outermost', longest: PlacedOutline::MOST, ref: 'Outline')]
        public array $outlines = [],
        #[Field('that it is cut into', ref: 'Patchwork')]
        public ?PlacedPatchwork $patchwork = null,
    ) {
    }

    /** @return Fields<self> what layers of a kind can have */
    public static function described(LayerKind $kind): Fields
    {
        return Fields::of(self::class)->without([
            ...($kind->hasOutline() ? [] : ['gradients', 'brush', 'outlines']),
            ...($kind->canBeCut() ? [] : ['patchwork']), ...($kind->canBeCut() || $kind->units() !== [] ? [] : ['cascades']),
        ]);
    }

    /**
     * @param  Node  $layer  whose fields they are
     * @return array{self, array<string, Property>} with the settings of all, as properties of the layer
     *
     * @throws Refusal for what is none
     */
    public static function read(Node $layer, LayerKind $kind): array
    {
        if (array_intersect_key($layer->object(), Fields::of(self::class)->names()) === []) {
            return [new self, []];
        }
        [$effects, $ofEffects] = PlacedEffect::readAll($layer->optional('effects'));
        [$masks, $ofMasks] = PlacedMask::readAll($layer->optional('masks'));
        if (! $kind->hasOutline()) {
            $layer->optional('gradients')?->refuse("a {$kind->name()} layer has no fill");
        }
        [$gradients, $ofGradients] = AttachedSettings::read($layer->optional('gradients'), PlacedGradient::MOST, PlacedGradient::read(...));
        [$outlines, $ofOutlines] = PlacedOutline::readAll($layer->optional('outlines'), $kind->name(), $kind->hasOutline());
        foreach ($gradients as $index => $gradient) {
            if ($gradient->of->isMore() && ! isset($ofOutlines[$gradient->of->colour()])) {
                $layer->field('gradients')->items()[$index]->field('of')->refuse("there is no outline {$gradient->of->name}");
            }
        }
        [$brush, $ofBrush] = PlacedBrush::readOf($layer->optional('brush'), $kind->name(), $kind->hasOutline());
        [$patchwork, $ofPatchwork] = PlacedPatchwork::readOf($layer->optional('patchwork'), $kind->name(), $kind->canBeCut());
        if ($patchwork === null && $kind->canBeCut() && $kind->units() === []) {
            $layer->optional('cascades')?->refuse("of a {$kind->name()} layer only patches can have them, and this one is not cut");
        }
        $units = [...($patchwork === null ? [] : [Units::Patches]), ...$kind->units()];
        [$cascades, $ofCascades] = PlacedCascade::readAll($layer->optional('cascades'), $kind->name(), $units);

        return [
            new self($effects, $masks, $gradients, $cascades, $brush, $outlines, $patchwork),
            [...$ofEffects, ...$ofMasks, ...$ofGradients, ...$ofCascades, ...$ofBrush, ...$ofOutlines, ...$ofPatchwork],
        ];
    }

    /**
     * @param  array<string, Property>  $properties  of the layer
     * @return array<string, mixed> the fields of a layer that they are written in
     */
    public function toJson(array $properties): array
    {
        $json = [];
        foreach ([
            'effects' => $this->effects, 'masks' => $this->masks, 'gradients' => $this->gradients,
            'cascades' => $this->cascades, 'outlines' => $this->outlines,
        ] as $name => $things) {
            if ($things !== []) {
                $json[$name] = AttachedSettings::write($things, $properties);
            }
        }

        foreach (array_filter(['brush' => $this->brush, 'patchwork' => $this->patchwork]) as $name => $thing) {
            $json[$name] = AttachedSettings::write([$thing], $properties)[0];
        }

        return $json;
    }

    /** @return list<Attached> */
    public function all(): array
    {
        return [
            ...$this->effects,
            ...$this->masks,
            ...$this->gradients,
            ...$this->cascades,
            ...$this->outlines,
            ...($this->brush === null ? [] : [$this->brush]),
            ...($this->patchwork === null ? [] : [$this->patchwork]),
        ];
    }

    /** @return array<string, string> the ids of all media that they show, by the field that names each */
    public function media(): array
    {
        $media = [];
        foreach ($this->gradients as $gradient) {
            $media += $gradient->media === null ? [] : ["gradients.{$gradient->of->name}" => $gradient->media];
        }

        return $this->brush?->media === null ? $media : [...$media, 'brush' => $this->brush->media];
    }

    /**
     * A copy that refers to the new ids of media.
     *
     * @param  array<string, string>  $ids  the new id of each
     */
    public function usingMedia(array $ids): self
    {
        return $this->with([
            'gradients' => array_map(
                fn (PlacedGradient $one): PlacedGradient => $one->media === null ? $one : $one->ofMedia($ids[$one->media] ?? $one->media),
                $this->gradients,
            ),
            'brush' => $this->brush?->media === null
                ? $this->brush
                : $this->brush->ofMedia($ids[$this->brush->media] ?? $this->brush->media),
        ]);
    }

    /**
     * A copy whose masks refer to the new ids of layers.
     *
     * @param  array<string, string>  $ids  the new id of each
     */
    public function maskedBy(array $ids): self
    {
        return $this->with(['masks' => array_map(
            fn (PlacedMask $mask): PlacedMask => isset($ids[$mask->layer ?? '']) ? $mask->ofLayer($ids[$mask->layer]) : $mask, $this->masks,
        )]);
    }

    /**
     * @param  array{effects?: list<PlacedEffect>, masks?: list<PlacedMask>, gradients?: list<PlacedGradient>,
     *     cascades?: list<PlacedCascade>, brush?: ?PlacedBrush, outlines?: list<PlacedOutline>,
     *     patchwork?: ?PlacedPatchwork}  $changed
     */
    public function with(array $changed): self
    {
        return Altered::copy($this, $changed);
    }
}
