<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Gradient;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Document\Light;
use Ricamo\Core\Document\LightSource;
use Ricamo\Core\Document\Surface;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Plane;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Vector;

/**
 * A light that is mirrored in a plane: brightest where a mirror would show it, and around that as many of the surface's facets face
 * halfway between light and eye as Beckmann's distribution says, exp(−tan²δ / m²) at δ off the normal (P. Beckmann and A. Spizzichino,
 * The Scattering of Electromagnetic Waves from Rough Surfaces, 1963). What lies near is taken for all: lines of equal δ are ellipses.
 */
final readonly class Shine
{
    /** As far out, in roughnesses, nothing of it is left: exp(−2.4²) is less than one step of 255. */
    private const REACH = 2.4;

    private const STOPS = 16;

    /** The flattest angle at which a light is mirrored, as its cosine: beyond it the ellipse would be no end long. */
    private const FLATTEST = 0.2;

    /**
     * @param  Affine  $matrix  from the circle of radius 1 around the origin to where it ends, on the plane
     * @param  float  $strength  how opaque it is in its middle, 0..1
     */
    private function __construct(private Affine $matrix, private Colour $colour, public float $strength)
    {
    }

    /** @return ?self null where nothing of it is seen */
    public static function of(Light $light, Surface $surface, Plane $plane, Vector $eye): ?self
    {
        $eyeHeight = $plane->height($eye);
        $brightest = max($light->colour);
        if ($surface->shine <= 0 || $brightest <= 0 || $light->source === LightSource::Ambient || $eyeHeight <= 0) {
            return null;
        }
        // Where the eye is seen in a mirror, and from there towards the light.
        $mirrored = $eye->minus($plane->normal->times(2 * $eyeHeight));
        $lightHeight = $light->source === LightSource::Point ? $plane->height($light->place) : INF;
        $towards = $light->source === LightSource::Point ? $light->place->minus($mirrored)->unit() : $light->way->times(-1);
        $cosine = $towards === null ? 0.0 : $plane->normal->dot($towards);
        if ($towards === null || $cosine <= 1e-6 || $lightHeight <= 0) {
            return null;
        }
        $middle = $mirrored->plus($towards->times($eyeHeight / $cosine));
        $left = $light->source === LightSource::Point ? $light->left($light->place->minus($middle)->length()) : 1.0;
        // Off by ρ across the way in which the light comes, the facets that mirror it are tilted by ρ · (1/a + 1/b) / 2, a and b being how
        // far light and eye are from the plane; along it by cos² of that: the tilt of the halfway vector, to the first order.
        $across = 2 * $surface->roughness * self::REACH / (1 / $eyeHeight + 1 / $lightHeight);
        $along = $across / max(self::FLATTEST, $cosine) ** 2;
        [$red, $green, $blue] = array_map(fn (float $channel): int => (int) round(255 * $channel / $brightest), $light->colour);

        return new self(
            $plane->ellipse($plane->foot($middle), $towards, $along, $across), new Colour($red, $green, $blue),
            min(1.0, $surface->shine * $brightest * $left),
        );
    }

    /** Whether it is seen on a part of the plane. */
    public function reaches(Box $part): bool
    {
        return $this->matrix->bounds(new Box(-1, -1, 1, 1))->intersection($part) !== null;
    }

    /** @return Fill what it lays over a part of the plane */
    public function on(Box $part): Fill
    {
        $stops = [];
        for ($step = 0; $step <= self::STOPS; $step++) {
            $share = $step === self::STOPS ? 0.0 : exp(-((self::REACH * $step / self::STOPS) ** 2));
            $stops[] = [$step / self::STOPS, $this->colour->faded($this->strength * $share)];
        }

        return new Fill(Outline::of(Path::rectangle($part)), new Affine, new Gradient($this->matrix, $stops, new Point(0, 0)));
    }
}
