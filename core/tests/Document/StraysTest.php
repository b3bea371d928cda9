<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Document;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Document\Strays;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Tests\Fixture;

/** What in a project points at something that is not there. */
final class StraysTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $words
     * @param  array<string, mixed>  $fields
     * @return list<string>
     */
    private function strays(array $words, array $fields = []): array
    {
        return Strays::of(Project::read(new Node([
            'format' => Project::FORMAT, 'version' => 1, 'name' => 'Depot Nine', 'media' => [],
            'compositions' => [Fixture::composition([Fixture::bar(), Fixture::words($words)], $fields)->toJson()],
        ])));
    }

    public function test_what_points_at_something_that_is_there_is_none(): void
    {
        $arrives = ['id' => 'c1', 'as' => 'arrive', 'units' => 'letters', 'length' => 20];
        self::assertSame([], $this->strays([
            'cascades' => [$arrives, ['id' => 'c2', 'mirrors' => 'c1']], 'masks' => [['id' => 'm1', 'form' => 'layer', 'layer' => 'bar']],
            'arrive' => ['length' => 9, 'moves' => [['move' => 'fade']]], 'leave' => ['mirror' => true],
        ], ['alone' => ['bar']]));
    }

    public function test_each_that_points_nowhere_is_told_with_its_place(): void
    {
        $leaves = ['id' => 'c1', 'as' => 'leave', 'units' => 'letters', 'length' => 20];
        $found = $this->strays([
            'cascades' => [$leaves, ['id' => 'c2', 'mirrors' => 'c9']],
            'masks' => [['id' => 'm1', 'form' => 'layer', 'layer' => 'words'], ['id' => 'm2', 'form' => 'layer', 'layer' => 'gone']],
            'leave' => ['mirror' => true],
        ], ['alone' => ['gone']]);
        self::assertSame([
            'compositions[0].alone[0]: there is no layer "gone"',
            'compositions[0].layers[1].masks[0].layer: a layer is no mask of itself',
            'compositions[0].layers[1].masks[1].layer: there is no layer "gone", and nothing is masked by it',
            'compositions[0].layers[1].cascades[1].mirrors: there is no cascade "c9" that arrives, and nothing is mirrored',
            'compositions[0].layers[1].leave.mirror: it does not arrive by a move, and nothing is mirrored',
        ], $found);
    }
}
