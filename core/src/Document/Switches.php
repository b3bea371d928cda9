<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Display\Blend;
use Ricamo\Core\Json\Altered;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Json\Toggle;

/** What is switched on and off at a layer, or chosen for it. One more is one more parameter. */
final readonly class Switches
{
    public function __construct(
        #[Toggle('show layer', 'hide layer', always: true)]
        public bool $visible = true,
        #[Toggle('link scale', 'unlink scale', 'whether its width and height are scaled together', always: true)]
        public bool $scaleLinked = true,
        #[Toggle('change label', says: 'the colour that it is told apart by', ref: 'Label', always: true)]
        public Dye $label = Dye::Madder,
        #[Toggle('lock layer', 'unlock layer', 'whether no edit changes it')]
        public bool $locked = false,
        #[Toggle('use as reference', 'use in the picture', 'whether it is only looked at while working, and never rendered')]
        public bool $reference = false,
        #[Toggle('turn along the path', 'do not turn along', 'whether it turns with the direction in which it goes')]
        public bool $turnsAlong = false,
        #[Toggle('always reads', 'flips along', 'whether it stays the right way round in a bundle that is flipped')]
        public bool $alwaysReads = false,
        #[Toggle('keep in the plane of the picture', 'place in space', 'whether cameras pass it by, so that it is seen as without one')]
        public bool $flat = false,
        #[Toggle('take light', 'take no light', 'whether lights shade it')]
        public bool $takesLight = true,
        #[Toggle('throw shadows', 'throw no shadows', 'whether its shadow falls on others')]
        public bool $throwsShadow = true,
        #[Toggle('receive shadows', 'receive no shadows', 'whether shadows of others fall on it')]
        public bool $receivesShadow = true,
        #[Toggle('blend', says: 'how it is laid over what is beneath', ref: 'Blend')]
        public Blend $blend = Blend::Normal,
    ) {
    }

    /** @param  Node  $layer  that they are fields of */
    public static function read(Node $layer, LayerKind $kind): self
    {
        return (new self(scaleLinked: $kind->linksScale()))->with(Fields::of(self::class)->values($layer));
    }

    /** @return array<string, mixed> the fields of a layer that they are written in */
    public function toJson(): array
    {
        return Fields::of(self::class)->write($this);
    }

    /** @param  array<string, mixed>  $changed  by their names, each of its type */
    public function with(array $changed): self
    {
        return Altered::copy($this, $changed);
    }
}
