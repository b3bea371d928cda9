<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Document;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Shape\Formed;
use Ricamo\Core\Kind\Shape\Repeats;
use Ricamo\Core\Kind\Shape\ShapeForm;
use Ricamo\Core\Line\LineStyle;
use Ricamo\Core\Property\Resting;

final class RestingTest extends TestCase
{
    /** @param  array<string, mixed>  $fields */
    private static function bar(array $fields = []): Layer
    {
        return Layer::read(new Node([
            'id' => 'bar', 'kind' => 'shape', 'form' => 'rectangle', 'name' => 'Bar', 'in' => 0, 'out' => 100, ...$fields,
        ]));
    }

    private static function course(mixed $from, mixed $to): array
    {
        return ['keyframes' => [['at' => 0, 'value' => $from], ['at' => 10, 'value' => $to]]];
    }

    public function test_what_has_no_keyframes_is_made_once_for_a_layer(): void
    {
        $layer = self::bar();
        self::assertSame(LineStyle::of($layer, 0), LineStyle::of($layer, 50));
        self::assertSame(Formed::of(ShapeForm::Rectangle, $layer, 0), Formed::of(ShapeForm::Rectangle, $layer, 50));
        self::assertNotSame(LineStyle::of($layer, 0), LineStyle::of(self::bar(), 0));
    }

    public function test_what_has_keyframes_is_made_for_each_frame(): void
    {
        $layer = self::bar([
            'size' => self::course([100, 100], [200, 100]), 'drawEnd' => self::course(0, 100),
            'columns' => self::course(1, 3),
        ]);
        foreach ([
            0 => [100.0, 0.0, true], 10 => [200.0, 100.0, false], 5 => [150.0, 50.0, false], 1 => [110.0, 10.0, true],
        ] as $frame => [$width, $end, $isOne]) {
            self::assertSame(
                [$width, $end, $isOne],
                [
                    Formed::of(ShapeForm::Rectangle, $layer, $frame)->box->width(), LineStyle::of($layer, $frame)->end,
                    Repeats::isOne($layer, $frame),
                ],
            );
        }
    }

    public function test_each_of_what_it_is_made_of_counts(): void
    {
        foreach ([
            'size', 'rounding', 'roundTopLeft', 'roundTopRight', 'roundBottomRight', 'roundBottomLeft', 'sides', 'inner',
            'start', 'sweep', 'tail', 'path',
        ] as $name) {
            $this->changes(
                $name,
                fn (Layer $layer, int $at): Formed => Formed::of($name === 'path' ? ShapeForm::Path : ShapeForm::Rectangle, $layer, $at),
            );
        }
        foreach (['drawBegin', 'drawEnd', 'drawOffset', 'drawTogether', 'dash', 'gap', 'dashOffset', 'taperBegin', 'taperEnd'] as $name) {
            $this->changes($name, LineStyle::of(...));
        }
    }

    /** @param  callable(Layer, int): object  $make */
    private function changes(string $name, callable $make): void
    {
        $property = self::bar()->properties[$name];
        $value = $property->at(0, self::bar()->span);
        $layer = self::bar()->withProperty($name, Property::keyframed($property->type, [new Keyframe(0, $value), new Keyframe(9, $value)]));
        self::assertNotSame($make($layer, 0), $make($layer, 0), $name);
    }

    public function test_a_changed_layer_does_not_find_what_was_made_of_the_one_before(): void
    {
        $layer = self::bar(['dash' => 5]);
        self::assertSame(5.0, LineStyle::of($layer, 0)->dash);
        $changed = $layer->withProperty('dash', Property::constant($layer->properties['dash']->type, 8.0));
        self::assertSame([8.0, 5.0], [LineStyle::of($changed, 0)->dash, LineStyle::of($layer, 0)->dash]);
    }

    public function test_nothing_is_kept_of_a_layer_that_is_gone(): void
    {
        $resting = \WeakReference::create(Resting::of($layer = self::bar()));
        self::assertNotNull($resting->get());
        unset($layer);
        self::assertNull($resting->get());
    }
}
