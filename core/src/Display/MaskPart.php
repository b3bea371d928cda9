<?php

declare(strict_types=1);

namespace Ricamo\Core\Display;

use Ricamo\Core\Display\Filter\ColourMatrix;
use Ricamo\Core\Json\Text;

/** Something that says where a group is seen: where it is itself, as far as it is opaque. */
final readonly class MaskPart
{
    /** What red, green and blue add to brightness: Rec. ITU-R BT.709. */
    private const BRIGHTNESS = [0.2126, 0.7152, 0.0722];

    /**
     * @param  list<Operation>  $operations  drawn on a clear sheet
     * @param  MaskMode  $mode  how it goes with the parts before it
     * @param  bool  $inverted  whether it counts where it is not
     */
    public function __construct(public array $operations, public MaskMode $mode = MaskMode::Add, public bool $inverted = false)
    {
    }

    /**
     * What is as opaque as something is bright over black.
     *
     * @param  list<Operation>  $operations
     * @return list<Operation>
     */
    public static function bright(array $operations): array
    {
        $bright = new Group($operations, filters: [new ColourMatrix([...array_fill(0, 15, 0.0), ...self::BRIGHTNESS, 0.0, 0.0])]);

        // Brightness is that of the colour alone; what is half there is half as bright.
        return $operations === [] ? [] : [new Group([$bright], masks: [new self($operations)])];
    }

    public function encode(): string
    {
        $items = Text::list(array_map(fn (Operation $operation): string => $operation->encode(), $this->operations));

        return '{"mode":"'.$this->mode->value.'"'.($this->inverted ? ',"inverted":true' : '').",\"items\":$items}";
    }
}
