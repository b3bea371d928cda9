<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Geometry\Vector;
use Ricamo\Core\Move\Life;
use Ricamo\Core\Move\Scenery;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\Section;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Value\Type\AngleType;
use Ricamo\Core\Value\Type\NumberType;
use Ricamo\Core\Value\Type\PointType;

/**
 * From where, and through which lens, a composition is seen at a moment. What stands on its way may be told by the pinhole formula:
 * what is `ahead` of the eye, in pixels, is seen `focal / ahead` times as large, towards the middle of the picture.
 */
final readonly class Camera
{
    /** What differs by no more, in pixels, is where it is without a camera: documents hold depths to a millionth. */
    private const SAME = 1e-5;

    /** What is focused on is no nearer, in pixels: in a group that is scaled to nothing it would be. */
    private const CLOSEST = 0.001;

    /**
     * @param  Vector  $eye  where it stands, in composition pixels
     * @param  Vector  $right  of length 1 and at right angles to the other two; so are these
     * @param  float  $focal  how far away things are as large as they are, in pixels
     * @param  float  $aim  how far away what it aims at is, in pixels
     * @param  float  $focus  how far ahead what is seen sharply is, in pixels
     * @param  float  $aperture  how wide the lens is open, in pixels
     */
    private function __construct(
        public Vector $eye, public Vector $right, public Vector $down, public Vector $ahead, public float $focal,
        public float $focus, public float $aperture, public float $aim,
    ) {
    }

    /** @return list<PropertyDefinition> of layers that are cameras */
    public static function properties(): array
    {
        $far = Placement::FAR;
        $point = new PointType;
        $middle = new Point(0, 0);

        return [
            new PropertyDefinition('position', $point, $middle, -$far, $far, 'Position', Section::Camera, 'px'),
            new PropertyDefinition(
                'z', new NumberType, 0.0, -$far, $far, 'Depth', Section::Camera, 'px', hint: 'Negative is before the picture’s plane',
            ),
            new PropertyDefinition('aim', $point, $middle, -$far, $far, 'Aim', Section::Camera, 'px'),
            new PropertyDefinition('aimZ', new NumberType, 0.0, -$far, $far, 'Aim depth', Section::Camera, 'px'),
            new PropertyDefinition(
                'orbitX', new AngleType, 0.0, -1e7, 1e7, 'Orbit up', Section::Camera, '°', hint: 'About what it aims at; positive rises above it',
            ),
            new PropertyDefinition(
                'orbitY', new AngleType, 0.0, -1e7, 1e7, 'Orbit around', Section::Camera, '°',
                hint: 'About what it aims at; positive leads to the right',
            ),
            new PropertyDefinition(
                'rotation', new AngleType, 0.0, -1e7, 1e7, 'Roll', Section::Camera, '°', hint: 'Positive turns the camera clockwise',
            ),
            new PropertyDefinition(
                'lens', new NumberType, View::LENS, 5, 1000, 'Focal length', Section::Lens, 'mm', isFactor: true,
                hint: 'On a sensor 36 mm wide',
            ),
            new PropertyDefinition(
                'aperture', new NumberType, 0.0, 0, 10_000, 'Aperture', Section::Lens, 'px', rare: true, isFactor: true,
                hint: 'How wide the lens is open: the wider, the more is out of focus',
            ),
            new PropertyDefinition(
                'focus', new NumberType, 0.0, 0, 2 * $far, 'Focus', Section::Lens, 'px', rare: true, leastCalled: 'at its aim',
                hint: 'How far ahead what is sharp is',
            ),
        ];
    }

    /** @return array<string, mixed> values, as documents hold them, with which a composition is seen as it is without a camera */
    public static function atRest(Composition $composition): array
    {
        [$x, $y, $z] = (new View($composition))->eye();

        return ['position' => [$x, $y], 'z' => round($z, 6), 'aim' => [$x, $y]];
    }

    /** The angle in degrees that a lens sees across the picture, of so many millimetres. */
    public static function angleOf(float $lens): float
    {
        return 2 * rad2deg(atan(View::SENSOR / 2 / $lens));
    }

    /** The focal length in millimetres that sees such an angle, in degrees, across the picture. */
    public static function lensOf(float $angle): float
    {
        return View::SENSOR / 2 / tan(deg2rad($angle) / 2);
    }

    /** A camera in a composition whose size has changed: where that is what it was without one, it is so again. */
    public static function resized(Layer $layer, Resized $by): Layer
    {
        $property = fn (string $name): Property => $layer->properties[$name];

        return $layer->with(['properties' => [
            ...$layer->properties,
            'position' => $property('position')->mapPoints($by->aboutMiddle(...)), 'z' => Depth::scaled($property('z'), $by->away()),
            'aim' => $property('aim')->mapPoints($by->aboutMiddle(...)), 'aimZ' => Depth::scaled($property('aimZ'), $by->factor()),
        ]]);
    }

    /**
     * @param  Layer  $layer  a camera
     * @param  View  $plain  how the composition is seen without one
     * @return self as it stands in the space that its place counts in
     */
    public static function of(Layer $layer, View $plain, int|float $at): self
    {
        $place = function (string $across, string $away) use ($layer, $at): Vector {
            $point = $layer->point($across, $at);

            return new Vector($point->x, $point->y, $layer->number($away, $at));
        };
        [$eye, $aim] = [$place('position', 'z'), $place('aim', 'aimZ')];
        $ahead = $aim->minus($eye)->unit() ?? new Vector(0, 0, 1);
        // Straight up or down there is no telling what is to the right: that stays what it is when looking ahead.
        $right = (new Vector($ahead->z, 0, -$ahead->x))->unit() ?? new Vector(1, 0, 0);
        $down = $ahead->cross($right);
        $roll = Affine::rotation($layer->number('rotation', $at));
        $focal = $plain->distance * $layer->number('lens', $at) / View::LENS;
        [$focus, $away] = [$layer->number('focus', $at), max(1.0, $aim->minus($eye)->length())];
        $camera = new self(
            $eye, $right->times($roll->a)->plus($down->times($roll->b)), $down->times($roll->a)->minus($right->times($roll->b)), $ahead,
            $focal, $focus > 0 ? $focus : $away, $layer->number('aperture', $at), $away,
        );

        return $camera->carried(Space::orbiting($aim, $layer->number('orbitX', $at), $layer->number('orbitY', $at)));
    }

    /** As it comes, goes or is accented at a moment. */
    public function moved(Life $life, int|float $at, FrameRange $span): self
    {
        if ($life->isAtRest($at, $span)) {
            return $this;
        }
        $own = Space::along($this->right, $this->down, $this->ahead, new Vector(
            -$this->right->dot($this->eye), -$this->down->dot($this->eye), -$this->ahead->dot($this->eye),
        ));
        $change = $life->change($at, $span, new Scenery(new Box(0, 0, 0, 0), new Point(0, 0), 0, 0, $this->aim));
        $moved = $change->space === null ? $this : $this->carried($own->inverse()->after($change->space)->after($own));
        $away = max(1.0, $this->aim()->minus($moved->eye)->length());

        return new self(
            $moved->eye, $moved->right, $moved->down, $moved->ahead, $this->focal * $life->lens($at, $span),
            $this->focus === $this->aim ? $away : $this->focus, $this->aperture, $away,
        );
    }

    /** The same where it is moved and turned with all that is around it. */
    public function carried(Space $by): self
    {
        if ($by->isNone()) {
            return $this;
        }
        $ahead = $by->direction($this->ahead)->unit() ?? $this->ahead;
        $across = $by->direction($this->right);
        $right = $across->minus($ahead->times($ahead->dot($across)))->unit() ?? $this->right;
        $times = $by->direction($this->ahead)->length();

        return new self(
            $by->apply($this->eye), $right, $ahead->cross($right), $ahead, $this->focal, $this->focus * $times, $this->aperture * $times,
            $this->aim * $times,
        );
    }

    /** What it aims at. */
    public function aim(): Vector
    {
        return $this->eye->plus($this->ahead->times($this->aim));
    }

    /** Where a point is seen in the picture; what is not before it is led to the nearest that is. */
    public function seen(Vector $point, View $plain): Point
    {
        $way = $point->minus($this->eye);
        $share = $this->focal / max(1.0, $way->dot($this->ahead));

        return new Point($plain->middle->x + $way->dot($this->right) * $share, $plain->middle->y + $way->dot($this->down) * $share);
    }

    /**
     * How far something goes in space that is seen to go across the picture, and stays as far ahead.
     *
     * @param  Point  $by  in pixels of the picture
     * @param  Vector  $from  where it is
     */
    public function across(Point $by, Vector $from): Vector
    {
        $share = $this->away($from) / $this->focal;

        return $this->right->times($by->x * $share)->plus($this->down->times($by->y * $share));
    }

    /** How far ahead a point is, in pixels; negative behind. */
    public function away(Vector $point): float
    {
        return $point->minus($this->eye)->dot($this->ahead);
    }

    /**
     * How much what is so far ahead is out of focus. A point is seen as the disc into which a thin lens spreads it: as wide as
     * aperture · focal · |1 / focus − 1 / away|, of which a quarter is its deviation along a line across it.
     *
     * @param  float  $away  pixels
     * @return float the standard deviation of a blur, in pixels of the picture
     */
    public function softness(float $away): float
    {
        return $away <= 0 ? 0.0 : $this->aperture * $this->focal * abs(1 / max(self::CLOSEST, $this->focus) - 1 / $away) / 4;
    }

    /**
     * What is seen, led to where the same is seen without a camera.
     *
     * @return ?Space null where everything is
     */
    public function space(View $view): ?Space
    {
        $share = $view->distance / $this->focal;
        $away = $this->ahead->times($share);
        $space = Space::along($this->right, $this->down, $away, new Vector(
            $view->middle->x - $this->right->dot($this->eye),
            $view->middle->y - $this->down->dot($this->eye),
            -$away->dot($this->eye) - $view->distance,
        ));

        return $space->isNone(1e-9, self::SAME) ? null : $space;
    }
}
