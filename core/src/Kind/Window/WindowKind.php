<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Window;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Document\Ability;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\LayerKind;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Document\Placement;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Bundle\BundleContent;
use Ricamo\Core\Kind\DrawnKind;
use Ricamo\Core\Kind\Footage\FootageContent;
use Ricamo\Core\Kind\Materials;
use Ricamo\Core\Kind\Outlined;
use Ricamo\Core\Kind\Playing\Pace;
use Ricamo\Core\Kind\Playing\PlayedFields;
use Ricamo\Core\Kind\Shape\Formed;
use Ricamo\Core\Kind\Shape\ShapeForm;
use Ricamo\Core\Layout\Fitting;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\Section;
use Ricamo\Core\Refusal;
use Ricamo\Core\Value\Type\AngleType;
use Ricamo\Core\Value\Type\ColourType;
use Ricamo\Core\Value\Type\NumberType;
use Ricamo\Core\Value\Type\PointType;

/** A form filled with a clip, a picture or another composition, which is framed inside it, apart from how the window itself moves. */
final class WindowKind extends LayerKind implements DrawnKind
{
    public function name(): string
    {
        return 'window';
    }

    public function linksScale(): bool
    {
        return false;
    }

    /** A window that is pulled shows more, and what is in it keeps its shape. */
    public function pulls(Layer $layer, int|float $at): string
    {
        return Formed::pulls(self::content($layer)->form);
    }

    public function sized(Layer $layer, int|float $at, Point $to, Point $moved): array
    {
        return Formed::sized(self::content($layer)->form, $layer, $at, $to, $moved);
    }

    public function drawn(Node $layer, Point $from, Point $to): array
    {
        return [...parent::drawn($layer, $from, $to), ...Formed::drawn($layer->field('form')->enum(ShapeForm::class), $from, $to)];
    }

    private static function content(Layer $layer): WindowContent
    {
        assert($layer->content instanceof WindowContent);

        return $layer->content;
    }

    protected function ownAbilities(): array
    {
        return [Ability::TakesMedia];
    }

    protected function ownProperties(): array
    {
        return [
            new PropertyDefinition('pan', new PointType, new Point(0, 0), -Placement::FAR, Placement::FAR, 'Pan', Section::Framing, 'px'),
            new PropertyDefinition('zoom', new NumberType, 100.0, 0.1, 10_000, 'Zoom', Section::Framing, '%'),
            new PropertyDefinition('turn', new AngleType, 0.0, -1e7, 1e7, 'Turn', Section::Framing, '°'),
            ...Formed::properties(new Size(640, 360)),
            new PropertyDefinition('fill', new ColourType, Colour::parse('#3d4450'), title: 'Fill', section: Section::Form),
            ...Outlined::properties(Section::Form),
            ...FootageContent::playedProperties(),
        ];
    }

    /** @throws Refusal for what is none */
    public function readContent(Node $layer): WindowContent
    {
        $sound = $layer->optional('sound')?->bool() ?? true;
        if ($layer->has('media') && $layer->has('composition')) {
            $layer->field('composition')->refuse('is one too many beside media');
        }
        $shown = match (true) {
            $layer->has('media') => new FootageContent($layer->field('media')->name(64), Pace::read($layer), $sound),
            $layer->has('composition') => new BundleContent($layer->field('composition')->name(64), Pace::read($layer), $sound),
            default => null,
        };

        return new WindowContent(
            $layer->field('form')->enum(ShapeForm::class), $shown, $layer->optional('fitting')?->enum(Fitting::class) ?? Fitting::Fill,
        );
    }

    public function contentSchema(): array
    {
        return [
            'form' => ['type' => 'string', 'enum' => array_column(ShapeForm::cases(), 'value')],
            'fitting' => [
                'description' => 'how large what is seen through it is, before it is zoomed',
                'type' => 'string',
                'enum' => array_column(Fitting::cases(), 'value'),
            ],
            'composition' => [
                'description' => 'the id of another one that is seen, instead of media',
                'type' => 'string',
                'minLength' => 1,
                'maxLength' => 64,
            ],
            ...PlayedFields::schema(),
        ];
    }

    public function requiredContent(): array
    {
        return ['form'];
    }

    public function newName(Node $layer, MediaLibrary $media): string
    {
        return match (true) {
            $layer->has('media') => pathinfo($media->get($layer->field('media')->string())->name, PATHINFO_FILENAME) ?: 'Window',
            $layer->has('composition') => $media->composition($layer->field('composition')->string())->name,
            default => 'Window',
        };
    }

    /** As long as what plays in it. */
    public function newLayer(Node $layer, Composition $composition, MediaLibrary $media, int $in, float $lasts = self::LASTS): array
    {
        $length = $this->readContent($layer)->lasts($composition->rate, $media) ?? $composition->length;

        return ['out' => min($in + $length, max($composition->length, $in + 1))];
    }

    public function artist(Materials $materials): WindowArtist
    {
        return new WindowArtist($materials);
    }
}
