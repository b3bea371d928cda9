<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** A composition's space is looked at from elsewhere over HTTP; what is kept is not touched by that. */
final class VantageTest extends TestCase
{
    private const ABOVE = ['sight' => 'above'];

    private function space(): int
    {
        $composition = $this->composition();
        $this->addBar($composition, ['id' => 'bar', 'size' => [400, 200], 'position' => [960, 540], 'tiltX' => 90]);
        $this->edit($composition, 'add-layer', ['layer' => ['kind' => 'camera', 'id' => 'camera']])->assertOk();

        return $composition->id;
    }

    /** @param  array<string, mixed>|string  $vantage */
    private static function query(array|string $vantage): string
    {
        return 'vantage='.rawurlencode(is_string($vantage) ? $vantage : (string) json_encode($vantage));
    }

    public function test_a_glimpse_and_frames_are_of_the_space_from_above(): void
    {
        $id = $this->space();
        $plain = $this->getJson("/api/compositions/$id/glimpse?frame=0&layers=camera")->assertOk()->json('glimpse');
        // Seen from its edge nothing of it is drawn; from above all of it is.
        self::assertSame([], $plain['list']['items']);
        self::assertArrayNotHasKey('cameras', $plain);
        $above = $this->getJson("/api/compositions/$id/glimpse?frame=0&layers=camera&".self::query(self::ABOVE))->assertOk()->json('glimpse');
        self::assertCount(1, $above['list']['items']);
        self::assertSame('camera', $above['cameras'][0]['layer']);
        self::assertEqualsWithDelta(960, $above['cameras'][0]['eye'][0], 0.01);
        // Its values are its own.
        self::assertSame([960, 540], $above['inspections'][0]['values']['position']['value']);

        $lines = explode("\n", trim($this->get("/api/compositions/$id/frames?from=0&to=2&".self::query(self::ABOVE))->assertOk()->streamedContent()));
        self::assertSame($above['list']['items'], json_decode($lines[0], true)['items']);
    }

    public function test_what_is_tried_and_done_is_shown_from_there(): void
    {
        $id = $this->space();
        $drag = [
            'edit' => 'drag-in-space', 'args' => ['layers' => ['bar'], 'frame' => 0, 'vantage' => self::ABOVE, 'by' => [0, -30]],
            'show' => ['frame' => 0, 'vantage' => self::ABOVE],
        ];
        $before = $this->getJson("/api/compositions/$id")->json('document');
        $tried = $this->postJson("/api/compositions/$id/edits/try", $drag)->assertOk();
        self::assertCount(1, $tried->json('glimpse.list.items'));
        self::assertSame($before, $this->getJson("/api/compositions/$id")->json('document'));
        $revision = $this->getJson("/api/compositions/$id")->json('revision');
        $done = $this->postJson("/api/compositions/$id/edits", [...$drag, 'revision' => $revision])->assertOk();
        self::assertCount(1, $done->json('glimpse.list.items'));
        self::assertSame('move in space', $done->json('history.undo'));
        $after = array_column($this->getJson("/api/compositions/$id")->json('document.layers'), null, 'id');
        self::assertGreaterThan(150, $after['bar']['z']);
        self::assertSame([960, 540], $after['bar']['position']);
        self::assertCount(2, $after);
    }

    #[TestWith(['{'])]
    #[TestWith(['"above"'])]
    #[TestWith(['{"sight":"below"}'])]
    #[TestWith(['{"sight":"free","up":1e999}'])]
    #[TestWith(['{"sight":"above","zoom":-1}'])]
    #[TestWith(['{"sight":"above","more":1}'])]
    public function test_what_is_no_place_to_look_from_is_refused(string $vantage): void
    {
        $id = $this->space();
        $this->getJson("/api/compositions/$id/glimpse?frame=0&".self::query($vantage))->assertStatus(422);
        $this->getJson("/api/compositions/$id/frames?from=0&to=1&".self::query($vantage))->assertStatus(422);
    }

    public function test_films_of_a_camera_show_the_whole_picture(): void
    {
        $id = $this->space();
        $answer = $this->postJson("/api/compositions/$id/films", [
            'layer' => 'camera', 'role' => 'arrive', 'frame' => 0,
            'edits' => [['edit' => 'set-arrival', 'args' => [
                'layers' => ['camera'], 'phase' => ['length' => 20, 'moves' => [['move' => 'crane']]],
            ]]],
        ])->assertOk()->streamedContent();
        [$bounds, $film] = array_map(fn (string $line): array => json_decode($line, true), explode("\n", trim($answer)));
        self::assertSame([0, 0, 1920, 1080], $bounds['bounds']);
        // From above the floor is seen, which is seen from its edge at rest.
        self::assertCount(1, $film['lists'][0]['items']);
        self::assertSame([], end($film['lists'])['items']);
    }
}
