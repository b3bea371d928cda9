<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Compositions;
use Ricamo\Core\Document\Kept;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Document\Stack;
use Ricamo\Core\Document\StoredComposition;
use Ricamo\Core\Document\StoredLayer;
use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\LayerKinds;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

/** What holds for any sequence of edits, tried on many made from fixed seeds. */
final class EditPropertiesTest extends TestCase
{
    private const STEPS = 120;

    public function test_arguments_can_be_drawn_for_every_edit_there_is(): void
    {
        mt_srand(1);
        $any = new AnyEdit($this->project(), $this->project()->composition());
        foreach (array_keys(Edits::BY_NAME) as $edit) {
            $fields = Fields::of(Edits::BY_NAME[$edit]);
            for ($time = 0; $time < 8; $time++) {
                $drawn = array_keys($any->args($edit));
                self::assertSame([], array_diff($fields->required(), $drawn), "$edit has all that it needs");
                self::assertSame([], array_diff($drawn, array_keys($fields->names())), "$edit has nothing else");
            }
        }
    }

    public function test_the_project_that_edits_are_tried_on_has_every_kind_of_layer(): void
    {
        $kinds = array_map(
            fn (StoredLayer $entry): string => $entry->facts->kind->name(),
            array_values($this->project()->composition()->layers->entries()),
        );
        self::assertEqualsCanonicalizing(array_keys(LayerKinds::all()), array_values(array_unique($kinds)));
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 24) as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_after_any_edits_what_was_stored_can_be_read_evaluated_and_edited(int $seed): void
    {
        mt_srand($seed);
        $project = $this->project();
        $names = array_keys(Edits::BY_NAME);
        $accepted = [];
        for ($step = 0; $step < self::STEPS; $step++) {
            $composition = $project->compositions->entries()[mt_rand(0, 3) === 0 ? count($project->compositions) - 1 : 0]->composition();
            $edit = $names[mt_rand(0, count($names) - 1)];
            $args = (new AnyEdit($project, $composition))->args($edit);
            try {
                $after = Edits::applyTo(
                    $project, Edits::read(new Node(['edit' => $edit, 'args' => $args])), $composition->id,
                    Fixture::evaluator(),
                );
            } catch (Refusal) {
                // A refused edit leaves the project as it was: what follows is tried on that.
                continue;
            }
            $accepted[] = $edit;
            $told = "seed $seed, step $step, ".json_encode(['edit' => $edit, 'args' => $args]);
            $project = $this->stored($after, $told);
            self::assertEquals($after->toJson(), $project->toJson(), $told);
        }
        self::assertGreaterThan(self::STEPS / 5, count($accepted));
        $read = Project::read(new Node(json_decode(json_encode($project->toJson(), JSON_THROW_ON_ERROR), true)));
        self::assertEquals($project->toJson(), $read->toJson());
        foreach ($read->compositions as $composition) {
            foreach ([0, intdiv($composition->length, 2), $composition->length - 1] as $frame) {
                self::assertSame($frame, Fixture::evaluator()->showing($project->library())->frame($composition, $frame)->frame);
            }
            $this->takesAnEdit($project, $composition->id);
        }
    }

    public function test_moving_there_and_back_gives_the_same_document(): void
    {
        mt_srand(7);
        $composition = Fixture::composition([Fixture::bar([
            'position' => Fixture::keyframes([0, [0, 0]], [9, [90, 9]]),
            'opacity' => Fixture::keyframes([-9, 10, 'linear', 'end'], [-1, 0, 'linear', 'end']),
        ])]);
        foreach (range(1, 30) as $ignored) {
            $by = mt_rand(-500, 500);
            $there = Fixture::edit($composition, 'move-layers', ['layers' => ['bar'], 'by' => $by]);
            self::assertEquals($composition, Fixture::edit($there, 'move-layers', ['layers' => ['bar'], 'by' => -$by]));
            $there = Fixture::edit($composition, 'trim-layer', ['layer' => 'bar', 'in' => mt_rand(-200, 99)]);
            self::assertEquals($composition, Fixture::edit($there, 'trim-layer', ['layer' => 'bar', 'in' => 0]));
        }
    }

    /** Every layer that is not locked can be given a name: nothing about another one stands in the way. */
    private function takesAnEdit(Project $project, string $composition): void
    {
        foreach ($project->compositions->get($composition)->layers as $layer) {
            if (! $layer->switches->locked) {
                $named = Edits::applyTo(
                    $project,
                    Edits::read(new Node(['edit' => 'rename-layer', 'args' => ['layer' => $layer->id, 'name' => 'Named']])),
                    $composition, Fixture::evaluator(),
                );
                self::assertSame('Named', $named->compositions->get($composition)->layer($layer->id)->name);
            }
        }
    }

    /** As it comes from where it is stored: no layer is read, and each is known by what it told when it was written. */
    private function stored(Project $project, string $told): Project
    {
        $entries = [];
        foreach ($project->compositions as $composition) {
            $layers = array_map(
                fn (StoredLayer $entry): StoredLayer => StoredLayer::stored($entry->id, $entry->span, $entry->facts, $entry->json()),
                array_values($composition->layers->entries()),
            );
            foreach ($layers as $layer) {
                $read = StoredLayer::stored($layer->id, $layer->span, $layer->facts, $layer->json())->layer();
                self::assertEquals([$layer->span, $layer->facts], [$read->span, $read->facts()], $told);
            }
            $head = Node::decode(json_encode($composition->headJson(), JSON_THROW_ON_ERROR));
            $entries[] = StoredComposition::of(Composition::readHead($head, Stack::stored(...$layers)));
        }
        $ids = $project->compositions->ids();

        return new Project(
            $project->name, $project->media, Compositions::stored($entries, $ids),
            Kept::read(new Node($project->kept->toJson())),
        );
    }

    private function project(): Project
    {
        $project = Project::read(new Node([
            'format' => Project::FORMAT, 'version' => 1, 'name' => 'Depot Nine',
            'media' => [
                ['id' => 'm1', 'name' => 'Street.mp4', 'file' => 'street.mp4'],
                ['id' => 'm2', 'name' => 'Portrait.mp4', 'file' => 'portrait.mp4'],
            ],
            'compositions' => [
                ['id' => 'c1', 'name' => 'Progress', 'width' => 1920, 'height' => 1080, 'rate' => '25/1', 'length' => 60, 'layers' => [
                    Fixture::clip(), ['id' => 'sound', 'kind' => 'sound', 'media' => 'm1', 'name' => 'Hum', 'in' => 0, 'out' => 60],
                    Fixture::bar([
                        'position' => Fixture::keyframes([0, [0, 0]], [20, [300, 90]], [40, [50, 400]]),
                        'opacity' => Fixture::keyframes([0, 0], [12, 100]), 'group' => 'group',
                    ]),
                    Fixture::words([
                        'text' => '# of 11',
                        'counts' => ['group' => 'comma', 'of' => ['layer' => 'bar', 'property' => 'opacity']],
                        'group' => 'group',
                    ]),
                    ['id' => 'group', 'kind' => 'group', 'name' => 'Group', 'in' => 0, 'out' => 60, 'rotation' => 12],
                    [
                        'id' => 'window', 'kind' => 'window', 'form' => 'ellipse', 'media' => 'm2', 'name' => 'Window',
                        'in' => 0, 'out' => 60, 'masks' => [['id' => 'm1', 'form' => 'layer', 'layer' => 'bar']],
                    ],
                    ['id' => 'bundle', 'kind' => 'bundle', 'composition' => 'c2', 'name' => 'Bundle', 'in' => 0, 'out' => 60],
                    ['id' => 'all', 'kind' => 'adjusting', 'name' => 'All', 'in' => 0, 'out' => 60],
                    [
                        'id' => 'camera', 'kind' => 'camera', 'name' => 'Camera', 'in' => 10, 'out' => 60, 'position' => [700, 540],
                        'z' => Fixture::keyframes([10, -2666.666667], [50, -900]), 'aim' => [960, 540], 'orbitX' => 5,
                    ],
                    [
                        'id' => 'light', 'kind' => 'light', 'source' => 'point', 'name' => 'Light', 'in' => 0, 'out' => 60,
                        'position' => Fixture::keyframes([0, [300, 300]], [50, [1500, 300]]), 'z' => -600, 'falloff' => 1500,
                        'shadow' => 70,
                    ],
                ]],
                [
                    'id' => 'c2', 'name' => 'Name bar', 'width' => 1920, 'height' => 1080, 'rate' => '25/1', 'length' => 50,
                    'layers' => [Fixture::bar(), Fixture::words()],
                ],
            ],
        ]));

        return $project->with(['media' => Fixture::media()]);
    }
}
