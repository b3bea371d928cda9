<?php

namespace Ricamo\Core\Document\Content;

use Ricamo\Core\Json\Node;

/** What a layer shows, apart from the properties that can be keyframed. */
interface Content
{
    /** @return list<string> the names of its fields in a layer's JSON */
    public static function fields(): array;

    /** @param  Node  $node the layer's JSON */
    public static function read(Node $node): self;

    /** @return array<string, mixed> its fields */
    public function toJson(): array;
}
