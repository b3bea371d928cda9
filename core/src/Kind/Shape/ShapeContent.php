<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Shape;

use Ricamo\Core\Document\Content;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Kind\SaysIdle;
use Ricamo\Core\Kind\SpreadsOver;
use Ricamo\Core\Line\LineEnds;
use Ricamo\Core\Line\LineStyle;
use Ricamo\Core\Property\References;

final readonly class ShapeContent implements Content, SaysIdle, SpreadsOver
{
    /** The most widths along an outline. */
    public const MOST_WIDTHS = 256;

    /**
     * @param  list<float>  $widths  of its outline evenly along it, in per cent, as a hand pressed; none where it is as wide all along
     */
    public function __construct(public ShapeForm $form, public LineEnds $ends = new LineEnds, public array $widths = [])
    {
    }

    public function toJson(): array
    {
        return ['form' => $this->form->value, ...$this->ends->toJson(), ...($this->widths === [] ? [] : ['widths' => $this->widths])];
    }

    public function idle(Layer $layer, MediaLibrary $media): array
    {
        return [
            ...$this->form->idle(),
            ...($this->ends->isMarked() ? [] : ['endSize']),
            ...($this->form->isOpen() ? [] : ['beginMark', 'endMark']),
            ...($this->form->isOpen() || LineStyle::parts($layer) ? [] : ['cap']),
            ...Repeats::idle($layer),
        ];
    }

    public function units(Layer $layer, int $frame): array
    {
        return Repeats::isOne($layer, $frame) ? [] : $layer->kind->units();
    }

    public function refersTo(): References
    {
        return new References;
    }
}
