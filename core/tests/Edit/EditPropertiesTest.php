<?php

namespace Ricamo\Core\Tests\Edit;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

/** What holds for any sequence of edits, tried on many made from fixed seeds. */
final class EditPropertiesTest extends TestCase
{
    public function test_after_any_edits_the_document_reads_back_and_can_be_evaluated_on_every_frame(): void
    {
        foreach (range(1, 12) as $seed) {
            mt_srand($seed);
            $composition = Fixture::composition([Fixture::clip(), Fixture::bar(), Fixture::words()], ['length' => 60]);
            $accepted = 0;
            for ($i = 0; $i < 40; $i++) {
                [$edit, $args] = $this->anyEdit($composition);
                try {
                    $composition = Fixture::edit($composition, $edit, $args);
                    $accepted++;
                } catch (Refusal) {
                    // A refused edit leaves the document as it was: what follows is tried on that.
                }
            }
            self::assertGreaterThan(10, $accepted, "seed $seed");
            $json = json_decode(json_encode($composition->toJson(), JSON_THROW_ON_ERROR), true);
            self::assertEquals($composition, Composition::read(new Node($json)), "seed $seed");
            foreach (range(0, 59, 7) as $frame) {
                self::assertSame($frame, Fixture::evaluator()->frame($composition, $frame)->frame);
            }
        }
    }

    public function test_moving_there_and_back_gives_the_same_document(): void
    {
        mt_srand(7);
        $composition = Fixture::composition([Fixture::bar(['position' => Fixture::keyframes([0, [0, 0]], [9, [90, 9]]), 'opacity' => Fixture::keyframes([-9, 10, 'linear', 'end'], [-1, 0, 'linear', 'end'])])]);
        foreach (range(1, 30) as $ignored) {
            $by = mt_rand(-500, 500);
            $there = Fixture::edit($composition, 'move-layers', ['layers' => ['bar'], 'by' => $by]);
            self::assertEquals($composition, Fixture::edit($there, 'move-layers', ['layers' => ['bar'], 'by' => -$by]));
            $there = Fixture::edit($composition, 'trim-layer', ['layer' => 'bar', 'in' => mt_rand(-200, 99)]);
            self::assertEquals($composition, Fixture::edit($there, 'trim-layer', ['layer' => 'bar', 'in' => 0]));
        }
    }

    /** @return array{string, array<string, mixed>} */
    private function anyEdit(Composition $composition): array
    {
        $layer = count($composition->layers) === 0 ? 'none' : $composition->layers[mt_rand(0, count($composition->layers) - 1)]->id;
        $property = ['position', 'scale', 'rotation', 'opacity', 'size', 'typeSize'][mt_rand(0, 5)];
        $frame = mt_rand(0, 59);

        return match (mt_rand(0, 9)) {
            0 => ['add-layer', ['layer' => ['kind' => 'shape', 'form' => 'ellipse'], 'at' => $frame]],
            1 => ['duplicate-layers', ['layers' => [$layer]]],
            2 => ['remove-layers', ['layers' => [mt_rand(0, 3) === 0 ? $layer : 'none']]],
            3 => ['add-keyframe', ['layers' => [$layer], 'property' => $property, 'frame' => $frame]],
            4 => ['set-values', ['frame' => $frame, 'values' => [['layer' => $layer, 'property' => $property, 'value' => in_array($property, ['position', 'scale', 'size'], true) ? [mt_rand(-300, 300), mt_rand(1, 300)] : mt_rand(-50, 150)]]]],
            5 => ['trim-layer', ['layer' => $layer, 'out' => mt_rand(1, 80)]],
            6 => ['move-layers', ['layers' => [$layer], 'by' => mt_rand(-20, 20)]],
            7 => ['drag-layers', ['layers' => [$layer], 'frame' => $frame, 'by' => [mt_rand(-99, 99), mt_rand(-99, 99)]]],
            8 => ['reorder-layer', ['layer' => $layer, 'to' => mt_rand(0, 4)]],
            default => ['set-easing', ['keyframes' => [['layer' => $layer, 'property' => $property, 'frames' => [$frame]]], 'easing' => 'back-out']],
        };
    }
}
