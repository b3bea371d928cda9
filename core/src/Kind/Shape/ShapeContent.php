<?php

namespace Ricamo\Core\Kind\Shape;

use Ricamo\Core\Display\Cap;
use Ricamo\Core\Kind\Content;

final readonly class ShapeContent implements Content
{
    /** @param  Cap  $cap  how its outline ends, where it is open */
    public function __construct(public ShapeForm $form, public Cap $cap = Cap::Butt)
    {
    }

    public function toJson(): array
    {
        return ['form' => $this->form->value, ...($this->cap === Cap::Butt ? [] : ['cap' => $this->cap->value])];
    }
}
