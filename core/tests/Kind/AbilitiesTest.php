<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Kind;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Ability;
use Ricamo\Core\Document\Compositions;
use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\LayerKinds;
use Ricamo\Core\Kind\Text\TextBlocks;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;
use Ricamo\Core\Tests\SquareShaper;

/** What kinds of layers say that they can do is what edits take of them: no more, and no less. */
final class AbilitiesTest extends TestCase
{
    private const CONTENT = [
        'shape' => ['form' => 'rectangle'], 'text' => ['text' => 'Depot Nine'], 'footage' => ['media' => 'm1'],
        'sound' => ['media' => 'm1'], 'light' => ['source' => 'directional'],
        'bundle' => ['composition' => 'c2'], 'window' => ['form' => 'rectangle'],
    ];

    /** @return iterable<string, array{string, Ability}> */
    public static function kindsAndAbilities(): iterable
    {
        foreach (array_keys(LayerKinds::all()) as $kind) {
            foreach (Ability::cases() as $ability) {
                yield "$kind $ability->value" => [$kind, $ability];
            }
        }
    }

    #[DataProvider('kindsAndAbilities')]
    public function test_edits_take_what_a_kind_says_that_it_can_do(string $kind, Ability $ability): void
    {
        $edit = match ($ability) {
            Ability::Seen => ['add-effect', ['layers' => ['it'], 'effect' => 'blur']],
            Ability::Holds => ['reorder-layer', ['layer' => 'bar', 'to' => 0, 'group' => 'it']],
            Ability::Combines => ['combine-shapes', ['layers' => ['it', 'bar'], 'how' => 'union', 'frame' => 0]],
            Ability::Marks => ['set-brush', ['layers' => ['bar'], 'brush' => ['form' => 'own', 'from' => 'it']]],
            Ability::TakesMedia => ['show-instead', ['layers' => ['it'], 'media' => 'm2']],
            Ability::Written => ['set-content', ['layer' => 'it', 'content' => ['text' => 'Open day']]],
            Ability::Frames => ['make-windows', ['layers' => ['it']]],
            Ability::Cut => ['set-patchwork', ['layers' => ['it'], 'patchwork' => ['rows' => 2]]],
            Ability::Lights => ['aim-light', ['light' => 'it', 'layer' => 'bar', 'frame' => 0]],
            Ability::Looks => ['aim-camera', ['camera' => 'it', 'layer' => 'bar', 'frame' => 0]],
            Ability::Adjusts => null,
        };
        if ($edit === null) {
            self::assertSame(LayerKinds::all()[$kind]->adjusts(), in_array($ability, LayerKinds::all()[$kind]->abilities(), true));

            return;
        }
        // A window is one already.
        $isTaken = $this->isTaken($kind, ...$edit) && ! ($ability === Ability::Frames && $kind === 'window');
        self::assertSame($isTaken, in_array($ability, LayerKinds::all()[$kind]->abilities(), true));
    }

    /** @return iterable<string, array{string, array<string, mixed>}> what each kind of layer may have, by what it is drawn otherwise */
    public static function attached(): iterable
    {
        $attached = [
            'a mask' => ['masks' => [['id' => 'm1', 'form' => 'ellipse', 'size' => [40, 40]]]],
            'an effect' => ['effects' => [['id' => 'e1', 'effect' => 'one-colour', 'colour' => '#c0392b']]],
            'a fill in colours' => ['gradients' => [['of' => 'fill', 'form' => 'linear', 'stops' => 2]]],
            'an outline in colours' => ['gradients' => [['of' => 'outline', 'form' => 'linear', 'stops' => 2]]],
            'one more outline' => ['outlines' => [['id' => 'o1', 'side' => 'outside', 'width' => 6, 'colour' => '#c9973f']]],
            'a brush' => ['brush' => ['form' => 'dotted']],
        ];
        foreach (LayerKinds::all() as $kind) {
            foreach ($attached as $called => $fields) {
                if ($kind->isSeen() && ! $kind->adjusts() && ($kind->hasOutline() || isset($fields['masks']) || isset($fields['effects']))) {
                    yield "{$kind->name()}: $called" => [$kind->name(), $fields];
                }
            }
        }
    }

    /** @param  array<string, mixed>  $fields */
    #[DataProvider('attached')]
    public function test_what_a_layer_may_have_is_seen(string $kind, array $fields): void
    {
        $outline = LayerKinds::all()[$kind]->hasOutline() ? ['outline' => '#102030', 'outlineWidth' => 4] : [];
        $items = fn (array $more): array => (new Evaluator(
            Fixture::media()->withCompositions(Compositions::of(Fixture::composition([Fixture::words()])->withId('c2'))),
            new TextBlocks(new SquareShaper),
        ))->frame(Fixture::composition([
            Fixture::bar(['group' => $kind === 'group' ? 'it' : null]),
            ['id' => 'it', 'kind' => $kind, 'name' => 'It', 'in' => 0, 'out' => 100, ...self::CONTENT[$kind] ?? [], ...$outline, ...$more],
        ]), 10)->toJson()['items'];
        self::assertNotSame($items([]), $items($fields));
    }

    /** @param  array<string, mixed>  $arguments */
    private function isTaken(string $kind, string $edit, array $arguments): bool
    {
        $composition = Fixture::composition([
            Fixture::bar(), ['id' => 'it', 'kind' => $kind, 'name' => 'It', 'in' => 0, 'out' => 100, ...self::CONTENT[$kind] ?? []],
        ]);
        $media = Fixture::media()->withCompositions(Compositions::of(Fixture::composition([Fixture::words()])->withId('c2')));
        try {
            Edits::apply(
                Edits::read(new Node(['edit' => $edit, 'args' => $arguments])), $composition,
                new Evaluator($media, new TextBlocks(new SquareShaper)),
            );
        } catch (Refusal) {
            return false;
        }

        return true;
    }
}
