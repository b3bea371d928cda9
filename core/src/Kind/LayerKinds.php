<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Ricamo\Core\Document\LayerKind;
use Ricamo\Core\Kind\Adjusting\AdjustingKind;
use Ricamo\Core\Kind\Bundle\BundleKind;
use Ricamo\Core\Kind\Camera\CameraKind;
use Ricamo\Core\Kind\Footage\FootageKind;
use Ricamo\Core\Kind\Group\GroupKind;
use Ricamo\Core\Kind\Light\LightKind;
use Ricamo\Core\Kind\Shape\ShapeKind;
use Ricamo\Core\Kind\Sound\SoundKind;
use Ricamo\Core\Kind\Text\TextKind;
use Ricamo\Core\Kind\Window\WindowKind;

/** Every kind of layer there is. A new one is added here and nowhere else. */
final class LayerKinds
{
    private const CLASSES = [
        AdjustingKind::class,
        BundleKind::class,
        CameraKind::class,
        FootageKind::class,
        GroupKind::class,
        LightKind::class,
        ShapeKind::class,
        SoundKind::class,
        TextKind::class,
        WindowKind::class,
    ];

    /** @var array<string, LayerKind&DrawnKind>|null by name */
    private static ?array $kinds = null;

    /** @return array<string, LayerKind&DrawnKind> by name */
    public static function all(): array
    {
        if (self::$kinds === null) {
            $kinds = [];
            foreach (self::CLASSES as $class) {
                $kind = new $class;
                $kinds[$kind->name()] = $kind;
            }
            self::$kinds = $kinds;
        }

        return self::$kinds;
    }
}
