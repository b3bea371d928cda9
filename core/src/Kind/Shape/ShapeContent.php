<?php

namespace Ricamo\Core\Kind\Shape;

use Ricamo\Core\Kind\Content;

final readonly class ShapeContent implements Content
{
    public function __construct(public ShapeForm $form)
    {
    }

    public function toJson(): array
    {
        return ['form' => $this->form->value];
    }
}
