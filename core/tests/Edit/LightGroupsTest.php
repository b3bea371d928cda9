<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

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

/** Groups and bundles of what is lit are made and taken away without changing the picture, or not at all. */
final class LightGroupsTest extends TestCase
{
    private const LIGHT = [
        'id' => 'light', 'kind' => 'light', 'source' => 'directional', 'name' => 'Light', 'in' => 0, 'out' => 100, 'position' => [200, 100],
        'z' => -900, 'aim' => [960, 540], 'shadow' => 60,
    ];

    private const GROUP = ['id' => 'g', 'kind' => 'group', 'name' => 'G', 'in' => 0, 'out' => 100];

    /** @return list<array<string, mixed>> a wall, and a tilted card before it */
    private static function layers(array $fields = []): array
    {
        return [
            Fixture::bar(['id' => 'wall', 'out' => 100, 'size' => [900, 700], 'position' => [960, 540], ...$fields]),
            Fixture::bar(['id' => 'card', 'out' => 100, 'position' => [960, 540], 'z' => -100, 'tiltY' => 25, ...$fields]),
        ];
    }

    private static function drawn(Composition $composition): string
    {
        return Fixture::evaluator()->frame($composition, 10)->encode();
    }

    public function test_what_a_group_says_of_light_each_says_where_it_is_taken_away(): void
    {
        foreach ([[], ['takesLight' => false], ['throwsShadow' => false], ['receivesShadow' => false], ['flat' => true]] as $switch) {
            $grouped = Fixture::composition([...self::layers(['group' => 'g']), [...self::GROUP, ...$switch], self::LIGHT]);
            $bare = Fixture::edit($grouped, 'ungroup-layers', ['layers' => ['g']]);
            self::assertSame(self::drawn($grouped), self::drawn($bare));
            self::assertFalse($bare->layers->has('g'));
        }
        // The group says it: what is in it would take light by itself.
        self::assertNotSame(
            self::drawn(Fixture::composition([...self::layers(['group' => 'g']), self::GROUP, self::LIGHT])),
            self::drawn(Fixture::composition([...self::layers(['group' => 'g']), [...self::GROUP, 'receivesShadow' => false], self::LIGHT])),
        );
    }

    public function test_grouping_what_is_lit_with_its_light_or_without_changes_nothing(): void
    {
        $composition = Fixture::composition([...self::layers(), self::LIGHT]);
        foreach ([['wall', 'card'], ['wall', 'card', 'light'], ['card', 'light']] as $layers) {
            $grouped = Fixture::edit($composition, 'group-layers', ['layers' => $layers, 'frame' => 10]);
            self::assertSame(self::drawn($composition), self::drawn($grouped));
        }
    }

    public function test_a_light_in_a_group_that_stands_elsewhere_keeps_it(): void
    {
        $composition = Fixture::composition([
            ...self::layers(), [...self::LIGHT, 'group' => 'g'], [...self::GROUP, 'rotation' => 30],
        ]);
        $this->expectExceptionMessage('a light in it goes along with it');
        Fixture::edit($composition, 'ungroup-layers', ['layers' => ['g']]);
    }

    public function test_a_bundle_that_is_lit_or_has_a_light_of_its_own_stays_one(): void
    {
        $evaluator = fn (Project $project): Evaluator => new Evaluator($project->library(), new TextBlocks(new SquareShaper));
        $edited = fn (Project $project, string $edit, array $args): Project => Edits::applyTo(
            $project, Edits::read(new Node(['edit' => $edit, 'args' => $args])), 'c1', $evaluator($project),
        );
        $refused = function (array $wrapped) use ($edited): string {
            $project = new Project('P', Fixture::media(), Compositions::of(
                Fixture::composition([...self::layers(), self::LIGHT], ['length' => 100]),
            ));
            try {
                $edited($edited($project, 'wrap-layers', ['composition' => 'c1', 'layers' => $wrapped]), 'unwrap-layer', ['layer' => 'l1']);
            } catch (Refusal $refusal) {
                return $refusal->getMessage();
            }

            return '';
        };
        self::assertStringContainsString('lights fall on it as on one picture', $refused(['wall', 'card']));
        self::assertStringContainsString('it is lit by a light of its own', $refused(['wall', 'card', 'light']));
    }
}
