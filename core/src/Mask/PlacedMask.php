<?php

declare(strict_types=1);

namespace Ricamo\Core\Mask;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Display\MaskMode;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Property\Attached;
use Ricamo\Core\Property\AttachedSettings;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\References;
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

    /**
     * @param  string  $id  by which the layer's properties say whose they are: `m1.feather`
     * @param  bool  $fixed  whether it stays where it is in the frame, counted in the composition's pixels, however the layer moves
     * @param  ?string  $layer  the one that it is, where its form is a layer's
     */
    public function __construct(
        public string $id,
        public MaskForm $form,
        public MaskMode $mode = MaskMode::Add,
        public bool $inverted = false,
        public bool $on = true,
        public bool $fixed = false,
        public ?string $layer = null,
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
        $form = $node->field('form')->enum(MaskForm::class);
        $isLayer = $form === MaskForm::Layer;

        return new self(
            preg_match('/^m\d{1,6}$/', $node->field('id')->string(8))
                ? $node->field('id')->string()
                : $node->field('id')->refuse('is not m and a number'),
            $form,
            $node->optional('mode')?->enum(MaskMode::class) ?? MaskMode::Add,
            $node->optional('inverted')?->bool() ?? false,
            $node->optional('on')?->bool() ?? true,
            ! $isLayer && ($node->optional('fixed')?->bool() ?? false),
            $isLayer ? $node->field('layer')->string(64) : null,
            $isLayer ? $node->optional('by')?->enum(MaskBy::class) ?? MaskBy::Alpha : MaskBy::Alpha,
        );
    }

    /** The same, where the layer that it is has another id. */
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

    public function section(): string
    {
        return 'Masks';
    }

    public function settings(): array
    {
        $opacity = new PropertyDefinition('opacity', new NumberType, 100.0, 0, 100, 'Opacity', unit: '%');
        $feather = new PropertyDefinition('feather', new NumberType, 0.0, 0, 1000, 'Feather', unit: 'px');
        if ($this->form === MaskForm::Layer) {
            return [$feather, $opacity];
        }

        return [
            new PropertyDefinition('position', new PointType, new Point(0, 0), -self::FAR, self::FAR, 'Position', unit: 'px'),
            ...($this->form === MaskForm::Free ? [] : [new PropertyDefinition('size', new SizeType, new Size(480, 270), 0, self::FAR, 'Size', unit: 'px')]),
            new PropertyDefinition('rotation', new AngleType, 0.0, -1e7, 1e7, 'Rotation', unit: '°'),
            ...($this->form === MaskForm::Rectangle ? [new PropertyDefinition('rounding', new LengthType, new Length(0), 0, self::FAR, 'Rounding', unit: 'px')] : []),
            $feather,
            new PropertyDefinition('grow', new NumberType, 0.0, -5000, 5000, 'Grow', unit: 'px'),
            $opacity,
            ...($this->form === MaskForm::Free ? [new PropertyDefinition('path', new PathType, Contours::of(Path::ellipse(Box::centred(300, 300))), title: 'Path')] : []),
        ];
    }

    public function fields(): array
    {
        return ['id' => 0, 'form' => 0, 'mode' => 0, 'inverted' => 0, 'on' => 0] + match ($this->form) {
            MaskForm::Layer => ['layer' => 0, 'by' => 0],
            default => ['fixed' => 0],
        };
    }

    public function toJson(): array
    {
        return [
            'id' => $this->id,
            'form' => $this->form->value,
            ...($this->form === MaskForm::Layer ? ['layer' => $this->layer, 'by' => $this->by->value] : []),
            ...($this->mode === MaskMode::Add ? [] : ['mode' => $this->mode->value]),
            ...($this->inverted ? ['inverted' => true] : []),
            ...($this->on ? [] : ['on' => false]),
            ...($this->fixed ? ['fixed' => true] : []),
        ];
    }

    public function refersTo(): References
    {
        return new References(layers: $this->layer === null ? [] : [$this->layer]);
    }
}
