<?php

namespace Ricamo\Core\Document\Content;

use Ricamo\Core\Json\Node;

final readonly class ShapeContent implements Content
{
    public function __construct(public ShapeForm $form)
    {
    }

    public static function fields(): array
    {
        return ['form'];
    }

    public static function read(Node $node): self
    {
        return new self($node->field('form')->enum(ShapeForm::class));
    }

    public function toJson(): array
    {
        return ['form' => $this->form->value];
    }
}
