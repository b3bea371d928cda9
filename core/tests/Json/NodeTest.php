<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Json;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Animation\Pin;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

final class NodeTest extends TestCase
{
    /** @return iterable<string, array{string, callable(Node): mixed, string}> */
    public static function refusals(): iterable
    {
        yield 'no object' => ['[1]', fn (Node $node): mixed => $node->field('a'), 'must be an object'];
        yield 'missing' => ['{}', fn (Node $node): mixed => $node->field('a'), 'a: is missing'];
        yield 'null counts as missing' => ['{"a":null}', fn (Node $node): mixed => $node->field('a'), 'a: is missing'];
        yield 'nested path' => [
            '{"a":[{"b":"x"}]}', fn (Node $node): mixed => $node->field('a')->items()[0]->field('b')->number(),
            'a[0].b: "x" is not a number',
        ];
        yield 'below' => ['{"a":1}', fn (Node $node): mixed => $node->field('a')->number(2), 'a: 1 is below 2'];
        yield 'above' => ['{"a":9}', fn (Node $node): mixed => $node->field('a')->number(null, 2), 'a: 9 is above 2'];
        yield 'too large for a number' => [
            '{"a":1e999}', fn (Node $node): mixed => $node->field('a')->number(), 'a: is not a finite number',
        ];
        yield 'too large where nobody looks' => [
            '{"a":{"b":[1,-1e999]}}', fn (Node $node): mixed => $node, 'a.b[1]: is not a finite number',
        ];
        yield 'too many digits' => ['['.str_repeat('9', 400).']', fn (Node $node): mixed => $node, '[0]: is not a finite number'];
        yield 'too many' => ['{"a":[1,2,3]}', fn (Node $node): mixed => $node->field('a')->items(2), 'a: has 3 entries, more than 2'];
        yield 'too long' => ['{"a":"abcdef"}', fn (Node $node): mixed => $node->field('a')->string(5), 'a: is longer than 5 characters'];
        yield 'no truth' => ['{"a":1}', fn (Node $node): mixed => $node->field('a')->bool(), 'a: 1 is neither true nor false'];
        yield 'no choice' => [
            '{"a":"top"}', fn (Node $node): mixed => $node->field('a')->enum(Pin::class),
            'a: "top" is not one of start, end',
        ];
        yield 'long values are cut' => [
            '{"a":"'.str_repeat('x', 500).'"}', fn (Node $node): mixed => $node->field('a')->number(),
            'a: "'.str_repeat('x', 56).'…',
        ];
    }

    /** @param  callable(Node): mixed  $read */
    #[DataProvider('refusals')]
    public function test_what_is_wrong_is_said_with_its_place(string $json, callable $read, string $says): void
    {
        try {
            $read(Node::decode($json));
            self::fail('it was accepted');
        } catch (Refusal $refusal) {
            self::assertStringStartsWith($says, $refusal->getMessage());
        }
    }

    public function test_whole_numbers_may_be_written_with_a_fraction_of_nought(): void
    {
        self::assertSame(12, Node::decode('{"a":12.0}')->field('a')->int(0, 20));
    }
}
