<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Compositions;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Text\TextBlocks;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;
use Ricamo\Core\Tests\SquareShaper;

/** Groups and bundles that are made and taken away while a camera looks on: the picture stays, or it is refused. */
final class CameraGroupsTest extends TestCase
{
    private const CAMERA = [
        'id' => 'camera', 'kind' => 'camera', 'name' => 'Camera', 'in' => 0, 'out' => 100, 'position' => [960, 540], 'z' => -1500,
        'aim' => [960, 540], 'orbitY' => 35,
    ];

    /** @return list<array<string, mixed>> */
    private static function bars(bool $one, bool $two): array
    {
        return [
            Fixture::bar(['id' => 'one', 'position' => [700, 400], 'flat' => $one, 'fill' => '#aa0000']),
            Fixture::bar(['id' => 'two', 'position' => [1200, 700], 'flat' => $two, 'fill' => '#00bb00']),
        ];
    }

    private static function drawn(Composition $composition): string
    {
        return Fixture::evaluator()->frame($composition, 10)->encode();
    }

    #[TestWith([true])]
    #[TestWith([false])]
    public function test_a_group_is_passed_by_as_what_is_in_it_was(bool $flat): void
    {
        $composition = Fixture::composition([...self::bars($flat, $flat), self::CAMERA]);
        $grouped = Fixture::edit($composition, 'group-layers', ['layers' => ['one', 'two'], 'frame' => 10]);
        self::assertSame(self::drawn($composition), self::drawn($grouped));
        $id = (string) $grouped->layer('one')->group;
        self::assertSame(self::drawn($composition), self::drawn(Fixture::edit($grouped, 'ungroup-layers', ['layers' => [$id]])));
        // What the group is told afterwards counts for what comes out of it.
        $turned = Fixture::edit($grouped, 'set-layer', ['layers' => [$id], 'flat' => ! $flat]);
        $apart = Fixture::edit($turned, 'ungroup-layers', ['layers' => [$id]]);
        self::assertSame(self::drawn($turned), self::drawn($apart));
        self::assertNotSame(self::drawn($composition), self::drawn($apart));
    }

    public function test_a_camera_that_goes_along_with_a_group_holds_it_together(): void
    {
        $group = ['id' => 'g', 'kind' => 'group', 'name' => 'G', 'in' => 0, 'out' => 100];
        $still = Fixture::composition([...self::bars(false, false), [...self::CAMERA, 'group' => 'g'], $group]);
        self::assertSame(self::drawn($still), self::drawn(Fixture::edit($still, 'ungroup-layers', ['layers' => ['g']])));
        $this->expectExceptionMessage('a camera in it goes along with it');
        Fixture::edit(
            Fixture::composition([...self::bars(false, false), [...self::CAMERA, 'group' => 'g'], [...$group, 'rotation' => 20]]),
            'ungroup-layers', ['layers' => ['g']],
        );
    }

    /** @param  array<string, mixed>  $args */
    private static function edited(Project $project, string $edit, array $args): Project
    {
        $evaluator = new Evaluator($project->library(), new TextBlocks(new SquareShaper));

        return Edits::applyTo($project, Edits::read(new Node(['edit' => $edit, 'args' => $args])), 'c1', $evaluator);
    }

    private static function seen(Project $project): string
    {
        return (new Evaluator($project->library(), new TextBlocks(new SquareShaper)))->frame($project->composition('c1'), 10)->encode();
    }

    /** @param  array<string, mixed>  $camera */
    #[TestWith([true, []])]
    #[TestWith([false, ['orbitY' => 0]])]
    public function test_a_bundle_is_passed_by_as_what_is_in_it_was(bool $flat, array $camera): void
    {
        $project = new Project('P', Fixture::media(), Compositions::of(
            Fixture::composition([...self::bars($flat, $flat), [...self::CAMERA, ...$camera]], ['length' => 100]),
        ));
        $wrapped = self::edited($project, 'wrap-layers', ['composition' => 'c1', 'layers' => ['one', 'two']]);
        self::assertSame(self::seen($project), self::seen($wrapped));
        self::assertSame(self::seen($project), self::seen(self::edited($wrapped, 'unwrap-layer', ['layer' => 'l1'])));
    }

    public function test_a_bundle_with_a_camera_of_its_own_or_depth_that_one_would_see_stays_one(): void
    {
        $refused = function (array $inside, array $beside): string {
            $project = new Project('P', Fixture::media(), Compositions::of(
                Fixture::composition([...self::bars(false, false), ...$inside, ...$beside], ['length' => 100]),
            ));
            $wrapped = self::edited($project, 'wrap-layers', [
                'composition' => 'c1', 'layers' => ['one', 'two', ...array_column($inside, 'id')],
            ]);
            try {
                self::edited($wrapped, 'unwrap-layer', ['layer' => 'l1']);
            } catch (Refusal $refusal) {
                return $refusal->getMessage();
            }

            return '';
        };
        $deep = Fixture::bar(['id' => 'deep', 'z' => 300]);
        self::assertStringContainsString('a camera of its own', $refused([self::CAMERA], []));
        self::assertStringContainsString('a camera would see the depth', $refused([$deep], [self::CAMERA]));
        self::assertSame('', $refused([$deep], []));
    }

    public function test_in_a_group_that_is_scaled_to_nothing_it_sees_something_all_the_same(): void
    {
        $group = ['id' => 'g', 'kind' => 'group', 'name' => 'G', 'in' => 0, 'out' => 100, 'scale' => [0, 0]];
        $composition = Fixture::composition([...self::bars(false, false), [...self::CAMERA, 'group' => 'g', 'aperture' => 100], $group]);
        self::assertNotSame('', self::drawn($composition));
        $this->expectException(Refusal::class);
        Fixture::edit($composition, 'drive-camera', ['camera' => 'camera', 'frame' => 0, 'how' => 'across', 'by' => [5, 5]]);
    }
}
