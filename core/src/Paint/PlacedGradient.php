<?php

declare(strict_types=1);

namespace Ricamo\Core\Paint;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Altered;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Json\Name;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Layout\Fitting;
use Ricamo\Core\Property\Attached;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\References;
use Ricamo\Core\Property\Section;
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

    public function __construct(
        #[Field]
        public Painted $of,
        #[Field]
        public GradientForm $form,
        #[Field('how many colours it has along its way', self::LEAST_STOPS, self::MOST_STOPS, always: true)]
        public int $stops = self::LEAST_STOPS,
        #[Id('the picture or clip')]
        public ?string $media = null,
        #[Name('the id of another composition, in the place of media', Id::LONGEST)]
        public ?string $composition = null,
        #[Field('how large it is in the box before it is zoomed')]
        public Fitting $fitting = Fitting::Fill,
    ) {
    }

    public static function read(Node $node): self
    {
        $form = $node->field('form')->enum(GradientForm::class);
        $isMedia = $form === GradientForm::Picture && ! $node->has('composition');
        $one = self::described($form)->fixing([], $isMedia ? ['media'] : [])->readAmong($node);

        return match (true) {
            $form === GradientForm::Corners => Altered::copy($one, ['stops' => count(self::CORNERS)]),
            $one->composition !== null => Altered::copy($one, ['media' => null]),
            default => $one,
        };
    }

    /** @return Fields<self> what there is to say of one of a form */
    private static function described(GradientForm $form): Fields
    {
        return Fields::of(self::class)->form($form->value, fn (Fields $all): Fields => $all->without(match ($form) {
            GradientForm::Corners => ['stops', 'media', 'composition', 'fitting'],
            GradientForm::Picture => ['stops'],
            default => ['media', 'composition', 'fitting'],
        })->fixing(['form' => $form->value]));
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

    public function section(): Section
    {
        return Section::Paint;
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

    public function fields(): Fields
    {
        return self::described($this->form);
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
