<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Compositions;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Text\TextBlocks;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;
use Ricamo\Core\Tests\SquareShaper;

/** Wrapping up and unwrapping: no frame changes. */
final class BundleEditsTest extends TestCase
{
    private function project(): Project
    {
        return new Project('Depot', Fixture::media(), Compositions::of(Fixture::composition([
            Fixture::clip(['out' => 250, 'position' => [960, 540]]),
            Fixture::bar(['id' => 'bar', 'in' => 30, 'out' => 170, 'position' => Fixture::keyframes(
                [0, [-300, 800]], [12, [400, 800]],
            ), 'motionBlur' => true,
                'arrive' => ['length' => 10, 'easing' => 'ease-out', 'moves' => [['move' => 'wipe']]], 'leave' => ['mirror' => true]]),
            Fixture::words(['in' => 36, 'out' => 164, 'opacity' => Fixture::keyframes([0, 0], [10, 100]), 'position' => [420, 810],
                'accents' => [['accent' => 'pulse', 'at' => 40, 'length' => 20]]]),
            Fixture::bar(['id' => 'over', 'in' => 100, 'out' => 250, 'position' => [900, 500]]),
        ])));
    }

    private function evaluator(Project $project): Evaluator
    {
        return new Evaluator($project->library(), new TextBlocks(new SquareShaper));
    }

    private function edited(Project $project, string $edit, array $args): Project
    {
        return Edits::applyTo($project, Edits::read(new Node(['edit' => $edit, 'args' => $args])), 'c1', $this->evaluator($project));
    }

    private function frames(Project $project): array
    {
        return array_map(
            fn (int $frame): string => $this->evaluator($project)->frame($project->composition('c1'), $frame)->encode(),
            range(0, 249, 3),
        );
    }

    private function wrapped(): Project
    {
        return $this->edited($this->project(), 'wrap-layers', ['composition' => 'c1', 'layers' => ['words', 'bar'], 'name' => 'Name bar']);
    }

    public function test_wrapping_up_changes_no_frame(): void
    {
        $wrapped = $this->wrapped();
        self::assertSame($this->frames($this->project()), $this->frames($wrapped));
        $outer = $wrapped->composition('c1');
        self::assertSame(['clip', 'l1', 'over'], $outer->layers->ids());
        self::assertSame([30, 170, 'Name bar'], [$outer->layer('l1')->span->in, $outer->layer('l1')->span->out, $outer->layer('l1')->name]);
        $inner = $wrapped->composition('Name bar');
        self::assertSame([140, ['bar', 'words']], [$inner->length, $inner->layers->ids()]);
    }

    public function test_unwrapping_changes_no_frame_either(): void
    {
        $unwrapped = $this->edited($this->wrapped(), 'unwrap-layer', ['layer' => 'l1']);
        self::assertSame($this->frames($this->project()), $this->frames($unwrapped));
        self::assertCount(4, $unwrapped->composition('c1')->layers);
        self::assertCount(2, $unwrapped->compositions);
    }

    public function test_what_is_hidden_in_it_or_left_out_by_others_stays_so(): void
    {
        $wrapped = $this->wrapped();
        $inner = $wrapped->composition('c2');
        [$first, $second] = [$inner->layers->ids()[0], $inner->layers->ids()[1]];
        foreach ([
            ['set-layer', ['layers' => [$first], 'visible' => false]],
            ['look-alone', ['layers' => [$second]]],
        ] as [$edit, $arguments]) {
            $changed = $wrapped->replacing(Fixture::edit($inner, $edit, $arguments));
            $unwrapped = $this->edited($changed, 'unwrap-layer', ['layer' => 'l1']);
            self::assertSame($this->frames($changed), $this->frames($unwrapped), $edit);
        }
    }

    public function test_stretched_it_is_unwrapped_as_it_is_seen(): void
    {
        $longer = $this->edited($this->wrapped(), 'trim-layer', ['layer' => 'l1', 'out' => 220]);
        self::assertSame($this->frames($longer), $this->frames($this->edited($longer, 'unwrap-layer', ['layer' => 'l1'])));
    }

    public function test_one_correction_reaches_every_placing(): void
    {
        $twice = $this->edited($this->wrapped(), 'add-layer', ['layer' => ['kind' => 'bundle', 'composition' => 'c2'], 'at' => 60]);
        $before = $this->frames($twice);
        $corrected = Edits::applyTo(
            $twice,
            Edits::read(new Node(['edit' => 'set-content', 'args' => ['layer' => 'words', 'content' => ['text' => 'Depot']]])),
            'c2', $this->evaluator($twice),
        );
        $letters = fn (Project $project): int => substr_count(
            $this->evaluator($project)->frame($project->composition('c1'), 100)->encode(), '"op":"fill"',
        );
        self::assertNotSame($before, $this->frames($corrected));
        self::assertSame(['“Name bar” in “Test”', '“Name bar” in “Test”'], $corrected->placingsOf('c2'));
        self::assertSame($letters($twice), $letters($corrected));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function reasons(): iterable
    {
        yield 'moved' => [
            ['set-values', ['frame' => 0, 'values' => [['layer' => 'l1', 'property' => 'position', 'value' => [960, 500]]]]],
            'it is not where it was wrapped up',
        ];
        yield 'animated' => [
            ['add-keyframe', ['layers' => ['l1'], 'property' => 'rotation', 'frame' => 40]],
            'it has an animation of its own',
        ];
        yield 'reversed' => [['retime-layers', ['layers' => ['l1'], 'to' => 'reverse']], 'it is played at a pace of its own'];
        yield 'translucent' => [
            ['set-values', ['frame' => 0, 'values' => [['layer' => 'l1', 'property' => 'opacity', 'value' => 50]]]],
            'it is translucent',
        ];
        yield 'mirrored' => [['set-content', ['layer' => 'l1', 'content' => ['mirrors' => true]]], 'it goes as it came'];
        yield 'cut' => [['split-layers', ['layers' => ['l1'], 'at' => 90]], 'only a part of it is shown'];
        yield 'blurred' => [['add-effect', ['layers' => ['l1'], 'effect' => 'blur']], 'it has effects'];
        yield 'masked' => [['add-mask', ['layers' => ['l1'], 'form' => 'ellipse']], 'it is masked'];
        yield 'cut into patches' => [['set-patchwork', ['layers' => ['l1'], 'patchwork' => ['rows' => 2]]], 'it is cut into patches'];
        yield 'tilted' => [
            ['set-values', ['frame' => 0, 'values' => [['layer' => 'l1', 'property' => 'tiltX', 'value' => 20]]]],
            'it has depth or is tilted',
        ];
        yield 'blending' => [['set-layer', ['layers' => ['l1'], 'blend' => 'screen']], 'it blends as one'];
        yield 'with motion blur' => [['set-layer', ['layers' => ['l1'], 'motionBlur' => true]], 'it has motion blur of its own'];
        yield 'arriving' => [
            ['set-arrival', ['layers' => ['l1'], 'phase' => ['moves' => [['move' => 'fade']]]]],
            'it has an animation of its own',
        ];
    }

    #[DataProvider('reasons')]
    public function test_it_is_not_unwrapped_where_that_would_change_what_is_seen(array $edit, string $reason): void
    {
        $changed = $this->edited($this->wrapped(), ...$edit);
        $this->expectExceptionObject(new Refusal("“Name bar” cannot be unwrapped without changing what is seen: $reason"));
        $this->edited($changed, 'unwrap-layer', ['layer' => 'l1']);
    }

    public function test_a_composition_that_is_placed_is_not_removed(): void
    {
        $this->expectExceptionMessage('“Name bar” is placed elsewhere: “Name bar” in “Test”; remove it there first.');
        $this->edited($this->wrapped(), 'remove-compositions', ['compositions' => ['c2']]);
    }

    public function test_a_locked_layer_is_not_wrapped_up(): void
    {
        $locked = $this->edited($this->project(), 'set-layer', ['layers' => ['bar'], 'locked' => true]);
        $this->expectExceptionMessage('“Bar” is locked; unlock it first');
        $this->edited($locked, 'wrap-layers', ['composition' => 'c1', 'layers' => ['bar']]);
    }

    public function test_what_lies_around_it_is_seen_faintly_as_it_lies_from_inside(): void
    {
        $project = $this->edited($this->wrapped(), 'set-values', ['frame' => 0, 'values' => [
            ['layer' => 'l1', 'property' => 'scale', 'value' => [50, 50]],
            ['layer' => 'l1', 'property' => 'position', 'value' => [480, 270]],
        ]]);
        $around = $this->evaluator($project)->around($project->composition('c1'), 'l1', 100)->toJson();
        self::assertNull($around['background']);
        [$faint] = $around['items'];
        self::assertSame(0.35, $faint['opacity']);
        // The frame itself, the clip and the bar over it; the bundle is left out.
        self::assertSame(['fill', 'image', 'fill'], array_column($faint['items'], 'op'));
        // A quarter of the frame, at its top left, is all that is seen inside: out there everything is twice as large.
        self::assertEqualsWithDelta([2, 0, 0, 2, 0, 0], $faint['items'][0]['matrix'], 1e-6);
        self::assertEqualsWithDelta([2, 0, 0, 2, 0, 0], $faint['items'][1]['matrix'], 1e-6);
        $this->expectExceptionMessage('is not a bundle');
        $this->evaluator($project)->around($project->composition('c1'), 'over', 100);
    }

    public function test_what_takes_a_number_from_a_layer_is_wrapped_up_with_it_or_not_at_all(): void
    {
        $counting = $this->edited(
            $this->project(), 'add-layer',
            ['layer' => [
                'kind' => 'text', 'id' => 'count', 'text' => '#',
                'counts' => ['of' => ['layer' => 'bar', 'property' => 'position']],
            ]],
        );
        foreach ([['count'], ['bar']] as $layers) {
            try {
                $this->edited($counting, 'wrap-layers', ['composition' => 'c1', 'layers' => $layers]);
                self::fail('they were parted');
            } catch (Refusal $refusal) {
                self::assertStringContainsString('wrapped up together or not at all', $refusal->getMessage());
            }
        }
        $wrapped = $this->edited($counting, 'wrap-layers', ['composition' => 'c1', 'layers' => ['bar', 'count']]);
        self::assertSame(['bar'], $wrapped->composition('c2')->layer('count')->refersTo()->layers);
    }

    public function test_words_are_painted_with_another_composition_which_counts_as_placed(): void
    {
        $project = $this->edited(
            $this->wrapped(), 'add-layer',
            ['layer' => ['kind' => 'text', 'id' => 'sign', 'text' => 'Nine', 'in' => 20, 'position' => [100, 900]]],
        );
        $painted = $this->edited(
            $project, 'set-gradient', ['layers' => ['sign'], 'of' => 'fill', 'form' => 'picture', 'composition' => 'c2'],
        );
        self::assertSame(['c2'], $painted->composition('c1')->layer('sign')->refersTo()->compositions);
        $items = $this->evaluator($painted)->frame($painted->composition('c1'), 60)->toJson()['items'];
        $sign = end($items);
        self::assertSame(['group', 'fill'], [$sign['op'], $sign['masks'][0]['items'][0]['op']]);
        // Its bar has come by its frame 40, as it has in the bundle by then.
        self::assertNotEmpty($sign['items']);
        self::assertSame(['“Name bar” in “Test”', '“Nine” in “Test”'], $painted->placingsOf('c2'));
        $json = $painted->composition('c1')->layer('sign')->toJson();
        self::assertSame('c2', $json['gradients'][0]['composition']);
        self::assertSame($json, Layer::read(new Node($json))->toJson());
        $this->expectExceptionMessage('a composition cannot contain itself');
        Edits::applyTo(
            $painted,
            Edits::read(new Node([
                'edit' => 'set-gradient', 'args' => ['layers' => ['words'], 'form' => 'picture', 'composition' => 'c1'],
            ])),
            'c2', $this->evaluator($painted),
        );
    }
}
