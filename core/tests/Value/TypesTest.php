<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Value;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;
use Ricamo\Core\Value\Type\AngleType;
use Ricamo\Core\Value\Type\ColourType;
use Ricamo\Core\Value\Type\FlagType;
use Ricamo\Core\Value\Type\LengthType;
use Ricamo\Core\Value\Type\NumberType;
use Ricamo\Core\Value\Type\PointType;
use Ricamo\Core\Value\Type\SizeType;
use Ricamo\Core\Value\Type\ValueType;

final class TypesTest extends TestCase
{
    /** @param  list<float>  $channels */
    #[DataProvider('types')]
    public function test_each_reads_what_it_writes_and_says_what_it_is_made_of(
        ValueType $type, string $name, mixed $from, mixed $to, mixed $half, mixed $shifted, array $channels, ?string $swatch, int $axes,
    ): void {
        $read = fn (mixed $json): mixed => $type->read(new Node($json));
        self::assertSame($name, $type->name());
        self::assertSame($from, $type->write($read($from)));
        self::assertSame($half, $type->write($type->mix($read($from), $read($to), 0.5)));
        self::assertSame($from, $type->write($type->mix($read($from), $read($to), 0)));
        self::assertSame($to, $type->write($type->mix($read($from), $read($to), 1)));
        self::assertSame($shifted, $type->write($type->shifted($read($half), $read($from), $read($to))));
        self::assertSame($channels, $type->channels($read($from)));
        self::assertSame($swatch, $type->swatch($read($from)));
        self::assertCount($axes, $type->axes());
    }

    /** @return array<string, array{ValueType, string, mixed, mixed, mixed, mixed, list<float>, ?string, int}> */
    public static function types(): array
    {
        return [
            'number' => [new NumberType, 'number', 2.0, 6.0, 4.0, 8.0, [2.0], null, 0],
            'angle' => [new AngleType, 'angle', 0.0, 720.0, 360.0, 1080.0, [0.0], null, 0],
            'point' => [new PointType, 'point', [1.0, 2.0], [3.0, -2.0], [2.0, 0.0], [4.0, -4.0], [1.0, 2.0], null, 2],
            'size' => [new SizeType, 'size', [10.0, 20.0], [30.0, 20.0], [20.0, 20.0], [40.0, 20.0], [10.0, 20.0], null, 2],
            'length' => [new LengthType, 'length', 12.0, '50%', '6 + 25%', '-6 + 75%', [12.0, 0.0], null, 0],
            // What cannot be added becomes what it is shifted to.
            'colour' => [new ColourType, 'colour', '#000000', '#806020', '#403010', '#806020', [], '#000000', 0],
            'flag' => [new FlagType, 'flag', true, false, true, false, [1.0], null, 0],
        ];
    }

    #[DataProvider('wrong')]
    public function test_what_is_no_such_value_is_refused_with_its_place(ValueType $type, mixed $json, string $reason): void
    {
        $this->expectExceptionObject(new Refusal($reason));
        $type->read(new Node($json, 'layers[0].value'), 0, 100);
    }

    /** @return list<array{ValueType, mixed, string}> */
    public static function wrong(): array
    {
        return [
            [new NumberType, '7', 'layers[0].value: "7" is not a number'],
            [new NumberType, 101, 'layers[0].value: 101 is outside 0..100'],
            [new PointType, [1, 2, 3], 'layers[0].value: must be a pair of numbers'],
            [new SizeType, [1, -2], 'layers[0].value[1]: -2 is outside 0..100'],
            [new ColourType, 'red', 'layers[0].value: "red" is not a colour; write it as #rrggbb or #rrggbbaa'],
            [new LengthType, 'half', 'layers[0].value: must be a number of pixels, or a share such as "50%"'],
            [new LengthType, [4], 'layers[0].value: must be a number of pixels, or a share such as "50%"'],
            [new LengthType, '4 + 101%', 'layers[0].value: 101 is outside 0..100'],
            [new LengthType, '-4 + 10%', 'layers[0].value: -4 is outside 0..100'],
            [new FlagType, 1, 'layers[0].value: 1 is neither true nor false'],
        ];
    }

    public function test_schemas_say_the_same_limits(): void
    {
        self::assertSame(['type' => 'number', 'minimum' => 0.0], (new NumberType)->schema(0, null));
        self::assertSame(['type' => 'number', 'minimum' => -1.0, 'maximum' => 1.0], (new PointType)->schema(-1, 1)['items']);
        self::assertSame(['type' => 'boolean'], (new FlagType)->schema(0, 1));
        self::assertFalse((new FlagType)->takesSums());
        self::assertTrue((new SizeType)->takesSums());
    }
}
