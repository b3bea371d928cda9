<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CompositionRow;
use App\Models\MediaRow;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** Layers that are pasted into another project bring along what they show. */
final class AlongTest extends TestCase
{
    private CompositionRow $from;

    private CompositionRow $to;

    private MediaRow $clip;

    protected function setUp(): void
    {
        parent::setUp();
        [$this->from, $this->to] = [$this->composition(), $this->composition()];
        $this->clip = $this->takeIn($this->from->project, $this->clipFile(), 'Straße.mp4');
        $this->edit($this->from, 'add-layer', ['layer' => ['kind' => 'footage', 'media' => $this->clip->key(), 'id' => 'clip']])->assertOk();
        $this->addBar($this->from, [
            'id' => 'bar', 'gradients' => [['of' => 'fill', 'form' => 'picture', 'media' => $this->clip->key()]],
        ])->assertOk();
    }

    /** @return list<mixed> the layers as they are copied */
    private function copied(): array
    {
        return $this->document($this->from)['layers'];
    }

    /** @param  list<mixed>  $layers */
    private function along(array $layers, ?CompositionRow $into = null): TestResponse
    {
        return $this->postJson('/api/projects/'.($into ?? $this->to)->project_id.'/media/along', ['layers' => $layers]);
    }

    /** @param  array<string, string>  $media */
    private function paste(array $media): TestResponse
    {
        return $this->edit($this->to->refresh(), 'paste-layers', ['layers' => $this->copied(), 'media' => array_map(
            fn (string $old, string $new): array => ['media' => $old, 'by' => $new], array_keys($media), $media,
        )], $this->to->revision);
    }

    public function test_what_they_show_is_in_the_project_once_and_drawn(): void
    {
        $brought = $this->along($this->copied())->assertOk()->json('media');
        self::assertSame([$this->clip->key()], array_keys($brought));
        $this->paste($brought)->assertOk();
        $this->work();
        $own = MediaRow::query()->where('project_id', $this->to->project_id)->get();
        self::assertSame(
            [['Straße.mp4', $this->clip->hash, 'ready', (string) end($brought)]],
            $own->map(fn (MediaRow $one): array => [$one->name, $one->hash, $one->state, $one->key()])->all(),
        );
        $layers = $this->document($this->to)['layers'];
        $id = $own->sole()->key();
        self::assertSame([$id, $id], [$layers[0]['media'] ?? null, $layers[1]['gradients'][0]['media'] ?? null]);
        $this->get("/api/compositions/{$this->to->id}/poster")->assertOk();
        // Again, it is the same.
        self::assertSame($brought, $this->along($this->copied())->json('media'));
        self::assertSame(1, MediaRow::query()->where('project_id', $this->to->project_id)->count());
    }

    public function test_what_was_removed_is_back_and_nothing_is_brought_to_where_it_is(): void
    {
        $brought = $this->along($this->copied())->json('media');
        $this->editProject($this->to->project, 'remove-media', ['media' => array_values($brought)])->assertOk();
        self::assertSame($brought, $this->along($this->copied())->json('media'));
        $this->paste($brought)->assertOk();
        self::assertSame([], $this->along($this->copied(), $this->from)->assertOk()->json('media'));
    }

    public function test_what_is_not_on_this_server_is_refused_and_brings_nothing(): void
    {
        $layer = ['id' => 'x', 'kind' => 'footage', 'name' => 'X', 'in' => 0, 'out' => 5, 'media' => 'm99999'];
        $this->along([...$this->copied(), $layer])->assertStatus(422)->assertJsonPath(
            'message', 'the layers use media that are not on this server',
        );
        $this->along([['kind' => 'footage']])->assertStatus(422);
        $this->along(['no layer'])->assertStatus(422);
        $this->postJson('/api/projects/999/media/along', ['layers' => []])->assertNotFound();
        self::assertSame(0, MediaRow::query()->where('project_id', $this->to->project_id)->count());
        // Without being brought, they are refused by name.
        $this->paste([])->assertStatus(422);
    }

    public function test_pasting_is_one_step_to_undo_and_what_came_along_stays(): void
    {
        $this->paste($this->along($this->copied())->json('media'))->assertOk();
        $this->postJson("/api/compositions/{$this->to->id}/undo", ['revision' => $this->to->refresh()->revision])->assertOk();
        self::assertSame([], $this->document($this->to->refresh())['layers']);
        self::assertSame(1, MediaRow::query()->where('project_id', $this->to->project_id)->whereNull('removed_at')->count());
    }
}
