<?php

declare(strict_types=1);

namespace Ricamo\Core\Paint;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Layout\Fitting;
use Ricamo\Core\Property\Attached;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\References;
use Ricamo\Core\Value\Type\AngleType;
use Ricamo\Core\Value\Type\ColourType;
use Ricamo\Core\Value\Type\NumberType;
use Ricamo\Core\Value\Type\PointType;

/**
 * A gradient in the place of a layer's colour, whose points count in per cent of the box of what is painted; or a picture, a clip
 * or another composition that is framed in that box.
 */
final readonly class PlacedGradient implements Attached
{
    /** One for the fill, one for the outline, and one for each that there are more of. */
    public const MOST = 2 + Painted::MORE;

    public const MOST_STOPS = 12;

    public const LEAST_STOPS = 2;

    private const CORNERS = [
        'topLeft' => 'Top left', 'topRight' => 'Top right', 'bottomLeft' => 'Bottom left', 'bottomRight' => 'Bottom right',
    ];

    private const COLOURS = ['#2f5d50', '#c9973f', '#24557a', '#f3e3c3'];

    /**
     * @param  int  $stops  how many colours it has along its way; four corners have four
     * @param  ?string  $media  the picture or clip, where that is its form
     * @param  ?string  $composition  the other composition in the place of one
     * @param  Fitting  $fitting  how large that is in the box before it is zoomed
     */
    public function __construct(
        public Painted $of,
        public GradientForm $form,
        public int $stops = self::LEAST_STOPS,
        public ?string $media = null,
        public ?string $composition = null,
        public Fitting $fitting = Fitting::Fill,
    ) {
    }

    public static function read(Node $node): self
    {
        $form = $node->field('form')->enum(GradientForm::class);

        $stops = match ($form) {
            GradientForm::Corners => count(self::CORNERS),
            GradientForm::Picture => self::LEAST_STOPS,
            default => $node->optional('stops')?->int(self::LEAST_STOPS, self::MOST_STOPS) ?? self::LEAST_STOPS,
        };

        return new self(
            Painted::read($node->field('of')), $form, $stops,
            $form === GradientForm::Picture && ! $node->has('composition') ? $node->field('media')->string(64) : null,
            $form === GradientForm::Picture ? $node->optional('composition')?->name(64) : null,
            $form === GradientForm::Picture ? $node->optional('fitting')?->enum(Fitting::class) ?? Fitting::Fill : Fitting::Fill,
        );
    }

    /**
     * The one that is a picture, a clip or a composition: of the fill before that of the outline, and these before others.
     *
     * @param  list<self>  $gradients
     */
    public static function pictured(array $gradients): ?self
    {
        $pictured = array_values(array_filter($gradients, fn (self $one): bool => $one->shown() !== null));
        usort($pictured, fn (self $a, self $b): int => strcmp($a->id(), $b->id()));

        return $pictured[0] ?? null;
    }

    public function ofMedia(string $media): self
    {
        return new self($this->of, $this->form, $this->stops, $media, fitting: $this->fitting);
    }

    /** What is seen of it, where it is no gradient. */
    public function shown(): ?Shown
    {
        return match (true) {
            $this->media !== null => Shown::media($this->media),
            $this->composition !== null => Shown::composition($this->composition),
            default => null,
        };
    }

    public function id(): string
    {
        return $this->of->id();
    }

    public function title(): string
    {
        return $this->form->title();
    }

    public function section(): string
    {
        return 'Paint';
    }

    /** @return list<string> the names of its colours, in order */
    public function colours(): array
    {
        return match ($this->form) {
            GradientForm::Corners => array_keys(self::CORNERS),
            GradientForm::Picture => [],
            default => array_map(fn (int $stop): string => "colour$stop", range(1, $this->stops)),
        };
    }

    public function settings(): array
    {
        if ($this->form === GradientForm::Corners) {
            return array_map(
                fn (string $name, int $at): PropertyDefinition => self::colour($name, self::CORNERS[$name], $at),
                $this->colours(),
                range(0, 3),
            );
        }
        if ($this->form === GradientForm::Picture) {
            return [
                new PropertyDefinition('pan', new PointType, new Point(0, 0), -100_000, 100_000, 'Pan', unit: 'px'),
                new PropertyDefinition('zoom', new NumberType, 100.0, 1, 10_000, 'Zoom', unit: '%'),
                new PropertyDefinition('turn', new AngleType, 0.0, -1e7, 1e7, 'Turn', unit: '°'),
            ];
        }
        $stops = [];
        foreach (range(1, $this->stops) as $stop) {
            $stops[] = self::colour("colour$stop", "Colour $stop", $stop - 1);
            $stops[] = new PropertyDefinition(
                "at$stop", new NumberType, 100.0 * ($stop - 1) / ($this->stops - 1), 0, 100, "Place $stop", unit: '%',
            );
        }

        return [...match ($this->form) {
            GradientForm::Linear => [self::point('from', 'From', 0, 50), self::point('to', 'To', 100, 50)],
            GradientForm::Sweep => [
                self::point('centre', 'Centre', 50, 50),
                new PropertyDefinition('angle', new AngleType, -90.0, -1e7, 1e7, 'Angle', unit: '°'),
            ],
            default => [
                self::point('centre', 'Centre', 50, 50),
                new PropertyDefinition('radius', new NumberType, 100.0, 0.1, 10_000, 'Radius', unit: '%'),
            ],
        }, ...$stops];
    }

    public function fields(): array
    {
        return ['of' => 0, 'form' => 0] + match ($this->form) {
            GradientForm::Corners => [],
            GradientForm::Picture => ['media' => 0, 'composition' => 0, 'fitting' => 0],
            default => ['stops' => 0],
        };
    }

    public function toJson(): array
    {
        return ['of' => $this->of->name, 'form' => $this->form->value, ...match ($this->form) {
            GradientForm::Corners => [],
            GradientForm::Picture => array_filter([
                'media' => $this->media,
                'composition' => $this->composition,
                'fitting' => $this->fitting === Fitting::Fill ? null : $this->fitting->value,
            ]),
            default => ['stops' => $this->stops],
        }];
    }

    private static function colour(string $name, string $title, int $at): PropertyDefinition
    {
        return new PropertyDefinition($name, new ColourType, Colour::parse(self::COLOURS[$at % count(self::COLOURS)]), title: $title);
    }

    private static function point(string $name, string $title, float $x, float $y): PropertyDefinition
    {
        return new PropertyDefinition($name, new PointType, new Point($x, $y), -10_000, 10_000, $title, unit: '%');
    }

    public function refersTo(): References
    {
        return $this->shown()?->refersTo() ?? new References;
    }
}
