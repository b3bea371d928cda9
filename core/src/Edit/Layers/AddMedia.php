<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Kinds;
use Ricamo\Core\Document\LayerKind;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Picture\OnPicture;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Playing\Pace;
use Ricamo\Core\Kind\Playing\Stretch;
use Ricamo\Core\Refusal;

/**
 * Puts media on top of the stack, as a layer of the kind that is for them: a clip or a picture, a sound, words in a font. A clip fills
 * the frame wherever in the picture it is dropped. With `from` or `to` only a stretch of it is taken.
 */
final readonly class AddMedia implements CompositionEdit
{
    public function __construct(
        #[Id] private string $media,
        #[Field(least: 0, most: Composition::LONGEST - 1)] private int $at = 0,
        #[OnPicture] private ?Point $position = null,
        #[Field(least: 0, most: 36_000)] private float $lasts = LayerKind::LASTS,
        #[Field('the first frame of the clip that is taken', least: 0, most: Pace::FARTHEST)] private ?int $from = null,
        #[Field('the frame after the last that is taken', least: 0, most: Pace::FARTHEST)] private ?int $to = null,
    ) {
    }

    /** @throws Refusal where no kind of layer is for them */
    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $media = $evaluator->media->get($this->media);
        $stretch = Stretch::of($media, $this->from, $this->to);
        foreach (Kinds::all() as $kind) {
            $layer = $kind->madeOf($media, $this->position);
            if ($layer !== null) {
                $taken = $stretch === null ? [] : $this->taken($stretch, $composition);
                $said = new Node(['kind' => $kind->name(), ...$layer, ...$taken], 'layer');

                return (new AddLayer($said, $this->at, $this->lasts))->apply($composition, $evaluator);
            }
        }
        throw new Refusal("“{$media->name}” cannot be placed");
    }

    /** @return array<string, int> the fields of a layer by which it shows a stretch, as far as the composition goes */
    private function taken(Stretch $stretch, Composition $composition): array
    {
        $in = min($this->at, $composition->range()->last());

        return [
            'from' => $stretch->from,
            'out' => min($in + $stretch->length($composition->rate), max($composition->length, $in + 1)),
        ];
    }

    public function title(): string
    {
        return 'add layer';
    }
}
