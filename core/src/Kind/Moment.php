<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Closure;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Document\Cameras;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\Light;
use Ricamo\Core\Document\Lights;
use Ricamo\Core\Document\Surface;
use Ricamo\Core\Document\View;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Plane;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Projection;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Geometry\Vector;
use Ricamo\Core\Json\Altered;

/** When layers are drawn, and in which space. */
final readonly class Moment
{
    /**
     * @param  int  $frame  of what plays in them
     * @param  int|float  $at  the moment of everything else, in frames
     * @param  Affine  $space  from the pixels that their placement counts in to those that are drawn
     * @param  bool  $isExposed  whether this is one of the moments at which motion blur sees something that they are in
     * @param  bool  $isMask  whether what is drawn is a mask of another layer
     * @param  Affine  $frameSpace  from the pixels of the composition that they are in to those that are drawn
     * @param  ?Space  $beyond  how the plane in which they are drawn leaves the picture's, with a group that has depth
     * @param  ?Cameras  $cameras  through which the composition is seen; null where it is seen as without
     * @param  ?Lights  $lights  by which it is lit; null where it is seen as without
     * @param  ?Casting  $casting  the shadows that are drawn, instead of what throws them
     * @param  (Closure(Light, Plane, Box): list<Operation>)|null  $shadows  what falls on the units of a layer from others
     * @param  ?Surface  $surface  of those units; null for a matt one
     * @param  bool  $isOpen  whether a bundle that is drawn keeps its space
     * @param  ?Composition  $around  the composition in whose space all is seen, where that is not their own
     * @param  int|float|null  $there  the moment of that, in its frames
     */
    public function __construct(
        public int $frame,
        public int|float $at,
        public Affine $space = new Affine,
        public bool $isExposed = false,
        public bool $isMask = false,
        public Affine $frameSpace = new Affine,
        public ?Space $beyond = null,
        public ?Cameras $cameras = null,
        public ?Lights $lights = null,
        public ?Casting $casting = null,
        public ?Closure $shadows = null,
        public ?Surface $surface = null,
        public bool $isOpen = false,
        private ?Composition $around = null,
        private int|float|null $there = null,
    ) {
    }

    /**
     * @param  Affine  $frameSpace  that of a composition which is placed in another
     * @param  ?Composition  $seen  the one of which layers are drawn, with its cameras and lights; null for none of them
     */
    public static function on(int $frame, Affine $space = new Affine, Affine $frameSpace = new Affine, ?Composition $seen = null): self
    {
        return new self($frame, $frame, $space, frameSpace: $frameSpace, cameras: $seen?->cameras(), lights: $seen?->lights());
    }

    /** The same as it is seen without cameras and lights, where those pass something by. */
    public function for(Layer $layer): self
    {
        return $layer->switches->flat && ($this->cameras !== null || $this->lights !== null) ? $this->plainly() : $this;
    }

    /** @return list<Light> by which what is drawn is lit; none where nothing is shaded */
    public function lights(): array
    {
        return $this->lights === null ? [] : $this->lights->at($this->there ?? $this->at);
    }

    /** The same where lights pass by. */
    public function unlit(): self
    {
        return $this->lights === null ? $this : $this->but(['lights' => null]);
    }

    /**
     * The same for a layer whose units have a surface, and lie in shadows.
     *
     * @param  ?Closure(Light, Plane, Box): list<Operation>  $shadows
     */
    public function receiving(Surface $surface, ?Closure $shadows): self
    {
        return $this->but(['surface' => $surface, 'shadows' => $shadows]);
    }

    /** The same moment, of which shadows are drawn. */
    public function casting(Casting $casting): self
    {
        return new self($this->frame, $this->at, isExposed: true, casting: $casting);
    }

    /** The same for a bundle that keeps its space. */
    public function opened(): self
    {
        return $this->but(['isOpen' => true]);
    }

    /**
     * A moment of a composition whose layers are seen with those around it.
     *
     * @param  Composition  $around  the one that it is placed in
     * @param  int  $frame  its own
     * @param  Affine  $space  from its pixels to those that are drawn
     */
    public function inside(Composition $around, int $frame, Affine $space): self
    {
        return $this->but([
            'frame' => $frame, 'at' => $frame, 'space' => $space, 'isOpen' => false, 'shadows' => null, 'surface' => null,
            'casting' => $this->casting?->elsewhere(), 'around' => $this->around ?? $around, 'there' => $this->there ?? $this->at,
        ]);
    }

    /** @return array{float, float, float} where the viewer is before what stands as `standing` tells, in composition pixels */
    public function before(Composition $composition): array
    {
        return (new View($this->around ?? $composition))->eye();
    }

    /** Whether what is drawn is in a composition that is seen in the space of another. */
    public function isInside(): bool
    {
        return $this->around !== null;
    }

    /** From where the composition is seen, in its pixels. */
    public function eye(Composition $composition): Vector
    {
        return $this->cameras?->camera($this->there ?? $this->at)->eye ?? new Vector(...(new View($this->around ?? $composition))->eye());
    }

    /** @return ?Space what the camera sees, led to where the same is seen without one; null where everything is */
    public function camera(): ?Space
    {
        return $this->cameras?->at($this->there ?? $this->at);
    }

    /** Whether the camera has some of what it sees out of focus. */
    private function softens(): bool
    {
        return ($this->cameras?->camera($this->there ?? $this->at)->aperture ?? 0.0) > 0;
    }

    /**
     * How much what lies around a point of a plane is out of focus.
     *
     * @param  ?Space  $beyond  how the plane leaves the picture's, as it is drawn
     * @param  Point  $point  of the plane, as it is drawn
     * @return float the standard deviation of a blur, in composition pixels
     */
    public function softness(?Space $beyond, Point $point, Composition $composition): float
    {
        if ($this->cameras === null || ! $this->softens()) {
            return 0.0;
        }
        $depth = $this->standing($beyond, $composition)->place($point)[2];

        $at = $this->there ?? $this->at;

        return $this->cameras->camera($at)?->softness($this->cameras->away($depth, $at)) ?? 0.0;
    }

    /** Whether what is drawn is drawn where it is seen, and as sharply. */
    public function isInPlane(): bool
    {
        $isFilmed = $this->cameras !== null && ($this->camera() !== null || $this->softens());

        return $this->beyond === null && $this->casting === null && ! $isFilmed;
    }

    /** The same in the plane of a sheet, which is seen as a whole afterwards. */
    public function onSheet(): self
    {
        return $this->cameras === null && $this->lights === null && $this->beyond === null && $this->casting === null && ! $this->isOpen
            ? $this
            : $this->plainly()->beyond(null);
    }

    /**
     * How a plane is seen, from the space in which all is drawn.
     *
     * @param  ?Space  $beyond  how it leaves the picture's, as it is drawn
     */
    public function seen(?Space $beyond, Composition $composition): Projection
    {
        return $this->casting?->seen($this->inFrame($beyond)) ?? $this->view($composition)->of($this->inFrame($beyond));
    }

    /** What is seen of a composition, in the pixels that are drawn. */
    public function window(Composition $composition): Box
    {
        return $this->casting === null
            ? $this->frameSpace->bounds(new Box(0, 0, ($this->around ?? $composition)->width, ($this->around ?? $composition)->height))
            : $this->casting->window;
    }

    /** Where a plane stands before the viewer, in composition pixels, as if it were seen without a camera. */
    public function standing(?Space $beyond, Composition $composition): Space
    {
        return $this->view($composition)->led($this->inFrame($beyond));
    }

    private function view(Composition $composition): View
    {
        return new View($this->around ?? $composition, $this->frameSpace, $this->camera());
    }

    /**
     * Where a plane is in the composition's space.
     *
     * @param  ?Space  $beyond  how it leaves the picture's, as it is drawn
     * @return Space from what is drawn of it
     */
    public function inFrame(?Space $beyond): Space
    {
        $frame = Space::flat($this->frameSpace->inverse());

        return $beyond === null ? $frame : $frame->after($beyond);
    }

    private function plainly(): self
    {
        return $this->but(['cameras' => null, 'lights' => null, 'casting' => null, 'shadows' => null, 'surface' => null, 'isOpen' => false]);
    }

    /** One of those while the shutter is open. */
    public function exposed(float $at): self
    {
        return $this->but(['at' => $at, 'isExposed' => true]);
    }

    /** A copy on the same frame, for what is seen as it is at another moment. */
    public function at(float $at): self
    {
        return $this->but(['at' => $at]);
    }

    public function in(Affine $space): self
    {
        return $this->but(['space' => $space]);
    }

    public function asMask(Affine $space): self
    {
        return $this->but(['space' => $space, 'isMask' => true, 'lights' => null]);
    }

    /** The same where all that is drawn is moved, the frame included. */
    public function moved(Affine $by): self
    {
        return $this->but(['space' => $by->after($this->space), 'frameSpace' => $by->after($this->frameSpace)]);
    }

    /** The same in a plane that leaves the picture's; null for the picture's own. */
    public function beyond(?Space $beyond): self
    {
        return $this->but(['beyond' => $beyond]);
    }

    /** @param  array<string, mixed>  $changed  by their names, each of its type */
    private function but(array $changed): self
    {
        return Altered::copy($this, $changed);
    }
}
