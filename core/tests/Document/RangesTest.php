<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Document;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Cascade\PlacedCascade;
use Ricamo\Core\Cascade\Units;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Effect\Effects;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\LayerKinds;
use Ricamo\Core\Kind\Text\TextBlocks;
use Ricamo\Core\Line\PlacedBrush;
use Ricamo\Core\Line\PlacedOutline;
use Ricamo\Core\Mask\MaskForm;
use Ricamo\Core\Mask\PlacedMask;
use Ricamo\Core\Move\Accents;
use Ricamo\Core\Move\Moves;
use Ricamo\Core\Paint\GradientForm;
use Ricamo\Core\Paint\PlacedGradient;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Tests\SquareShaper;

/** Numbers that a document can hold can be reckoned with. */
final class RangesTest extends TestCase
{
    /** @return iterable<string, array{list<PropertyDefinition>}> */
    public static function definitions(): iterable
    {
        foreach (LayerKinds::all() as $name => $kind) {
            yield "a $name" => [array_values($kind->properties())];
        }
        foreach ([...Effects::all(), ...Moves::all(), ...Accents::all()] as $name => $one) {
            yield "$name" => [$one->settings()];
        }
        foreach (MaskForm::cases() as $form) {
            yield "a mask: {$form->value}" => [(new PlacedMask('m1', $form))->settings()];
        }
        foreach (GradientForm::cases() as $form) {
            yield "paint: {$form->value}" => [PlacedGradient::read(new Node([
                'of' => 'fill', 'form' => $form->value, 'media' => 'm1',
            ]))->settings()];
        }
        yield 'a brush' => [PlacedBrush::read(new Node(['form' => 'rings']))->settings()];
        $bar = LayerKinds::all()['shape'];
        yield 'an outline' => [PlacedOutline::readAll(new Node([['id' => 'o1']]), 'shape', true)[0][0]->settings()];
        yield 'a cascade' => [PlacedCascade::readAll(
            new Node([['id' => 'c1', 'as' => 'arrive', 'units' => 'letters', 'length' => 9]]), 'text', [Units::Letters],
        )[0][0]->settings()];
    }

    /** @param  list<PropertyDefinition>  $definitions */
    #[DataProvider('definitions')]
    public function test_every_number_has_a_range(array $definitions): void
    {
        foreach ($definitions as $one) {
            if ($one->type->channels($one->default) !== [] && ! in_array($one->type->name(), ['colour', 'flag', 'path'], true)) {
                self::assertNotNull($one->least, $one->name);
                self::assertNotNull($one->most, $one->name);
                self::assertLessThanOrEqual(1e12, max(abs($one->least), abs($one->most)), $one->name);
            }
        }
        self::addToAssertionCount(1);
    }

    public function test_what_is_enlarged_over_and_over_is_told_in_numbers_or_not_at_all(): void
    {
        foreach ([10_000, -10_000, 0.001] as $scale) {
            $compositions = [];
            foreach (range(1, 20) as $number) {
                $layers = [[
                    ...$number < 20
                        ? ['kind' => 'bundle', 'composition' => 'c'.($number + 1), 'crop' => false]
                        : ['kind' => 'shape', 'form' => 'star'],
                    'id' => 'x', 'name' => 'X', 'in' => 0, 'out' => 9, 'group' => 'g0', 'scale' => [$scale, $scale],
                ]];
                foreach (range(0, 19) as $group) {
                    $layers[] = [
                        'id' => "g$group", 'kind' => 'group', 'name' => 'Group', 'in' => 0, 'out' => 9,
                        'scale' => [$scale, $scale], 'rotation' => 3, ...($group < 19 ? ['group' => 'g'.($group + 1)] : []),
                    ];
                }
                $compositions[] = [
                    'id' => "c$number", 'name' => "Level $number", 'width' => 320, 'height' => 180, 'rate' => '25/1',
                    'length' => 9, 'layers' => $layers,
                ];
            }
            $project = Project::read(new Node([
                'format' => Project::FORMAT, 'version' => 1, 'name' => 'Depth', 'compositions' => $compositions,
            ]));
            $evaluator = new Evaluator($project->library(), new TextBlocks(new SquareShaper));
            foreach (['c1', 'c15', 'c20'] as $id) {
                json_decode($evaluator->frame($project->compositions->get($id), 0)->encode(), flags: JSON_THROW_ON_ERROR);
                json_decode($evaluator->look($project->compositions->get($id), 0)->poses(), flags: JSON_THROW_ON_ERROR);
            }
            self::addToAssertionCount(1);
        }
    }
}
