<?php

declare(strict_types=1);

namespace Ricamo\Core\Line;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Property\Attached;
use Ricamo\Core\Property\AttachedSettings;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\References;
use Ricamo\Core\Property\Section;
use Ricamo\Core\Refusal;
use Ricamo\Core\Value\Type\NumberType;
use Ricamo\Core\Value\Type\PathData;

/** A brush as a layer's outline has it. */
final readonly class PlacedBrush implements Attached
{
    /** A layer has one. */
    public const MOST = 1;

    public const ID = 'b1';

    /** The most points that a mark of one's own has. */
    public const MOST_POINTS = 300;

    public function __construct(
        #[Field]
        public BrushForm $form,
        #[Field]
        public bool $on = true,
        #[PathData('of any size, which is set along the line')]
        public ?Contours $mark = null,
        #[Id('a picture or a clip in its place')]
        public ?string $media = null,
    ) {
    }

    /** The mark around the origin, its larger side one unit of brushes; null where the form has its own. */
    public function outline(): ?Outline
    {
        $bounds = $this->mark?->path()->bounds();
        if ($this->mark === null || $bounds === null || max($bounds->width(), $bounds->height()) <= 0) {
            return null;
        }
        $scale = BrushForm::UNIT / max($bounds->width(), $bounds->height());
        $middle = $bounds->centre();

        return Outline::of($this->mark->path()->transformed(Affine::scaling($scale, $scale)->after(
            Affine::translation(-$middle->x, -$middle->y),
        )));
    }

    public function ofMedia(string $media): self
    {
        return new self($this->form, $this->on, null, $media);
    }

    /**
     * @param  string  $kind  of the layer
     * @param  bool  $hasOutline  whether layers of it have one
     * @return array{?self, array<string, Property>} with its settings, by the names that the layer knows them by
     *
     * @throws Refusal for what is none
     */
    public static function readOf(?Node $node, string $kind, bool $hasOutline): array
    {
        if ($node === null) {
            return [null, []];
        }
        if (! $hasOutline) {
            $node->refuse("a $kind layer has no outline");
        }
        $brush = self::read($node);
        [, $settings] = AttachedSettings::read(new Node([[...$node->object(), 'id' => self::ID]]), self::MOST, self::read(...));

        return [$brush, $settings];
    }

    /** @throws Refusal for what is none */
    public static function read(Node $node): self
    {
        $form = $node->field('form')->enum(BrushForm::class);
        $one = self::described($form)->readAmong($node);
        if ($form === BrushForm::Own && ($one->mark === null) === ($one->media === null)) {
            $node->refuse('a brush of one\'s own has either a mark or a medium');
        }
        if ($one->mark !== null && ($one->mark->count() < 2 || $one->mark->count() > self::MOST_POINTS)) {
            $node->field('mark')->refuse('has fewer than two points, or more than '.self::MOST_POINTS);
        }

        return $one;
    }

    /** @return Fields<self> what there is to say of one of a form */
    private static function described(BrushForm $form): Fields
    {
        return Fields::of(self::class)->form($form->value, fn (Fields $all): Fields => $all
            ->without($form === BrushForm::Own ? [] : ['mark', 'media'])
            ->fixing(['id' => self::ID, 'form' => $form->value]));
    }

    public function id(): string
    {
        return self::ID;
    }

    public function title(): string
    {
        return 'Brush';
    }

    public function section(): Section
    {
        return Section::Line;
    }

    public function settings(): array
    {
        $defaults = $this->form->defaults();

        return [
            new PropertyDefinition('size', new NumberType, $defaults['size'], 1, 10_000, 'Size', unit: '%', isFactor: true),
            Setting::percent('spacing', 'Spacing', $defaults['spacing'], 1, 10_000),
            Setting::percent('phase', 'Begins', 0, -100_000, 100_000),
            Setting::percent('grow', 'Grow over', 6),
            Setting::percent('scatter', 'Place ±', $defaults['scatter'], 0, 1000),
            Setting::angle('scatterTurn', 'Turn ±', $defaults['scatterTurn']),
            Setting::percent('scatterSize', 'Size ±', $defaults['scatterSize'], 0, 100),
            Setting::percent('scatterOpacity', 'Opacity ±', $defaults['scatterOpacity'], 0, 100),
            new PropertyDefinition('seed', new NumberType, 1.0, 0, 1_000_000, 'Seed'),
        ];
    }

    public function fields(): Fields
    {
        return self::described($this->form);
    }

    public function refersTo(): References
    {
        return new References(media: $this->media === null ? [] : [$this->media]);
    }
}
