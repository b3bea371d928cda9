<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Ricamo\Core\Display\Filter\Blur;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Display\Silhouettes;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\Light;
use Ricamo\Core\Document\LightSource;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Cast;
use Ricamo\Core\Geometry\Cut;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Plane;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Projection;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Geometry\Vector;

/** The shadows that a light throws on a plane: layers are drawn as they are seen from the light, on that plane. */
final readonly class Casting
{
    /** What lies no farther before the plane, in pixels, lies in it. */
    public const NEAR = 0.01;

    /**
     * The standard deviation of the blur that comes closest to the penumbra of a round light, in halves of its width: measured, within
     * 7.5 of 255.
     */
    private const PENUMBRA = 0.525;

    /** What is blurred by less, in pixels of the plane, is sharp. */
    private const SHARP = 0.25;

    /** The widest blur, in pixels of the plane. */
    private const SOFTEST = 400.0;

    /**
     * @param  Box  $window  the part of the plane on which shadows are seen, in its own coordinates
     * @param  string  $receiver  the layer that lies there, which throws none on itself
     */
    private function __construct(
        private Cast $cast, private Light $light, private Plane $plane, public Box $window, private string $receiver,
    ) {
    }

    /** @return ?self null where the light throws none there */
    public static function of(Light $light, Plane $plane, Box $window, string $receiver): ?self
    {
        $cast = match ($light->source) {
            LightSource::Ambient => null,
            LightSource::Directional => Cast::along($plane, $light->way),
            LightSource::Point => Cast::from($plane, $light->place),
        };

        return $cast === null ? null : new self($cast, $light, $plane, $window, $receiver);
    }

    /** Whether a layer throws none there: it is the one on which they fall, or says so. */
    public function leavesOut(Layer $layer): bool
    {
        return $layer->id === $this->receiver || ! $layer->switches->throwsShadow;
    }

    /** The same for layers of another composition than the one on which it falls. */
    public function elsewhere(): self
    {
        return new self($this->cast, $this->light, $this->plane, $this->window, '');
    }

    /** Where the shadow of a plane falls. @param  Space  $plane  from that to the composition's space */
    public function seen(Space $plane): Projection
    {
        return $this->cast->of($plane);
    }

    /**
     * What of a plane throws a shadow: what lies before the other.
     *
     * @param  list<Operation>  $operations  what is drawn on it
     * @param  Box  $extent  of those
     * @param  Space  $plane  from there to the composition's space
     * @return list<Operation>
     */
    public function before(array $operations, Box $extent, Space $plane): array
    {
        $before = function (Point $point) use ($plane): float {
            return $this->cast->before(new Vector(...$plane->place($point))) - self::NEAR;
        };
        $corners = $extent->corners();
        $heights = array_map($before, $corners);
        if (min($heights) >= 0) {
            return Silhouettes::of($operations);
        }
        $part = Cut::of($corners, $before);

        return max($heights) <= 0 || $part === []
            ? []
            : [new Group(Silhouettes::of($operations), clip: Outline::of(Path::polygon($part)))];
    }

    /**
     * The part of a box on a plane whose shadow is seen.
     *
     * @param  Space  $plane  from that to the composition's space
     * @return list<Point> its corners; none where nothing of it is
     */
    public function throwing(Box $box, Space $plane): array
    {
        $middle = new Vector(...$plane->place($box->centre()));
        // What is soft reaches three deviations farther.
        $corners = $this->seen($plane)->within($box, $this->window->grown(3 * $this->softness($middle) + 1));

        return Cut::of($corners, fn (Point $point): float => $this->cast->before(new Vector(...$plane->place($point))) - self::NEAR);
    }

    /**
     * A shadow as soft as the light is large: by similar triangles its penumbra is as many times wider than the light as what throws it
     * is farther from the plane than from the light.
     *
     * @param  list<Operation>  $shadow
     * @param  Vector  $middle  of what throws it, in the composition's space
     * @return list<Operation>
     */
    public function softened(array $shadow, Vector $middle): array
    {
        return self::blurred($shadow, $this->softness($middle));
    }

    /**
     * @param  list<Operation>  $shadow
     * @return list<Operation>
     */
    public static function blurred(array $shadow, float $deviation): array
    {
        return $shadow === [] || $deviation < self::SHARP ? $shadow : [new Group($shadow, filters: [new Blur($deviation)])];
    }

    /** @return float the standard deviation of a blur, in pixels of the plane */
    public function softness(Vector $middle): float
    {
        $before = max(0.0, $this->cast->before($middle));
        $half = $this->light->source === LightSource::Directional
            ? $this->light->radius / $this->light->away * $before / max(1e-6, -$this->plane->normal->dot($this->light->way))
            : $this->light->radius * $before / max(1e-6, $this->plane->height($this->light->place) - $before);

        return min(self::SOFTEST, self::PENUMBRA * $half / max(1e-9, $this->plane->scale()));
    }
}
