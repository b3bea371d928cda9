<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Shape;

use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\Placement;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\Resting;
use Ricamo\Core\Property\Section;
use Ricamo\Core\Value\Length;
use Ricamo\Core\Value\Type\AngleType;
use Ricamo\Core\Value\Type\LengthType;
use Ricamo\Core\Value\Type\NumberType;
use Ricamo\Core\Value\Type\PathType;
use Ricamo\Core\Value\Type\PointType;
use Ricamo\Core\Value\Type\SizeType;

/** A form with all that it is made from, at a moment. */
final readonly class Formed
{
    /** The most corners of a polygon, or points of a star. */
    public const MOST_SIDES = 200;

    /** Clockwise from the top left. */
    private const CORNERS = ['TopLeft', 'TopRight', 'BottomRight', 'BottomLeft'];

    private const NAMES = [
        'size',
        'rounding',
        'roundTopLeft',
        'roundTopRight',
        'roundBottomRight',
        'roundBottomLeft',
        'sides',
        'inner',
        'start',
        'sweep',
        'tail',
    ];

    /**
     * @param  list<float>  $corners  how round each corner of a rectangle is, clockwise from the top left; less than nought for as all are
     */
    private function __construct(
        public ShapeForm $form,
        public Box $box,
        public float $rounding,
        public float $sides,
        public float $inner,
        public float $start,
        public float $sweep,
        public Point $tail,
        public Contours $path,
        public array $corners,
    ) {
    }

    /** @return list<PropertyDefinition> */
    public static function properties(Size $size): array
    {
        return [
            new PropertyDefinition('size', new SizeType, $size, 0, Placement::FAR, 'Size', Section::Form, 'px', isFactor: true),
            new PropertyDefinition('rounding', new LengthType, new Length(0), 0, Placement::FAR, 'Rounding', Section::Form, 'px'),
            ...array_map(
                fn (string $corner): PropertyDefinition => new PropertyDefinition(
                    "round$corner",
                    new LengthType,
                    new Length(-1),
                    -1,
                    Placement::FAR,
                    ucfirst(strtolower(trim((string) preg_replace('/[A-Z]/', ' $0', $corner)))),
                    Section::Corners,
                    'px',
                    rare: true,
                    leastCalled: 'as all',
                ),
                self::CORNERS,
            ),
            new PropertyDefinition('sides', new NumberType, 5.0, 3, self::MOST_SIDES, 'Sides', Section::Form, rare: true),
            new PropertyDefinition('inner', new NumberType, 50.0, 0, 100, 'Inside', Section::Form, '%', rare: true),
            new PropertyDefinition('start', new AngleType, 0.0, -1e7, 1e7, 'Start', Section::Form, '°', rare: true),
            new PropertyDefinition('sweep', new AngleType, 270.0, -360, 360, 'Sweep', Section::Form, '°', rare: true),
            new PropertyDefinition(
                'tail', new PointType, new Point(-120, 140), -Placement::FAR, Placement::FAR, 'Tail', Section::Form, 'px', rare: true,
            ),
            new PropertyDefinition('path', new PathType, new Contours([]), title: 'Path', section: Section::Form, rare: true),
        ];
    }

    /**
     * What makes a form as large as it is drawn: a line leads from one point to the other, all else fills the box between them.
     *
     * @return array<string, mixed> values of properties, as documents hold them
     */
    public static function drawn(ShapeForm $form, Point $from, Point $to): array
    {
        $by = $to->minus($from);

        return $form === ShapeForm::Line ? [
            'size' => [round(hypot($by->x, $by->y), 3), 0], 'rotation' => round(rad2deg(atan2($by->y, $by->x)), 3),
        ] : ['size' => [abs($by->x), abs($by->y)]];
    }

    /** A form by which it is known at a glance, in a box around the origin. */
    public static function sample(ShapeForm $form, float $width, float $height): self
    {
        $box = Box::centred($width, $height);
        $wave = "M-{$width} {$height}C-{$width} -{$height} {$width} {$height} {$width} -{$height}";
        $path = $form === ShapeForm::Path
            ? Contours::of(Contours::parse($wave)->path()->transformed(Affine::scaling(0.5, 0.5)))
            : new Contours([]);
        [$start, $sweep] = $form === ShapeForm::Arc ? [-120.0, 240.0] : [0.0, 270.0];

        return new self($form, $box, 0.0, 5.0, 50.0, $start, $sweep, new Point(-$width / 4, 0.8 * $height), $path, []);
    }

    /** The property that says how large a form is. */
    public static function pulls(ShapeForm $form): string
    {
        return $form === ShapeForm::Path ? 'path' : 'size';
    }

    /**
     * What makes a form as large as this. The tail of a speech plate goes on pointing where it did.
     *
     * @param  Point  $to  its width and height in pixels, less than nought where it is turned over
     * @param  Point  $moved  how far the point that stays where it was moves in the layer's own pixels
     * @return array<string, mixed> values of properties, as documents hold them
     */
    public static function sized(ShapeForm $form, Layer $layer, int|float $at, Point $to, Point $moved): array
    {
        if ($form !== ShapeForm::Path) {
            $tail = $layer->point('tail', $at)->plus($moved);

            return [
                'size' => [round(abs($to->x), 3), round(abs($to->y), 3)],
                ...($form === ShapeForm::Speech ? ['tail' => [round($tail->x, 3), round($tail->y, 3)]] : []),
            ];
        }
        $formed = self::of($form, $layer, $at);
        $times = fn (float $to, float $now): float => $now > 0 ? $to / $now : 1.0;
        [$x, $y] = [$times($to->x, $formed->box->width()), $times($to->y, $formed->box->height())];

        return ['path' => Contours::of($formed->path->path()->transformed(Affine::scaling($x, $y)))->write()];
    }

    public static function of(ShapeForm $form, Layer $layer, int|float $at): self
    {
        $resting = Resting::of($layer);
        $name = $form->name;
        $known = $resting->made[$name] ?? null;
        if ($known instanceof self) {
            return $known;
        }
        $made = self::at($form, $layer, $at);

        return $known === null
            ? $resting->keep($name, $layer, $form === ShapeForm::Path ? [...self::NAMES, 'path'] : self::NAMES, $made)
            : $made;
    }

    private static function at(ShapeForm $form, Layer $layer, int|float $at): self
    {
        $path = $form === ShapeForm::Path ? $layer->value('path', $at) : new Contours([]);
        assert($path instanceof Contours);
        $size = $layer->size('size', $at);
        $bounds = $form === ShapeForm::Path ? $path->path()->bounds() : null;
        $box = $bounds ?? Box::centred(max(0, $size->width), max(0, $size->height));
        $shorter = $box->shorter();

        return new self(
            $form, $box, max(0, $layer->length('rounding', $at, $shorter)),
            $layer->number('sides', $at), $layer->number('inner', $at), $layer->number('start', $at),
            $layer->number('sweep', $at), $layer->point('tail', $at), $path,
            $form === ShapeForm::Rectangle ? array_map(
                fn (string $corner): float => $layer->length("round$corner", $at, $shorter), self::CORNERS,
            ) : [],
        );
    }

    public function isEmpty(): bool
    {
        return $this->form === ShapeForm::Path
            ? $this->path->all === []
            : $this->box->width() <= 0 || ($this->box->height() <= 0 && $this->form !== ShapeForm::Line);
    }

    /** Whether a corner is rounded otherwise than the others. */
    public function hasCornersOfItsOwn(): bool
    {
        return array_filter($this->corners, fn (float $radius): bool => $radius >= 0) !== [];
    }

    /** By which the same outline is known again. */
    public function key(): string
    {
        $own = match ($this->form) {
            ShapeForm::Path => $this->path->key(),
            ShapeForm::Rectangle => $this->hasCornersOfItsOwn() ? implode(' ', $this->corners) : '',
            ShapeForm::Ellipse => '',
            default => "$this->sides $this->inner $this->start $this->sweep {$this->tail->x} {$this->tail->y}",
        };

        return "{$this->form->value} {$this->box->right} {$this->box->bottom} $this->rounding $own";
    }
}
