<?php

namespace Ricamo\Core\Line;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Attached;
use Ricamo\Core\Document\Attachments;
use Ricamo\Core\Document\PropertyDefinition;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\LayerKind;
use Ricamo\Core\Value\Type\NumberType;

/** A brush as a layer's outline has it. */
final readonly class PlacedBrush implements Attached
{
    /** A layer has one. */
    public const MOST = 1;

    public const ID = 'b1';

    public function __construct(public BrushForm $form, public bool $on = true)
    {
    }

    /** @return array{?self, array<string, Property>} with its settings, by the names that the layer knows them by */
    public static function readOf(?Node $node, LayerKind $kind): array
    {
        if ($node === null) {
            return [null, []];
        }
        if (! isset($kind->properties()['outline'])) {
            $node->refuse("a {$kind->name()} layer has no outline");
        }
        $brush = self::read($node);
        [, $settings] = Attachments::read(new Node([[...$node->object(), 'id' => self::ID]]), self::MOST, self::read(...));

        return [$brush, $settings];
    }

    public static function read(Node $node): self
    {
        if ($node->has('id') && $node->field('id')->value !== self::ID) {
            $node->field('id')->refuse('can only be '.self::ID);
        }

        return new self($node->field('form')->enum(BrushForm::class), $node->optional('on')?->bool() ?? true);
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
        return ['id' => 0, 'form' => 0, 'on' => 0];
    }

    public function toJson(): array
    {
        return ['id' => self::ID, 'form' => $this->form->value, ...($this->on ? [] : ['on' => false])];
    }
}
