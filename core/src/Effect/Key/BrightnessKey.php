<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Key;

use Ricamo\Core\Display\Filter\ColourMatrix;
use Ricamo\Core\Display\Filter\Tables;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\MaskPart;
use Ricamo\Core\Effect\Colour\ByMatrix;
use Ricamo\Core\Effect\Colour\SoftStep;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\Place;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;

/** Takes away what is dark, or what is bright. */
final class BrightnessKey implements Effect
{
    public function name(): string
    {
        return 'brightness-key';
    }

    public function title(): string
    {
        return 'Brightness key';
    }

    public function settings(): array
    {
        return [
            Setting::percent('level', 'Level', 20),
            Setting::percent('softness', 'Softness', 20),
            Setting::percent('bright', 'Bright instead of dark', 0),
        ];
    }

    public function times(): int
    {
        return 2;
    }

    public function apply(array $operations, Values $values, Place $place): array
    {
        $step = new SoftStep($values->number('level') / 100, $values->number('softness') / 100);
        $turned = $values->number('bright') / 100;
        $keeps = fn (float $brightness): float => (1 - $turned) * $step->at($brightness) + $turned * (1 - $step->at($brightness));
        $bright = new ColourMatrix([...array_fill(0, 15, 0.0), ...ByMatrix::BRIGHTNESS, 0.0, 0.0]);

        return [new Group($operations, masks: [new MaskPart([new Group($operations, filters: [$bright, Tables::ofAlpha($keeps)])])])];
    }
}
