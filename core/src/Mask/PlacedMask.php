<?php

declare(strict_types=1);

namespace Ricamo\Core\Mask;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Display\MaskMode;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Size;
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
use Ricamo\Core\Value\Length;
use Ricamo\Core\Value\Type\AngleType;
use Ricamo\Core\Value\Type\LengthType;
use Ricamo\Core\Value\Type\NumberType;
use Ricamo\Core\Value\Type\PathType;
use Ricamo\Core\Value\Type\PointType;
use Ricamo\Core\Value\Type\SizeType;

/** A mask as a layer has it: where it is seen. */
final readonly class PlacedMask implements Attached
{
    /** The most that a layer has. */
    public const MOST = 50;

    private const FAR = 100_000;

    /** By how much each edge of a crop lies within the layer's box. */
    public const EDGES = ['left', 'top', 'right', 'bottom'];

    /** @param  string  $id  by which the layer's properties say whose they are: `m1.feather` */
    public function __construct(
        #[Field(like: '^m[0-9]{1,6}$', unlike: 'is not m and a number')]
        public string $id,
        #[Field]
        public MaskForm $form,
        #[Field('what it does to those before it')]
        public MaskMode $mode = MaskMode::Add,
        #[Field]
        public bool $inverted = false,
        #[Field]
        public bool $on = true,
        #[Field('whether it stays where it is in the frame, counted in the composition\'s pixels, however the layer moves')]
        public bool $fixed = false,
        #[Id('the layer that it is')]
        public ?string $layer = null,
        #[Field(always: true)]
        public MaskBy $by = MaskBy::Alpha,
    ) {
    }

    /**
     * Reads a list of them with their settings, also as they used to be written.
     *
     * @return array{list<self>, array<string, Property>}
     */
    public static function readAll(?Node $list): array
    {
        return AttachedSettings::read($list, self::MOST, self::read(...), PointedForm::converted(...));
    }

    public static function read(Node $node): self
    {
        return self::described($node->field('form')->enum(MaskForm::class))->readAmong($node);
    }

    /** @return Fields<self> what there is to say of one of a form */
    private static function described(MaskForm $form): Fields
    {
        return Fields::of(self::class)->form($form->value, fn (Fields $all): Fields => match ($form) {
            MaskForm::Layer => $all->without(['fixed'])->fixing(['form' => $form->value], ['layer']),
            MaskForm::Crop => $all->without(['layer', 'by', 'fixed'])->fixing(['form' => $form->value]),
            default => $all->without(['layer', 'by'])->fixing(['form' => $form->value]),
        });
    }

    /** A copy that refers to the layer's new id. */
    public function ofLayer(string $layer): self
    {
        return new self($this->id, $this->form, $this->mode, $this->inverted, $this->on, $this->fixed, $layer, $this->by);
    }

    public function id(): string
    {
        return $this->id;
    }

    public function title(): string
    {
        return $this->form->title();
    }

    public function section(): Section
    {
        return Section::Masks;
    }

    public function settings(): array
    {
        $opacity = new PropertyDefinition('opacity', new NumberType, 100.0, 0, 100, 'Opacity', unit: '%', isFactor: true);
        $feather = new PropertyDefinition('feather', new NumberType, 0.0, 0, 1000, 'Feather', unit: 'px', isFactor: true);
        if ($this->form === MaskForm::Layer) {
            return [$feather, $opacity];
        }
        if ($this->form === MaskForm::Crop) {
            $edge = fn (string $name): PropertyDefinition => new PropertyDefinition(
                $name, new LengthType, new Length(0), 0, self::FAR, ucfirst($name), unit: 'px',
            );

            return [...array_map($edge, self::EDGES), $feather, $opacity];
        }

        return [
            new PropertyDefinition('position', new PointType, new Point(0, 0), -self::FAR, self::FAR, 'Position', unit: 'px'),
            ...($this->form === MaskForm::Free ? [] : [new PropertyDefinition(
                'size', new SizeType, new Size(480, 270), 0, self::FAR, 'Size', unit: 'px', isFactor: true,
            )]),
            new PropertyDefinition('rotation', new AngleType, 0.0, -1e7, 1e7, 'Rotation', unit: '°'),
            ...($this->form === MaskForm::Rectangle ? [new PropertyDefinition(
                'rounding', new LengthType, new Length(0), 0, self::FAR, 'Rounding', unit: 'px',
            )] : []),
            $feather,
            new PropertyDefinition('grow', new NumberType, 0.0, -5000, 5000, 'Grow', unit: 'px'),
            $opacity,
            ...($this->form === MaskForm::Free ? [new PropertyDefinition(
                'path', new PathType, Contours::of(Path::ellipse(Box::centred(300, 300))), title: 'Path',
            )] : []),
        ];
    }

    public function fields(): Fields
    {
        return self::described($this->form);
    }

    public function refersTo(): References
    {
        return new References(layers: $this->layer === null ? [] : [$this->layer]);
    }
}
