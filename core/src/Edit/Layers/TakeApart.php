<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Drawing\Drawn;
use Ricamo\Core\Drawing\DrawnGroup;
use Ricamo\Core\Drawing\DrawnShape;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Footage\FootageContent;
use Ricamo\Core\Kind\Footage\ReadDrawings;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Refusal;

/**
 * Takes a picture that is made of outlines apart: in its place comes a group, placed and animated as it was, in which each part is
 * a shape, in its place and order. Nothing of what is seen changes.
 */
final readonly class TakeApart implements CompositionEdit
{
    /** The most layers that one is taken apart into. */
    private const MOST = 300;

    public function __construct(
        #[Id] private string $layer,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $layer = $composition->layer($this->layer);
        $drawing = $layer->content instanceof FootageContent
            ? (new ReadDrawings)->of($evaluator->media->get($layer->content->media))
            : null;
        if ($drawing === null) {
            throw new Refusal("“{$layer->name}” is not made of outlines; only a drawing can be taken apart");
        }
        if (self::isMasked($drawing->parts)) {
            throw new Refusal("“{$layer->name}” is masked by more than one outline somewhere in it, and cannot be taken apart");
        }
        $group = InPlaceOf::of($layer, 'group');
        $next = (int) substr($composition->layers->freeId(), 1);
        $parts = $this->parts($drawing->parts, $group, $layer, $drawing->width / 2, $drawing->height / 2, $next);
        if (count($parts) > self::MOST) {
            throw new Refusal("“{$layer->name}” has ".count($parts).' parts; '.self::MOST.' at most become layers');
        }
        $index = $composition->indexOf($layer->id);
        $layers = $composition->layers->without([$layer->id])->insertingAll([...$parts, $group], $index);

        return $composition->withLayers($layers);
    }

    public function title(): string
    {
        return 'take apart';
    }

    /** @param  list<Drawn>  $parts */
    private static function isMasked(array $parts): bool
    {
        foreach ($parts as $part) {
            if ($part instanceof DrawnGroup && ($part->masks !== [] || self::isMasked($part->parts))) {
                return true;
            }
        }

        return false;
    }

    /**
     * From the bottom to the top; a group comes right after what is in it.
     *
     * @param  list<Drawn>  $drawn
     * @return list<Layer>
     */
    private function parts(array $drawn, Layer $group, Layer $picture, float $x, float $y, int &$next): array
    {
        $parts = [];
        foreach ($drawn as $number => $part) {
            $common = [
                'in' => $picture->span->in,
                'out' => $picture->span->out,
                'group' => $group->id,
                'label' => $picture->switches->label->value,
                'id' => 'l'.$next++,
            ];
            if ($part instanceof DrawnGroup) {
                $clip = $part->clip === null ? null : Contours::of($part->clip->transformed(Affine::translation(-$x, -$y)));
                $inner = Layer::read(new Node([
                    ...$common, 'kind' => 'group', 'name' => 'Group '.($number + 1), 'opacity' => 100 * $part->opacity,
                    ...($clip === null ? [] : ['masks' => [['id' => 'm1', 'form' => 'free', 'path' => $clip->write()]]]),
                ]));
                array_push($parts, ...$this->parts($part->parts, $inner, $picture, $x, $y, $next));
                $parts[] = $inner;
            } elseif ($part instanceof DrawnShape) {
                $shape = DrawnLayer::of($part, $x, $y);
                $parts = $shape === null
                    ? $parts
                    : [...$parts, Layer::read(new Node([...$common, 'name' => 'Part '.($number + 1), ...$shape]))];
            }
        }

        return $parts;
    }
}
