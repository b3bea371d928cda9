<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CompositionRow;
use App\Models\ProjectRow;
use PHPUnit\Framework\Attributes\DataProvider;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Tests\Edit\AnyEdit;
use Tests\TestCase;

/** Edits that somebody has tampered with: each is answered with what it did or what is wrong with it, and what is kept can be shown. */
final class MutatedEditsTest extends TestCase
{
    /** What takes the place of a value, as JSON. */
    private const HOSTILE = [
        '1e999', '-1e999', '1e308', '-1e308', '1e-320', '9007199254740993', '-0.0', '1e15', '[1e999,0]', '[[[[]]]]', '{}',
        'null', 'true', '""', '"\u0000"', '"1e999"', '"2**9"', '"w/0"', '"9e307*99"',
        '"linear(0,1e308,1)"', '"linear(0,1e999,1)"', '"cubic-bezier(0,1e308,1,-1e308)"', '"elastic-out(1e308,1e-308)"',
        '"M0 0L1e308 1e308Z"', '"#12345"', '"\ud83d\ude8b"', '[]', '-1', '4.5',
    ];

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach ([21, 22, 23] as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_each_is_answered_and_what_is_kept_can_be_shown(int $seed): void
    {
        mt_srand($seed);
        $project = $this->demo();
        $names = array_keys(Edits::BY_NAME);
        for ($time = 0; $time < 250; $time++) {
            $edit = $names[mt_rand(0, count($names) - 1)];
            $row = CompositionRow::query()->where('project_id', $project->id)->whereNull('removed_at')->orderBy('place')->firstOrFail();
            $document = Project::parse(json_encode(
                ['format' => Project::FORMAT, 'version' => 1, 'name' => 'x', 'compositions' => [json_decode($row->document)]],
                JSON_THROW_ON_ERROR,
            ));
            $args = $this->mutated((new AnyEdit($document, $document->composition()))->args($edit));
            $body = '{"edit":"'.$edit.'","args":'.$args.',"revision":'.$row->revision.',"show":{"frame":0,"layers":[]}}';
            $answer = $this->call(
                'POST', "/api/compositions/{$row->id}/edits",
                server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $body,
            );
            self::assertContains($answer->status(), [200, 422], "$body {$answer->getContent()}");
            if ($answer->status() === 200) {
                $last = $row->refresh()->removed_at === null ? $row->read()->length - 1 : 0;
                foreach (array_unique([0, intdiv($last, 3), $last]) as $frame) {
                    $shown = $this->getJson("/api/compositions/{$row->id}/glimpse?frame=$frame");
                    self::assertContains($shown->status(), [200, 404], "$body frame $frame {$shown->getContent()}");
                }
            }
        }
    }

    private function demo(): ProjectRow
    {
        $composition = $this->composition();
        foreach ([
            [
                'kind' => 'shape', 'form' => 'star', 'id' => 'star',
                'rotation' => ['keyframes' => [['at' => 0, 'value' => 0], ['at' => 40, 'value' => 90]]],
            ],
            ['kind' => 'text', 'text' => 'Marta #', 'id' => 'words', 'counts' => ['of' => ['layer' => 'star', 'property' => 'rotation']]],
            ['kind' => 'group', 'id' => 'group'],
        ] as $layer) {
            $this->edit($composition, 'add-layer', ['layer' => $layer])->assertOk();
        }
        $this->edit($composition, 'set-composition', ['length' => 60])->assertOk();

        return $composition->project;
    }

    /** @param  array<string, mixed>  $args */
    private function mutated(array $args): string
    {
        $places = [];
        array_walk_recursive($args, function (mixed &$value) use (&$places): void {
            $places[] = &$value;
        });
        if ($places !== []) {
            $places[mt_rand(0, count($places) - 1)] = '@@';
        }

        return str_replace('"@@"', self::HOSTILE[mt_rand(0, count(self::HOSTILE) - 1)], (string) json_encode((object) $args));
    }
}
