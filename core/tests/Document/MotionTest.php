<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Document;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Motion;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

final class MotionTest extends TestCase
{
    /** It comes from the left, turning and growing, and leaves downwards. */
    private const MOVES = [
        'position' => ['keyframes' => [
            ['at' => 0, 'value' => [100, 200], 'easing' => 'back-out', 'bend' => ['arrive' => [0, 0], 'leave' => [30, -40]]],
            ['at' => 20, 'value' => [400, 200]],
            ['at' => -15, 'pin' => 'end', 'value' => [400, 200]], ['at' => -1, 'pin' => 'end', 'value' => [400, 900]],
        ]],
        'scale' => ['keyframes' => [['at' => 0, 'value' => [25, 100]], ['at' => 20, 'value' => [50, 200]]]],
        'rotation' => ['keyframes' => [['at' => 0, 'value' => -350], ['at' => 20, 'value' => 10]]],
        'opacity' => ['keyframes' => [['at' => -10, 'pin' => 'end', 'value' => 80], ['at' => -1, 'pin' => 'end', 'value' => 0]]],
    ];

    public function test_another_layer_moves_likewise_about_where_it_is(): void
    {
        $motion = Motion::of($this->composition(self::MOVES)->layer('bar'))->toJson();
        $other = $this->composition([
            'in' => 10, 'out' => 70, 'position' => [960, 540], 'scale' => [200, 200], 'rotation' => 5, 'opacity' => 50,
        ]);
        $moved = Fixture::edit($other, 'give-motion', ['layers' => ['bar'], 'motion' => $motion, 'frame' => 40])->layer('bar');
        // At rest it is what it was; before, as far to the left, at half its size, and a turn back.
        self::assertEquals([960, 540], [$moved->point('position', 40)->x, $moved->point('position', 40)->y]);
        self::assertEqualsWithDelta([660, 540, 100, 100, -355, 50], [
            $moved->point('position', 10)->x, $moved->point('position', 10)->y, $moved->point('scale', 10)->x,
            $moved->point('scale', 10)->y, $moved->number('rotation', 10), $moved->number('opacity', 10),
        ], 1e-6);
        self::assertEqualsWithDelta(
            [960, 1240, 0],
            [$moved->point('position', 69)->x, $moved->point('position', 69)->y, $moved->number('opacity', 69)], 1e-6,
        );
        self::assertEqualsWithDelta(50, $moved->number('opacity', 60), 1e-6);
        $way = $moved->toJson()['position']['keyframes'][0];
        self::assertSame(
            ['back-out', ['leave' => [30.0, -40.0]]],
            [$way['easing'], array_filter($way['bend'], fn (array $by): bool => $by != [0, 0])],
        );
    }

    public function test_given_back_to_its_own_layer_nothing_changes(): void
    {
        $composition = $this->composition(self::MOVES);
        $again = Fixture::edit(
            $composition, 'give-motion',
            ['layers' => ['bar'], 'motion' => Motion::of($composition->layer('bar'))->toJson(), 'frame' => 30],
        );
        self::assertEquals($composition->toJson(), $again->toJson());
    }

    public function test_axes_that_are_apart_move_likewise(): void
    {
        $apart = ['x' => Fixture::keyframes([0, 0], [20, 100]), 'y' => 50];
        $motion = Motion::of($this->composition($apart)->layer('bar'))->toJson();
        self::assertSame(
            [[[-100.0, 0.0], [0.0, 0.0]], ['position']],
            [array_column($motion['position']['keyframes'], 'value'), array_keys($motion)],
        );
        $moved = Fixture::edit(
            $this->composition(['x' => 300, 'y' => 400]), 'give-motion',
            ['layers' => ['bar'], 'motion' => $motion, 'frame' => 0],
        )->layer('bar');
        self::assertSame([200.0, 400.0], [$moved->number('x', 0), $moved->number('y', 0)]);
    }

    public function test_moves_are_kept_by_name_and_forgotten(): void
    {
        $project = Project::read(new Node([
            'format' => 'ricamo-project', 'version' => 1, 'name' => 'Depot',
            'compositions' => [$this->composition(self::MOVES)->toJson()],
        ]));
        $apply = fn (Project $on, string $edit, array $args): Project => Edits::applyTo(
            $on, Edits::read(new Node(['edit' => $edit, 'args' => $args])), null, Fixture::evaluator(),
        );
        $layer = $project->composition()->layer('bar')->toJson();
        $kept = $apply(
            $apply($project, 'add-motion', ['name' => 'Swoop', 'layer' => $layer]), 'add-motion',
            ['name' => 'Swoop', 'layer' => $layer],
        );
        self::assertSame(['Swoop'], array_column($kept->toJson()['motions'], 'name'));
        self::assertSame($kept->toJson(), Project::read(new Node($kept->toJson()))->toJson());
        self::assertArrayNotHasKey('motions', $apply($kept, 'remove-motion', ['motion' => 0])->toJson());
        $this->expectExceptionObject(new Refusal('“Bar” has no keyframes of its placement'));
        $apply($project, 'add-motion', ['name' => 'None', 'layer' => Fixture::bar(['position' => [1, 2]])]);
    }

    public function test_what_is_no_move_is_refused(): void
    {
        foreach ([
            'args.motion: is empty' => [], 'args.motion.position: has no keyframes' => ['position' => [1, 2]],
            'args.motion.blur: is not a field known here' => ['blur' => 3],
        ] as $message => $motion) {
            try {
                Fixture::edit($this->composition([]), 'give-motion', ['layers' => ['bar'], 'motion' => $motion, 'frame' => 0]);
                self::fail("$message was expected");
            } catch (Refusal $refusal) {
                self::assertStringContainsString($message, $refusal->getMessage());
            }
        }
        $this->expectExceptionMessage('is outside');
        Fixture::edit(
            $this->composition(['position' => [99_000, 0]]), 'give-motion',
            ['layers' => ['bar'], 'motion' => ['position' => Fixture::keyframes([0, [5000, 0]])], 'frame' => 0],
        );
    }

    /** @param  array<string, mixed>  $fields */
    private function composition(array $fields): Composition
    {
        return Fixture::composition([Fixture::bar($fields)]);
    }
}
