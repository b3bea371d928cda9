<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Document;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Evaluate\Inspection;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;
use Ricamo\Core\Time\FrameRate;

/** Documents and edits damaged at random, from fixed seeds: each is read and can be shown, or is refused in one line. */
final class HostileDocumentTest extends TestCase
{
    private const JUNK = [
        null, true, false, 0, -1, 1, 0.5, 1e300, -1e300, PHP_INT_MAX, PHP_INT_MIN, '', ' ', 'x', '#ff', '#12345678',
        "\u{202e}", "a\0b", '1/0', '0/1',
        '999999999/1', '30000/1001', 'hold', 'elastic-in(0, 0)', 'cubic-bezier(2, 0, 0, 0)', 'start', 'text', 'footage',
        'm1', [], [[]], [1], [1, 2], [1, 2, 3],
        ['keyframes' => []], ['keyframes' => [['at' => 0, 'value' => 1]]],
        ['keyframes' => [['at' => 0, 'value' => [1, 2]], ['at' => 0, 'value' => [1, 2]]]], ['a' => 1],
    ];

    /** @return array<string, mixed> */
    private function project(): array
    {
        return [
            'format' => 'ricamo-project', 'version' => 1, 'name' => 'Depot Nine', 'media' => [['id' => 'm1', 'file' => 'street.mp4']],
            'compositions' => [['id' => 'c1', 'name' => 'Lower third', 'width' => 320, 'height' => 180, 'rate' => '25/1', 'length' => 60, 'background' => '#000000', 'layers' => [
                Fixture::clip(['from' => 3, 'sound' => true]),
                Fixture::bar([
                    'position' => Fixture::keyframes([0, [0, 0], 'back-out(2)'], [20, [100, 50]], [-5, [0, 0], 'hold', 'end']),
                    'fill' => '#2f5d5080', 'rounding' => 4, 'label' => 'weld', 'visible' => true, 'scaleLinked' => false,
                ]),
                Fixture::words([
                    'opacity' => Fixture::keyframes([0, 0], [9, 100]), 'align' => 'centre', 'font' => 'karla-bold',
                    'tracking' => 20,
                ]),
            ]]],
        ];
    }

    private function junk(): mixed
    {
        $choice = mt_rand(0, count(self::JUNK) + 1);

        return match ($choice) {
            count(self::JUNK) => str_repeat('ä', mt_rand(1, 6000)),
            count(self::JUNK) + 1 => array_fill(0, mt_rand(1, 3000), 1),
            default => self::JUNK[$choice],
        };
    }

    /** Puts something else into a random place of a value, or takes the place away, or adds one. */
    private function damage(mixed $value): mixed
    {
        if (! is_array($value) || $value === [] || mt_rand(0, 9) === 0) {
            return $this->junk();
        }
        $key = array_rand($value);
        match (mt_rand(0, 7)) {
            0 => $value = array_diff_key($value, [$key => true]),
            1 => $value[is_int($key) ? count($value) : 'extra'] = $this->junk(),
            default => $value[$key] = $this->damage($value[$key]),
        };

        return is_int($key) ? array_values($value) : $value;
    }

    public function test_damaged_projects_are_refused_in_one_line_or_can_be_shown(): void
    {
        mt_srand(20);
        [$shown, $refused] = [0, 0];
        for ($i = 0; $i < 3000; $i++) {
            $json = json_encode($this->damage($this->project()), JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR);
            try {
                $composition = Project::parse($json)->composition();
                $this->show($composition);
                $shown++;
            } catch (Refusal $refusal) {
                self::assertStringNotContainsString("\n", $refusal->getMessage());
                self::assertLessThan(400, mb_strlen($refusal->getMessage()));
                $refused++;
            }
        }
        self::assertGreaterThan(200, $shown);
        self::assertGreaterThan(1000, $refused);
    }

    public function test_damaged_edits_are_refused_or_leave_a_document_that_can_be_shown(): void
    {
        mt_srand(21);
        $composition = Project::read(new Node($this->project()))->composition();
        $of = fn (string $property): array => ['keyframes' => [['layer' => 'bar', 'property' => $property, 'frames' => [0]]]];
        $edits = [
            ['edit' => 'add-layer', 'args' => ['layer' => ['kind' => 'shape', 'form' => 'ellipse', 'size' => [10, 10]], 'at' => 4]],
            [
                'edit' => 'set-values',
                'args' => [
                    'frame' => 3, 'scope' => 'whole',
                    'values' => [['layer' => 'bar', 'property' => 'position', 'value' => 'w/2', 'axis' => 'x']],
                ],
            ],
            ['edit' => 'pull-handle', 'args' => ['layer' => 'bar', 'frame' => 3, 'handle' => 'left', 'by' => [3, 4], 'centred' => true]],
            [
                'edit' => 'drag-layers',
                'args' => ['layers' => ['bar', 'words'], 'frame' => 3, 'by' => [30, -4], 'straight' => false, 'snap' => 8],
            ],
            ['edit' => 'turn-layer', 'args' => ['layer' => 'bar', 'frame' => 3, 'path' => [[0, 0], [9, 9]], 'snap' => false]],
            ['edit' => 'move-anchor', 'args' => ['layer' => 'bar', 'frame' => 3, 'to' => [3, 4]]],
            ['edit' => 'trim-layer', 'args' => ['layer' => 'clip', 'in' => 5, 'out' => 50]],
            ['edit' => 'move-layers', 'args' => ['layers' => ['clip', 'bar'], 'by' => 5]],
            ['edit' => 'set-composition', 'args' => ['rate' => '30000/1001', 'width' => 'w*2', 'length' => 70]],
            ['edit' => 'move-keyframes', 'args' => [...$of('position'), 'by' => 4]],
            ['edit' => 'set-easing', 'args' => [...$of('position'), 'easing' => 'elastic-out(2, 0.4)']],
            ['edit' => 'set-content', 'args' => ['layer' => 'words', 'content' => ['text' => "Marta\nOldani"]]],
        ];
        [$shown, $refused] = [0, 0];
        for ($i = 0; $i < 3000; $i++) {
            $damaged = $this->damage($edits[$i % count($edits)]);
            try {
                $this->show(Edits::apply(Edits::read(new Node($damaged)), $composition, Fixture::evaluator()));
                $shown++;
            } catch (Refusal $refusal) {
                self::assertStringNotContainsString("\n", $refusal->getMessage());
                $refused++;
            }
        }
        self::assertGreaterThan(300, $shown);
        self::assertGreaterThan(500, $refused);
    }

    private function show(Composition $composition): void
    {
        $json = json_encode($composition->toJson(), JSON_THROW_ON_ERROR);
        self::assertSame($json, json_encode(Composition::read(Node::decode($json))->toJson(), JSON_THROW_ON_ERROR));
        $evaluator = Fixture::evaluator();
        foreach ([0, intdiv($composition->length, 2), $composition->length - 1] as $frame) {
            json_decode($evaluator->frame($composition, $frame)->encode(), flags: JSON_THROW_ON_ERROR);
            foreach ($composition->layers as $layer) {
                json_encode(Inspection::of($layer, $frame, new FrameRate(25), Fixture::media()), JSON_THROW_ON_ERROR);
                json_decode($evaluator->pose($layer, $composition, $frame)->encode(), flags: JSON_THROW_ON_ERROR);
            }
        }
    }
}
