<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Cameras;

use Ricamo\Core\Document\Camera;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\View;
use Ricamo\Core\Edit\Values\PropertyTarget;
use Ricamo\Core\Edit\Values\Scope;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Geometry\Vector;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** Where a camera stands and aims on a frame, in the composition's space, to be put elsewhere. */
final readonly class CameraPlace
{
    /**
     * @param  Space  $around  from the pixels that its place counts in to the composition's
     */
    private function __construct(private Composition $composition, private Layer $camera, private int $frame, private Space $around)
    {
    }

    /** @throws Refusal for what is no camera, or in a group that is scaled to nothing */
    public static function of(Composition $composition, string $id, int $frame): self
    {
        $camera = $composition->layer($id);
        if (! $camera->kind->looks()) {
            throw new Refusal("“{$camera->name}” is not a camera");
        }
        if ($composition->space($id, $frame)->isFlat()) {
            throw new Refusal("“{$camera->name}” is in a group that is scaled to nothing on this frame");
        }

        return new self($composition, $camera, $frame, View::within(array_slice($composition->around($camera), 1), $frame));
    }

    /** Where it stands, in the composition's space. */
    public function eye(): Vector
    {
        return $this->camera()->eye;
    }

    private function camera(): Camera
    {
        return Camera::of($this->camera, new View($this->composition), $this->frame)->carried($this->around);
    }

    /** With its aim elsewhere; it stays where it stands. */
    public function aimed(Vector $aim, Scope $scope): Composition
    {
        return $this->put($this->eye(), $aim, $scope);
    }

    /** Standing so many times nearer to what it aims at. */
    public function nearer(float $times, Scope $scope): Composition
    {
        [$eye, $aim] = [$this->eye(), $this->aim()];

        return $this->put($aim->plus($eye->minus($aim)->times(1 / $times)), $aim, $scope);
    }

    /**
     * Gone across, so far that what is as far away as its aim is seen to go the other way.
     *
     * @param  Point  $by  in pixels of the picture
     * @param  bool  $goes  whether it goes itself, or only its aim
     */
    public function across(Point $by, bool $goes, Scope $scope): Composition
    {
        $camera = $this->camera();
        $aim = $this->aim();
        $way = $camera->across($by, $aim);

        return $this->put($goes ? $camera->eye->plus($way) : $camera->eye, $aim->plus($way), $scope);
    }

    /**
     * Turned further.
     *
     * @param  array<string, float>  $by  degrees, by the names of its properties
     * @param  callable(float): float  $rounded
     */
    public function turned(array $by, callable $rounded, Scope $scope): Composition
    {
        $composition = $this->composition;
        foreach ($by as $name => $degrees) {
            if ($degrees !== 0.0) {
                $camera = $composition->layer($this->camera->id);
                $target = PropertyTarget::of($camera, $name);
                $value = $target->definition($camera)->read(new Node($rounded($camera->number($name, $this->frame) + $degrees), $name));
                $composition = $target->set($composition, $this->frame, $value, $scope);
            }
        }

        return $composition;
    }

    /**
     * Focused on a point, in the composition's space.
     *
     * @throws Refusal for one that is not before it
     */
    public function focused(Vector $point, Scope $scope): Composition
    {
        $camera = $this->camera();
        $scale = 1 / $this->around->inverse()->direction($camera->ahead)->length();
        $away = $camera->away($point) / $scale;
        if ($away < 1) {
            throw new Refusal("that is not before “{$this->camera->name}” on this frame");
        }
        $target = PropertyTarget::of($this->camera, 'focus');

        $focus = $target->definition($this->camera)->read(new Node(round($away, 3), 'focus'));

        return $target->set($this->composition, $this->frame, $focus, $scope);
    }

    /** What it aims at, in the composition's space. */
    public function aim(): Vector
    {
        $aim = $this->camera->point('aim', $this->frame);

        return $this->around->apply(new Vector($aim->x, $aim->y, $this->camera->number('aimZ', $this->frame)));
    }

    /**
     * Standing and aiming elsewhere, turned about its aim as it is.
     *
     * @param  Vector  $eye  in the composition's space; so is the other
     */
    public function put(Vector $eye, Vector $aim, Scope $scope): Composition
    {
        [$eye, $aim] = array_map($this->around->inverse()->apply(...), [$eye, $aim]);
        $orbit = Space::orbiting($aim, $this->camera->number('orbitX', $this->frame), $this->camera->number('orbitY', $this->frame));
        $place = $orbit->inverse()->apply($eye);
        $composition = InSpace::put($this->composition, $this->camera->id, 'position', 'z', $this->frame, $place, $scope);

        return InSpace::put($composition, $this->camera->id, 'aim', 'aimZ', $this->frame, $aim, $scope);
    }
}
