<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Json;

use LogicException;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Display\Blend;
use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Json\Altered;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

final class FieldsTest extends TestCase
{
    public function test_what_is_said_is_read_and_all_else_is_what_it_is_when_nothing_is_said(): void
    {
        $read = Fields::of(Described::class)->read(new Node([
            'id' => 'l1', 'stops' => 3, 'share' => 40, 'blend' => 'multiply', 'ids' => ['a', 'b'], 'side' => 'end',
            'inner' => ['at' => 4], 'name' => ' Bar ', 'on' => false,
        ]));
        self::assertSame(
            ['l1', 3, 40.0, Blend::Multiply, ['a', 'b'], 'end', 'Bar', false, 5],
            [$read->id, $read->count, $read->share, $read->blend, $read->ids, $read->side, $read->name, $read->on, $read->beside->at],
        );
        self::assertSame(4, $read->inner?->at);
        self::assertSame(9, Fields::of(Described::class)->read(new Node(['id' => 'l1', 'stops' => 3, 'at' => 9]))->beside->at);
    }

    #[TestWith([['stops' => 3], 'id: is missing'])]
    #[TestWith([['id' => 'l1', 'stops' => 13], 'stops: 13 is outside 2..12'])]
    #[TestWith([['id' => 'l1', 'stops' => 3, 'hollow' => 1], 'hollow: is not a field known here'])]
    #[TestWith([['id' => 'l 1', 'stops' => 3], 'id: does not match ^[a-z0-9]+$'])]
    #[TestWith([['id' => 'l1', 'stops' => 3, 'side' => 'top'], 'side: must be "begin" or "end"'])]
    #[TestWith([['id' => 'l1', 'stops' => 3, 'ids' => []], 'ids: is empty'])]
    #[TestWith([['id' => 'l1', 'stops' => 3, 'ids' => ['a', 'b', 'c', 'd']], 'ids: has 4 entries, more than 3'])]
    #[TestWith([['id' => 'l1', 'stops' => 3, 'blend' => 'hollow'], 'blend: "hollow" is not one of normal'])]
    #[TestWith([['id' => 'l1', 'stops' => 3, 'name' => '  '], 'name: is empty'])]
    #[TestWith([['id' => 'l1', 'stops' => 3, 'inner' => ['at' => 11]], 'inner.at: 11 is outside 0..10'])]
    public function test_what_cannot_be_is_refused_with_its_place(array $fields, string $why): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($why);
        Fields::of(Described::class)->read(new Node($fields));
    }

    public function test_what_is_written_is_read_again(): void
    {
        $fields = ['id' => 'l1', 'stops' => 3, 'share' => 60.0, 'blend' => 'screen', 'inner' => ['at' => 4]];
        $all = Fields::of(Described::class);
        self::assertSame($fields, $all->without(['beside'])->write($all->read(new Node($fields))));
    }

    public function test_the_schema_says_the_same(): void
    {
        $schema = Fields::of(Described::class)->schema();
        self::assertSame(['id', 'stops'], $schema['required']);
        self::assertSame(['type' => 'string', 'pattern' => '^[a-z0-9]+$'], $schema['properties']['id']);
        self::assertSame(
            ['description' => 'colours along it', 'type' => 'integer', 'minimum' => 2, 'maximum' => 12],
            $schema['properties']['stops'],
        );
        self::assertSame(
            ['type' => 'array', 'minItems' => 1, 'maxItems' => 3, 'items' => ['type' => 'string', 'maxLength' => 64]],
            $schema['properties']['ids'],
        );
        self::assertSame(['type' => 'string', 'enum' => ['begin', 'end'], 'default' => 'begin'], $schema['properties']['side']);
        // Of what is left unsaid there is nothing to say.
        self::assertArrayNotHasKey('default', $schema['properties']['ids']);
        self::assertSame(['$ref' => '#/$defs/Blend', 'default' => 'normal'], $schema['properties']['blend']);
        self::assertSame(['type' => 'integer', 'minimum' => 0, 'maximum' => 10, 'default' => 5], $schema['properties']['at']);
        self::assertArrayNotHasKey('beside', $schema['properties']);
    }

    public function test_fields_of_a_form_are_fixed_or_needed_or_in_another_range(): void
    {
        $of = Fields::of(Described::class)->only(['id', 'count', 'side'])->fixing(
            ['side' => 'end', 'made' => 'Depot Nine'], ['side'],
        )->within('count', 1, 3);
        self::assertSame(['id', 'stops', 'side'], $of->required());
        self::assertSame(['const' => 'end'], $of->properties()['side']);
        self::assertSame(['const' => 'Depot Nine'], $of->properties()['made']);
        self::assertSame(3, $of->properties()['stops']['maximum']);
        $read = $of->read(new Node(['id' => 'l1', 'stops' => 1, 'side' => 'end']));
        self::assertSame(['id' => 'l1', 'stops' => 1, 'side' => 'end', 'made' => 'Depot Nine'], $of->write($read));
        foreach ([
            'side: is missing' => ['id' => 'l1', 'stops' => 1],
            'side: can only be end' => ['id' => 'l1', 'stops' => 1, 'side' => 'begin'],
            'made: can only be Depot Nine' => ['id' => 'l1', 'stops' => 1, 'side' => 'end', 'made' => 'x'],
            'stops: 4 is outside 1..3' => ['id' => 'l1', 'stops' => 4, 'side' => 'end'],
        ] as $why => $fields) {
            try {
                $of->read(new Node($fields));
                self::fail($why);
            } catch (Refusal $refusal) {
                self::assertSame($why, $refusal->getMessage());
            }
        }
        self::assertSame(12, Fields::of(Described::class)->properties()['stops']['maximum'], 'the form alone has another range');
    }

    public function test_what_is_read_apart_is_handed_on(): void
    {
        $apart = new Beside(7);
        $read = Fields::of(Described::class)->readAmong(
            new Node(['id' => 'l1', 'stops' => 3, 'at' => 9, 'other' => 1]), ['beside' => $apart],
        );
        self::assertSame($apart, $read->beside);
    }

    public function test_a_class_that_describes_nothing_is_a_mistake(): void
    {
        $this->expectException(LogicException::class);
        Fields::of(Size::class);
    }

    public function test_a_copy_has_what_is_exchanged_and_all_else_as_it_was(): void
    {
        self::assertEquals(new Size(3, 2), Altered::copy(new Size(1, 2), ['width' => 3.0]));
    }
}
