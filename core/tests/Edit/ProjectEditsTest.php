<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Compositions;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\MediaFacts;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Document\StoredComposition;
use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Text\TextBlocks;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;
use Ricamo\Core\Tests\SquareShaper;
use Ricamo\Core\Time\FrameRate;

final class ProjectEditsTest extends TestCase
{
    private function project(): Project
    {
        return new Project('Depot Nine', Fixture::media(), Compositions::of(
            Fixture::composition([Fixture::clip()], ['id' => 'c1', 'name' => 'Interview']),
            Fixture::composition(
                [Fixture::bar(), Fixture::clip(['id' => 'again', 'from' => 50, 'scale' => [50, 50], 'anchor' => [10, 20]])],
                ['id' => 'c2', 'name' => 'Opener'],
            ),
            Fixture::composition([], ['id' => 'c5', 'name' => 'Closer']),
        ));
    }

    /** @param  array<string, mixed>  $args */
    private function edit(Project $project, string $edit, array $args, ?string $composition = null): Project
    {
        return Edits::applyTo($project, Edits::read(new Node(['edit' => $edit, 'args' => $args])), $composition, Fixture::evaluator());
    }

    /** @return list<string> */
    private function names(Project $project): array
    {
        return array_column($project->compositions->entries(), 'name');
    }

    public function test_a_new_composition_is_like_the_first_where_nothing_is_said(): void
    {
        $after = $this->edit($this->project(), 'add-composition', ['height' => 1920, 'name' => 'Upright']);
        $made = $after->compositions->get('c6');
        self::assertSame(['Interview', 'Opener', 'Closer', 'Upright'], $this->names($after));
        self::assertSame(
            [1920, 1920, '25/1', 250, 0],
            [$made->width, $made->height, (string) $made->rate, $made->length, count($made->layers)],
        );
        self::assertSame('Composition 5', $this->edit($after, 'add-composition', [])->compositions->get('c7')->name);
    }

    public function test_a_copy_stands_behind_its_original_and_shares_nothing_with_it(): void
    {
        $after = $this->edit($this->project(), 'duplicate-composition', ['composition' => 'c1']);
        self::assertSame(['Interview', 'Interview 2', 'Opener', 'Closer'], $this->names($after));
        $changed = $this->edit($after, 'rename-layer', ['layer' => 'clip', 'name' => 'Other'], 'c6');
        self::assertSame(
            ['Clip', 'Other'],
            [$changed->compositions->get('c1')->layer('clip')->name, $changed->compositions->get('c6')->layer('clip')->name],
        );
        self::assertSame(
            'Interview 3',
            $this->edit($after, 'duplicate-composition', ['composition' => 'c6'])->compositions->get('c7')->name,
        );
    }

    public function test_a_removed_composition_comes_back_as_it_was_and_its_id_is_not_given_again(): void
    {
        $removed = $this->edit($this->project(), 'remove-compositions', ['compositions' => ['c5']]);
        self::assertSame(['Interview', 'Opener'], $this->names($removed));
        self::assertTrue($this->edit($removed, 'add-composition', [])->compositions->has('c6'));
        $back = $this->edit($removed, 'restore-composition', ['composition' => 'c5']);
        self::assertSame($this->project()->toJson(), $back->toJson());
        $this->expectExceptionMessage('there is no composition "c5"');
        $this->edit($removed, 'rename-composition', ['composition' => 'c5', 'name' => 'X']);
    }

    public function test_compositions_are_filed_in_folders_and_keep_them(): void
    {
        $folders = fn (Project $project): array => array_column($project->compositions->entries(), 'folder', 'id');
        $filed = $this->edit($this->project(), 'file-compositions', ['compositions' => ['c1', 'c5'], 'folder' => 'Open day']);
        self::assertSame(['c1' => 'Open day', 'c2' => null, 'c5' => 'Open day'], $folders($filed));
        $read = Project::read(new Node(json_decode((string) json_encode($filed->toJson()), true)));
        self::assertSame($folders($filed), $folders($read));
        self::assertSame('Open day', $folders($this->edit($filed, 'duplicate-composition', ['composition' => 'c1']))['c6']);
        // Without a folder they are as if they never had one.
        self::assertSame(
            $this->project()->toJson(), $this->edit($filed, 'file-compositions', ['compositions' => ['c1', 'c5']])->toJson(),
        );
    }

    public function test_several_are_removed_at_once_with_those_that_only_they_show(): void
    {
        $placed = $this->edit($this->project(), 'add-layer', ['layer' => ['kind' => 'bundle', 'composition' => 'c5']], 'c2');
        self::assertSame(
            ['Interview'], $this->names($this->edit($placed, 'remove-compositions', ['compositions' => ['c5', 'c2']])),
        );
        $this->expectExceptionMessage('“Closer” is placed elsewhere: “Closer” in “Opener”; remove it there first.');
        $this->edit($placed, 'remove-compositions', ['compositions' => ['c1', 'c5']]);
    }

    public function test_a_project_keeps_one_composition(): void
    {
        $one = $this->edit(
            $this->edit($this->project(), 'remove-compositions', ['compositions' => ['c1']]), 'remove-compositions',
            ['compositions' => ['c5']],
        );
        $this->expectExceptionMessage('“Opener” is the only composition of its project');
        $this->edit($one, 'remove-compositions', ['compositions' => ['c2']]);
    }

    public function test_compositions_are_put_in_order_and_renamed(): void
    {
        $after = $this->edit($this->project(), 'reorder-composition', ['composition' => 'c5', 'to' => 0]);
        self::assertSame(['c5', 'c1', 'c2'], $after->compositions->ids());
        self::assertSame(
            ['c1', 'c2', 'c5'],
            $this->edit($after, 'reorder-composition', ['composition' => 'c5', 'to' => 2])->compositions->ids(),
        );
        self::assertSame(
            ['Interview', 'Title', 'Closer'],
            $this->names($this->edit($this->project(), 'rename-composition', ['composition' => 'c2', 'name' => ' Title '])),
        );
        self::assertSame('Tram', $this->edit($this->project(), 'rename-project', ['name' => 'Tram'])->name);
    }

    public function test_media_are_named_and_filed(): void
    {
        $after = $this->edit(
            $this->edit($this->project(), 'rename-media', ['media' => 'm2', 'name' => 'Tower']), 'file-media',
            ['media' => ['m1', 'm2'], 'folder' => 'Street'],
        );
        self::assertSame(['Tower', 'Street'], [$after->media->get('m2')->name, $after->media->get('m1')->folder]);
        self::assertSame($after->toJson(), Project::read(new Node($after->toJson()))->toJson());
        self::assertNull($this->edit($after, 'file-media', ['media' => ['m1']])->media->get('m1')->folder);
    }

    public function test_media_in_use_stay_and_their_uses_are_named(): void
    {
        $unused = $this->edit($this->project(), 'remove-media', ['media' => ['m2']]);
        self::assertSame(['m1'], array_column($unused->media->all(), 'id'));
        self::assertSame(['m1', 'm2'], array_column($this->edit($unused, 'restore-media', ['media' => ['m2']])->media->all(), 'id'));
        $this->expectExceptionObject(new Refusal(
            '“Street.mp4” is in use: “Clip” in “Interview”, “Clip” in “Opener”. Remove those layers first.',
        ));
        $this->edit($this->project(), 'remove-media', ['media' => ['m2', 'm1']]);
    }

    public function test_replaced_media_show_the_same_moment_in_the_same_place_in_every_composition(): void
    {
        $library = $this->project()->media->replacing(new Media(
            'm3', 'Street UHD.mp4', 'uhd.mp4', new MediaFacts(3840, 2160, new FrameRate(50), 600, true),
        ));
        $before = $this->edit($this->project()->with(['media' => $library]), 'file-media', ['media' => ['m1'], 'folder' => 'Street']);
        $after = $this->edit($before, 'replace-media', ['media' => 'm1', 'by' => 'm3']);
        self::assertSame(['m2', 'm3'], array_column($after->media->all(), 'id'));
        self::assertSame('Street', $after->media->get('m3')->folder);
        $evaluator = new Evaluator($after->media, new TextBlocks(new SquareShaper));
        foreach (['c1' => 'clip', 'c2' => 'again'] as $composition => $layer) {
            [$old, $new] = [$before->compositions->get($composition), $after->compositions->get($composition)];
            self::assertEquals(
                $evaluator->pose($old->layer($layer), $old, 10)->bounds(),
                $evaluator->pose($new->layer($layer), $new, 10)->bounds(),
            );
            $frame = fn (Composition $one): int => array_values(array_filter(
                json_decode($evaluator->frame($one, 33)->encode(), true)['items'],
                fn (array $item): bool => $item['op'] === 'image',
            ))[0]['frame'];
            // Twice as many frames a second.
            self::assertSame(2 * $frame($old), $frame($new));
        }
        self::assertSame($before->compositions->entry('c5'), $after->compositions->entry('c5'), 'what it does not touch is the very same');
    }

    public function test_a_replacement_of_another_shape_keeps_its_own_and_leaves_nothing_uncovered(): void
    {
        $after = $this->edit($this->project(), 'replace-media', ['media' => 'm1', 'by' => 'm2']);
        // 1920×1080 by 1080×1920: 1920 wide again, and 1920 ⋅ 1920 / 1080 high.
        $bounds = Fixture::evaluator()->pose($after->compositions->get('c1')->layer('clip'), $after->compositions->get('c1'), 0)->bounds();
        self::assertEqualsWithDelta([1920.0, 3413.3333], [$bounds->right - $bounds->left, $bounds->bottom - $bounds->top], 0.001);
    }

    public function test_colours_are_kept_at_hand(): void
    {
        $after = $this->edit(
            $this->edit($this->project(), 'add-swatch', ['colour' => '#2F5D50', 'name' => 'Depot green']), 'add-swatch',
            ['colour' => '#c0392b80'],
        );
        self::assertSame(
            [['name' => 'Depot green', 'colour' => '#2f5d50'], ['name' => '#c0392b80', 'colour' => '#c0392b80']],
            $after->toJson()['swatches'],
        );
        self::assertSame('Signal', $this->edit($after, 'rename-swatch', ['swatch' => 1, 'name' => 'Signal'])->kept->swatches[1]->name);
        self::assertSame(['#c0392b80'], array_column($this->edit($after, 'remove-swatch', ['swatch' => 0])->kept->swatches, 'name'));
        $this->expectExceptionMessage('#2f5d50 is kept already, as “Depot green”');
        $this->edit($after, 'add-swatch', ['colour' => '#2f5d50']);
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'no such composition' => ['duplicate-composition', ['composition' => 'c9'], 'there is no composition "c9"'];
        yield 'no such media' => ['rename-media', ['media' => 'm9', 'name' => 'X'], 'there is no media "m9"'];
        yield 'no place' => ['reorder-composition', ['composition' => 'c1', 'to' => 3], 'args.to: 3 is outside 0..2'];
        yield 'no swatch' => ['remove-swatch', ['swatch' => 0], 'args.swatch: 0 is outside 0..-1'];
        yield 'by itself' => ['replace-media', ['media' => 'm1', 'by' => 'm1'], 'args.by: is the same as what is to be replaced'];
        yield 'no media' => ['file-media', ['media' => [], 'folder' => 'X'], 'args.media: is empty'];
        yield 'back from nowhere' => ['restore-composition', ['composition' => 'c1'], '“Interview” is in the project already'];
        yield 'too large' => ['add-composition', ['width' => 9000], 'args.width: 9000 is outside 2..8192'];
        yield 'no colour' => ['add-swatch', ['colour' => 'red'], 'args.colour: '];
    }

    /** @param  array<string, mixed>  $args */
    #[DataProvider('refused')]
    public function test_what_makes_no_sense_is_refused(string $edit, array $args, string $says): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($says);
        $this->edit($this->project(), $edit, $args);
    }

    #[TestWith(['rename-layer', ['layer' => 'bar', 'name' => 'X'], 'c2'])]
    #[TestWith(['rename-project', ['name' => 'X'], null])]
    #[TestWith(['reorder-composition', ['composition' => 'c1', 'to' => 2], null])]
    #[TestWith(['duplicate-composition', ['composition' => 'c2'], null])]
    public function test_only_what_an_edit_touches_is_read(string $edit, array $args, ?string $touched): void
    {
        $project = $this->project();
        $stored = array_map(fn (StoredComposition $entry): StoredComposition => StoredComposition::unread(
            $entry->id, $entry->name, $entry->folder,
            fn (): Composition => $entry->id === 'c2' ? $entry->composition() : self::fail("{$entry->id} was read"),
        ), $project->compositions->entries());
        $after = $this->edit($project->with(['compositions' => Compositions::stored($stored, ['c1', 'c2', 'c5'])]), $edit, $args, $touched);
        self::assertTrue($after->compositions->has('c2'));
    }

    public function test_looks_are_kept_by_name_and_pasted_with_their_keyframes(): void
    {
        $layer = Fixture::bar(['effects' => [
            ['id' => 'e3', 'effect' => 'blur', 'radius' => Fixture::keyframes([0, 0], [10, 20])],
            ['id' => 'e4', 'effect' => 'invert', 'on' => false],
        ]]);
        $project = Project::read(new Node([
            'format' => 'ricamo-project', 'version' => 1, 'name' => 'Depot',
            'compositions' => [Fixture::composition([
                $layer, Fixture::words(['effects' => [['id' => 'e1', 'effect' => 'hue']]]),
            ])->toJson()],
        ]));
        $apply = fn (Project $on, string $edit, array $args): Project => Edits::applyTo(
            $on, Edits::read(new Node(['edit' => $edit, 'args' => $args])), null, Fixture::evaluator(),
        );
        $effects = $project->composition()->layer('bar')->toJson()['effects'];
        $kept = $apply($project, 'add-look', ['name' => 'Dream', 'effects' => $effects]);
        self::assertSame([['name' => 'Dream', 'effects' => $effects]], $kept->toJson()['looks']);
        self::assertSame($kept->toJson(), Project::read(new Node($kept->toJson()))->toJson());
        $pasted = $apply(
            $kept, 'paste-effects', ['layers' => ['words'], 'effects' => $kept->kept->looks[0]->effects],
        )->composition()->layer('words');
        self::assertSame(
            ['e1 hue', 'e2 blur', 'e3 invert'],
            array_map(fn ($one): string => "{$one->id} {$one->effect->name()}", $pasted->attached->effects),
        );
        self::assertEqualsWithDelta(10.0, $pasted->number('e2.radius', 5), 1e-6);
        self::assertFalse($pasted->attached->effects[2]->on);
        self::assertArrayNotHasKey('looks', $apply($kept, 'remove-look', ['look' => 0])->toJson());
        $this->expectExceptionMessage('effects: is empty');
        $apply($project, 'add-look', ['name' => 'None', 'effects' => []]);
    }

    public function test_parts_of_a_layer_are_kept_by_name_and_given_to_others(): void
    {
        $from = Fixture::layer(Fixture::bar([
            'fill' => '#102030', 'outline' => '#ff0000', 'outlineWidth' => 4, 'position' => [30, 40], 'effects' => [['id' => 'e1', 'effect' => 'blur']],
            'arrive' => ['length' => 10, 'moves' => [['move' => 'fade']]],
        ]))->toJson();
        $project = Project::read(new Node([
            'format' => 'ricamo-project', 'version' => 1, 'name' => 'Depot',
            'compositions' => [Fixture::composition([$from, Fixture::words(['position' => [500, 300]])])->toJson()],
        ]));
        $apply = fn (Project $on, string $edit, array $args): Project => Edits::applyTo(
            $on, Edits::read(new Node(['edit' => $edit, 'args' => $args])), null, Fixture::evaluator(),
        );
        $kept = $apply($project, 'add-style', ['name' => 'House', 'layer' => $from, 'parts' => ['paint', 'life']]);
        $style = $kept->kept->styles[0];
        self::assertSame(['House', ['paint', 'life']], [$style->name, array_column($style->parts, 'value')]);
        self::assertEqualsCanonicalizing(
            ['id', 'kind', 'name', 'in', 'out', 'form', 'fill', 'outline', 'outlineWidth', 'arrive'], array_keys($style->layer),
        );
        self::assertSame($kept->toJson(), Project::read(new Node($kept->toJson()))->toJson());
        // Another under its name takes its place.
        $again = $apply($kept, 'add-style', ['name' => 'House', 'layer' => $from, 'parts' => ['effects']]);
        self::assertSame([['effects']], array_column($again->toJson()['styles'], 'parts'));
        $given = $apply(
            $kept, 'give-parts', ['layers' => ['words'], 'from' => $style->layer, 'parts' => ['paint', 'life']],
        )->composition()->layer('words');
        self::assertSame('#102030', $given->toJson()['fill']);
        self::assertSame(10, $given->life->arrive?->length);
        self::assertEquals([500, 300], $given->toJson()['position']);
        self::assertArrayNotHasKey('effects', $given->toJson());
        self::assertArrayNotHasKey('styles', $apply($kept, 'remove-style', ['style' => 0])->toJson());
        $this->expectExceptionMessage('layer: has nothing of that');
        $apply($project, 'add-style', ['name' => 'None', 'layer' => $from, 'parts' => ['masks']]);
    }

    public function test_curves_are_kept_by_name_and_forgotten(): void
    {
        $project = Project::read(new Node([
            'format' => 'ricamo-project', 'version' => 1, 'name' => 'Depot', 'media' => [],
            'compositions' => [Fixture::composition()->toJson()],
            'curves' => [['name' => 'Soft', 'easing' => 'ease-out(60%)']],
        ]));
        $apply = fn (Project $on, string $edit, array $args): Project => Edits::applyTo(
            $on, Edits::read(new Node(['edit' => $edit, 'args' => $args])), null, Fixture::evaluator(),
        );
        $two = $apply($project, 'add-curve', ['name' => 'Bold', 'easing' => 'cubic-bezier(0.2, -0.4, 0.3, 1.6)']);
        self::assertSame(['Soft', 'Bold'], array_column($two->toJson()['curves'], 'name'));
        $other = $apply($two, 'add-curve', ['name' => 'Soft', 'easing' => 'linear']);
        self::assertSame(
            [['name' => 'Soft', 'easing' => 'linear'], ['name' => 'Bold', 'easing' => 'cubic-bezier(0.2, -0.4, 0.3, 1.6)']],
            $other->toJson()['curves'],
        );
        self::assertSame(['Bold'], array_column($apply($other, 'remove-curve', ['curve' => 0])->toJson()['curves'], 'name'));
        $this->expectExceptionMessage('"soft" is not an easing');
        $apply($project, 'add-curve', ['name' => 'Worse', 'easing' => 'soft']);
    }

    public function test_what_is_painted_with_replaced_media_is_painted_with_the_new_ones_and_nothing_else_is(): void
    {
        $painted = fn (string $id, string $media): array => Fixture::bar([
            'id' => $id, 'gradients' => [['of' => 'fill', 'form' => 'picture', 'media' => $media]],
        ]);
        $library = Fixture::media()->replacing(new Media('m3', 'Still.png', 'still.png', new MediaFacts(64, 64, new FrameRate(25), 1, false)));
        $before = new Project('Depot Nine', $library, Compositions::of(Fixture::composition([$painted('a', 'm1'), $painted('b', 'm3')])));
        $after = $this->edit($before, 'replace-media', ['media' => 'm1', 'by' => 'm2'])->compositions->get('c1');
        self::assertSame(['m2', 'm3'], array_map(fn (string $id): ?string => $after->layer($id)->attached->gradients[0]->media, ['a', 'b']));
    }
}
