<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Mask;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

/** A crop beside what else is done to layers. */
final class CropAmongOthersTest extends TestCase
{
    /** @return list<mixed> what is drawn on a frame, paths included */
    private function drawn(Composition $composition, int $frame): array
    {
        $list = Fixture::evaluator()->frame($composition, $frame)->toJson();

        return [$list['items'], $list['paths']];
    }

    private function composition(): Composition
    {
        return Fixture::composition([
            Fixture::bar(['size' => [300, 120], 'position' => [500, 300], 'out' => 90, 'group' => 'g', 'masks' => [[
                'id' => 'm1', 'form' => 'crop', 'left' => Fixture::keyframes([0, '80%'], [40, 0]), 'top' => 12, 'feather' => 6,
            ]]]),
            Fixture::words(['group' => 'g', 'out' => 90]),
            [
                'id' => 'g', 'kind' => 'group', 'name' => 'Group', 'in' => 0, 'out' => 90, 'position' => [40, 60], 'rotation' => 15,
                'masks' => [['id' => 'm1', 'form' => 'crop', 'right' => '25%']],
            ],
        ]);
    }

    public function test_split_it_shows_what_it_showed(): void
    {
        $before = $this->composition();
        $split = Fixture::edit($before, 'split-layers', ['layers' => ['bar'], 'at' => 25]);
        foreach ([0, 10, 24, 25, 26, 39, 60, 89] as $frame) {
            self::assertEquals($this->drawn($before, $frame), $this->drawn($split, $frame), "frame $frame");
        }
    }

    public function test_copied_stored_and_read_it_is_the_same(): void
    {
        $before = $this->composition();
        $copied = Fixture::edit($before, 'duplicate-layers', ['layers' => ['g']]);
        $again = Fixture::composition($copied->toJson()['layers']);
        self::assertSame($copied->toJson(), $again->toJson());
        self::assertEquals($this->drawn($copied, 20), $this->drawn($again, 20));
    }

    public function test_a_cropped_group_is_not_taken_apart(): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('it is masked');
        Fixture::edit($this->composition(), 'ungroup-layers', ['layers' => ['g']]);
    }

    public function test_flipped_it_is_cropped_at_the_other_side_of_the_picture(): void
    {
        $before = Fixture::composition([Fixture::bar([
            'size' => [300, 120], 'position' => [500, 300], 'masks' => [['id' => 'm1', 'form' => 'crop', 'left' => 60]],
        ])]);
        $flipped = Fixture::edit($before, 'flip-layers', ['layers' => ['bar'], 'axis' => 'x', 'frame' => 0]);
        // The layer's own left edge is at the right now, and its crop with it.
        self::assertSame(-1, $flipped->layer('bar')->point('scale', 0)->x <=> 0);
        self::assertSame(60.0, $flipped->layer('bar')->length('m1.left', 0, 300));
        $matrix = fn (Composition $of): array => $this->drawn($of, 0)[0][0]['masks'][0]['items'][0]['matrix'];
        self::assertSame([1, -1], [$matrix($before)[0] <=> 0, $matrix($flipped)[0] <=> 0]);
    }
}
