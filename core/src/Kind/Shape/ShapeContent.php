<?php

namespace Ricamo\Core\Kind\Shape;

use Ricamo\Core\Display\Cap;
use Ricamo\Core\Kind\Content;

final readonly class ShapeContent implements Content
{
    /** The most widths along an outline. */
    public const MOST_WIDTHS = 256;

    /**
     * @param  Cap  $cap  how its outline ends, where it is open
     * @param  list<float>  $widths  of its outline evenly along it, in per cent, as a hand pressed; none where it is as wide all along
     */
    public function __construct(public ShapeForm $form, public Cap $cap = Cap::Butt, public array $widths = [])
    {
    }

    public function toJson(): array
    {
        return ['form' => $this->form->value, ...($this->cap === Cap::Butt ? [] : ['cap' => $this->cap->value]), ...($this->widths === [] ? [] : ['widths' => $this->widths])];
    }
}
