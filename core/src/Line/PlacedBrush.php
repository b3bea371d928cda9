<?php

declare(strict_types=1);

namespace Ricamo\Core\Line;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Property\Attached;
use Ricamo\Core\Property\AttachedSettings;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\References;
use Ricamo\Core\Value\Type\NumberType;
use Ricamo\Core\Value\Type\PathType;

/** A brush as a layer's outline has it. */
final readonly class PlacedBrush implements Attached
{
    /** A layer has one. */
    public const MOST = 1;

    public const ID = 'b1';

    /** The most points that a mark of one's own has. */
    public const MOST_POINTS = 300;

    /**
     * @param  ?Contours  $mark  what is set along the line, of any size, where its form is one's own
     * @param  ?string  $media  a picture or a clip in its place
     */
    public function __construct(public BrushForm $form, public bool $on = true, public ?Contours $mark = null, public ?string $media = null)
    {
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

    public static function read(Node $node): self
    {
        if ($node->has('id') && $node->field('id')->value !== self::ID) {
            $node->field('id')->refuse('can only be '.self::ID);
        }

        $form = $node->field('form')->enum(BrushForm::class);
        if ($form !== BrushForm::Own) {
            return new self($form, $node->optional('on')?->bool() ?? true);
        }
        if ($node->has('mark') === $node->has('media')) {
            $node->refuse('a brush of one\'s own has either a mark or a medium');
        }
        $mark = $node->optional('mark');
        $path = $mark === null ? null : (new PathType)->read($mark);
        if ($mark !== null && ($path === null || $path->count() < 2 || $path->count() > self::MOST_POINTS)) {
            $mark->refuse('has fewer than two points, or more than '.self::MOST_POINTS);
        }

        return new self($form, $node->optional('on')?->bool() ?? true, $path, $node->optional('media')?->string(64));
    }

    public function id(): string
    {
        return self::ID;
    }

    public function title(): string
    {
        return 'Brush';
    }

    public function section(): string
    {
        return 'Line';
    }

    public function settings(): array
    {
        $defaults = $this->form->defaults();

        return [
            Setting::percent('size', 'Size', $defaults['size'], 1, 10_000),
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

    public function fields(): array
    {
        return ['id' => 0, 'form' => 0, 'on' => 0] + ($this->form === BrushForm::Own ? ['mark' => 0, 'media' => 0] : []);
    }

    public function toJson(): array
    {
        return [
            'id' => self::ID,
            'form' => $this->form->value,
            ...($this->on ? [] : ['on' => false]),
            ...array_filter(['mark' => $this->mark?->write(), 'media' => $this->media], fn (?string $one): bool => $one !== null),
        ];
    }

    public function refersTo(): References
    {
        return new References(media: $this->media === null ? [] : [$this->media]);
    }
}
