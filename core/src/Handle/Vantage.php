<?php

declare(strict_types=1);

namespace Ricamo\Core\Handle;

use Ricamo\Core\Document\Camera;
use Ricamo\Core\Document\Cameras;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\Stack;
use Ricamo\Core\Document\StoredLayer;
use Ricamo\Core\Document\View;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Vector;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Json\Text;

/**
 * A point from which a composition's space is looked at while working, instead of through its cameras: so far away that all of it is
 * seen from one side, and the cameras in it with what they see.
 */
final readonly class Vantage
{
    /** How far away it is, in distances from which a composition is seen without a camera: the farther, the less is foreshortened. */
    private const AWAY = 8.0;

    /** How many such distances are seen across the height of the picture. */
    private const SEEN = 2.4;

    /** The same where it is freely turned, which is nearer. */
    private const AWAY_FREE = 3.0;

    private const SEEN_FREE = 1.4;

    /** By what a camera's place is led along its way. */
    private const LEADING = ['position', 'z', 'aim', 'aimZ', 'orbitX', 'orbitY'];

    /**
     * @param  float  $up  degrees above what is looked at, as is $around to its right; only where it is free
     * @param  float  $zoom  how many times as large
     */
    public function __construct(
        #[Field] public Sight $sight,
        #[Field(least: -90, most: 90)] public float $up = 0.0,
        #[Field(least: -1e6, most: 1e6)] public float $around = 0.0,
        #[Field(least: 0.05, most: 20)] public float $zoom = 1.0,
    ) {
    }

    public static function read(Node $node): self
    {
        return Fields::of(self::class)->read($node);
    }

    /** The composition as it is looked at from here; what stays flat, and no camera sees in space, is left out. */
    public function seen(Composition $composition): Composition
    {
        $entries = [];
        foreach ($composition->layers->entries() as $entry) {
            $kind = $entry->facts->kind;
            $isSeen = ! $kind->looks() && ! ($kind->isSeen() && $composition->isPassedBy($entry->layer()));
            $entries[] = $isSeen ? $entry : self::stored($entry->layer()->switched(['visible' => false]));
        }
        $entries[] = self::stored($this->layer($composition));

        return $composition->withLayers(Stack::stored(...$entries))->with(['background' => null]);
    }

    /** As if it were stored, so that what is worked out for it is remembered. */
    private static function stored(Layer $layer): StoredLayer
    {
        return StoredLayer::stored($layer->id, $layer->span, $layer->facts(), Text::of($layer->toJson()));
    }

    /** From where, and how, it is looked at. */
    public function camera(Composition $composition): Camera
    {
        return Camera::of($this->layer($composition), new View($composition), 0);
    }

    private function layer(Composition $composition): Layer
    {
        $view = new View($composition);
        [$x, $y] = [$view->middle->x, $view->middle->y];
        $isFree = $this->sight === Sight::Free;
        $away = $view->distance * ($isFree ? self::AWAY_FREE : self::AWAY);
        [$eyeX, $eyeY, $eyeZ] = match ($this->sight) {
            Sight::Above => [$x, $y - $away, 0.0],
            Sight::Side => [$x + $away, $y, 0.0],
            default => [$x, $y, -$away],
        };
        // What is as far away as what is looked at is so many times as large.
        $scale = $composition->height / ($view->distance * ($isFree ? self::SEEN_FREE : self::SEEN));
        $lens = max(5.0, min(1000.0, $this->zoom * $scale * $away / $view->distance * View::LENS));

        return Layer::read(new Node([
            'id' => $composition->layers->freeId(), 'kind' => 'camera', 'name' => 'Vantage', 'in' => 0, 'out' => $composition->length,
            'position' => [$eyeX, $eyeY], 'z' => $eyeZ, 'aim' => [$x, $y], 'lens' => $lens,
            ...($isFree ? ['orbitX' => $this->up, 'orbitY' => $this->around] : []),
        ]));
    }

    /**
     * The composition's cameras as they stand on a frame, as they are seen from here.
     *
     * @return list<array{layer: string, on: bool, eye: array{float, float}, aim: array{float, float},
     *     corners: list<array{float, float}>, way: list<array{float, float}>}> in composition pixels: where each stands and aims, the
     *     corners of what it sees there, clockwise from the top left, and where it goes between its first keyframe and its last
     */
    public function cameras(Composition $composition, int $frame): array
    {
        $here = $this->camera($composition);
        $on = $composition->cameras()?->on($frame)?->id;

        return array_map(function (Layer $layer) use ($composition, $frame, $here, $on): array {
            $camera = Cameras::placed($composition->around($layer), new View($composition), $frame);
            $across = $composition->width / 2 / $camera->focal * $camera->aim;
            $down = $composition->height / 2 / $camera->focal * $camera->aim;
            $aim = $camera->aim();
            $seen = fn (Vector $point): array => self::pair($here->seen($point, new View($composition)));
            $corner = fn (float $x, float $y): array => $seen(
                $aim->plus($camera->right->times($x * $across))->plus($camera->down->times($y * $down)),
            );

            return [
                'layer' => $layer->id, 'on' => $layer->id === $on, 'eye' => $seen($camera->eye), 'aim' => $seen($aim),
                'corners' => [$corner(-1, -1), $corner(1, -1), $corner(1, 1), $corner(-1, 1)],
                'way' => array_map(
                    fn (int $at): array => $seen(Cameras::placed($composition->around($layer), new View($composition), $at)->eye),
                    WayFrames::of($layer, self::LEADING),
                ),
            ];
        }, $composition->cameras()?->all() ?? []);
    }

    /** @return array{float, float} */
    private static function pair(Point $point): array
    {
        return [round($point->x, 2), round($point->y, 2)];
    }
}
