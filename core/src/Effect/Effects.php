<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect;

use Ricamo\Core\Effect\Blur\Directional;
use Ricamo\Core\Effect\Blur\SoftBlur;
use Ricamo\Core\Effect\Blur\SpinBlur;
use Ricamo\Core\Effect\Blur\Zoom;
use Ricamo\Core\Effect\Colour\BrightnessContrast;
use Ricamo\Core\Effect\Colour\Curves;
use Ricamo\Core\Effect\Colour\Duotone;
use Ricamo\Core\Effect\Colour\ExposureEffect;
use Ricamo\Core\Effect\Colour\Hue;
use Ricamo\Core\Effect\Colour\Invert;
use Ricamo\Core\Effect\Colour\OneColour;
use Ricamo\Core\Effect\Colour\Posterise;
use Ricamo\Core\Effect\Colour\Saturation;
use Ricamo\Core\Effect\Colour\Temperature;
use Ricamo\Core\Effect\Colour\Threshold;
use Ricamo\Core\Effect\Colour\Tint;
use Ricamo\Core\Effect\Key\BrightnessKey;
use Ricamo\Core\Effect\Key\ColourKey;
use Ricamo\Core\Effect\Light\Vignette;
use Ricamo\Core\Effect\Shadow\DropShadow;
use Ricamo\Core\Effect\Shadow\EdgeLine;
use Ricamo\Core\Effect\Shadow\Extrude;
use Ricamo\Core\Effect\Shadow\Glow;
use Ricamo\Core\Effect\Shadow\Halo;
use Ricamo\Core\Effect\Shadow\InnerShadow;
use Ricamo\Core\Effect\Shadow\LongShadow;
use Ricamo\Core\Effect\Texture\Facets;
use Ricamo\Core\Effect\Texture\Grains;
use Ricamo\Core\Effect\Texture\Pixels;
use Ricamo\Core\Effect\Texture\Scanlines;
use Ricamo\Core\Effect\Warp\Bulge;
use Ricamo\Core\Effect\Warp\CornerPin;
use Ricamo\Core\Effect\Warp\Mesh;
use Ricamo\Core\Effect\Warp\Ripple;
use Ricamo\Core\Effect\Warp\Smear;
use Ricamo\Core\Effect\Warp\Twirl;
use Ricamo\Core\Effect\Warp\Wave;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** Every effect, by its name. */
final class Effects
{
    /** By what they do, in the order in which they are offered. */
    private const CLASSES = [
        'Blur' => [SoftBlur::class, Directional::class, Zoom::class, SpinBlur::class],
        'Shadow and light' => [
            DropShadow::class,
            InnerShadow::class,
            LongShadow::class,
            Extrude::class,
            EdgeLine::class,
            Halo::class,
            Glow::class,
            Vignette::class,
        ],
        'Colour' => [
            ExposureEffect::class, BrightnessContrast::class, Curves::class, Saturation::class, Hue::class,
            Temperature::class, Tint::class, OneColour::class, Duotone::class, Invert::class,
            Posterise::class, Threshold::class,
        ],
        'Texture' => [Grains::class, Scanlines::class, Pixels::class, Facets::class],
        'Shape' => [CornerPin::class, Mesh::class, Bulge::class, Twirl::class, Ripple::class, Wave::class, Smear::class],
        'Keys' => [BrightnessKey::class, ColourKey::class],
    ];

    /** @var array<string, Effect>|null */
    private static ?array $byName = null;

    /** @return array<string, Effect> in the order in which they are offered */
    public static function all(): array
    {
        if (self::$byName === null) {
            $effects = array_map(fn (string $class): Effect => new $class, array_merge(...array_values(self::CLASSES)));
            self::$byName = array_combine(array_map(fn (Effect $effect): string => $effect->name(), $effects), $effects);
        }

        return self::$byName;
    }

    /** @return array<string, list<Effect>> by what they do, in the order in which they are offered */
    public static function bySubject(): array
    {
        return array_map(
            fn (array $classes): array => array_map(fn (string $class): Effect => self::all()[(new $class)->name()], $classes),
            self::CLASSES,
        );
    }

    /** @return array<string, mixed> the JSON Schema of the name of one */
    public static function schema(): array
    {
        return ['type' => 'string', 'enum' => array_keys(self::all())];
    }

    /** @throws Refusal for what is none */
    public static function read(Node $node): Effect
    {
        return self::all()[$node->string(40)] ?? $node->refuse(
            "\"{$node->string()}\" is not an effect; there are ".implode(', ', array_keys(self::all())),
        );
    }
}
