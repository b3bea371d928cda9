<?php

declare(strict_types=1);

namespace App\Editing;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Kept;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\Nesting;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Document\Stack;
use Ricamo\Core\Document\StoredComposition;
use Ricamo\Core\Document\StoredLayer;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Json\Text;
use Ricamo\Core\Refusal;

/** What a step changed, place by place: found by comparing, and turned back or done again on what the project is now. */
final class Parts
{
    /** @return list<Part> */
    public static function between(Project $before, Project $after): array
    {
        $parts = [];
        $add = function (ChangedPlace $place, string $of, string $layer, ?string $old, ?string $new) use (&$parts): void {
            if ($old !== $new) {
                $parts[] = Part::changed($place, $of, $layer, $old, $new);
            }
        };
        $add(ChangedPlace::Project, '', '', self::project($before), self::project($after));
        $add(ChangedPlace::Compositions, '', '', Text::of($before->compositions->ids()), Text::of($after->compositions->ids()));
        foreach ($after->media->changedFrom($before->media) as $media) {
            $add(ChangedPlace::Media, $media->id, '', self::media($before->media->get($media->id)), self::media($media));
        }
        foreach ($after->compositions->changedFrom($before->compositions) as $entry) {
            if (! $before->compositions->knows($entry->id)) {
                $add(ChangedPlace::Made, $entry->id, '', null, self::print($entry->composition()));

                continue;
            }
            [$old, $new] = [$before->compositions->entry($entry->id)->composition(), $entry->composition()];
            $add(ChangedPlace::Head, $entry->id, '', Text::of($old->headJson()), Text::of($new->headJson()));
            $add(ChangedPlace::Stack, $entry->id, '', Text::of($old->layers->ids()), Text::of($new->layers->ids()));
            foreach ($new->layers->changedFrom($old->layers) as $layer) {
                $add(ChangedPlace::Layer, $entry->id, $layer->id, ($old->layers->entries()[$layer->id] ?? null)?->json(), $layer->json());
            }
            foreach (array_diff($old->layers->ids(), $new->layers->ids()) as $gone) {
                $add(ChangedPlace::Layer, $entry->id, $gone, $old->layers->entries()[$gone]->json(), null);
            }
        }

        return $parts;
    }

    /**
     * @param  list<Part>  $parts  of one step
     *
     * @throws BuiltUpon where the project is not any more what the step made of it, there where it changed it
     */
    public static function turned(Project $now, array $parts, bool $isBack): Project
    {
        $after = $now;
        $layers = [];
        foreach ($parts as $part) {
            $value = $part->turned(self::value($now, $part), $isBack);
            match ($part->place) {
                ChangedPlace::Project => $after = self::withProject($after, Node::decode((string) $value)),
                ChangedPlace::Compositions => $after = self::withCompositions($after, json_decode((string) $value, true)),
                ChangedPlace::Media => $after = self::withMedia($after, $part->of, Node::decode((string) $value)),
                ChangedPlace::Head => $after = self::withHead($after, $part->of, Node::decode((string) $value)),
                ChangedPlace::Stack, ChangedPlace::Layer => $layers[$part->of][] = [$part, $value],
                ChangedPlace::Made => null,
            };
        }
        foreach ($layers as $composition => $changes) {
            $after = self::withLayers($after, (string) $composition, $changes);
            $after->compositions->entry((string) $composition)->composition()->checkLocks(
                $now->compositions->entry((string) $composition)->composition(),
            );
            Nesting::check($after->compositions->entry((string) $composition)->composition(), $after->library());
        }

        return $after;
    }

    private static function value(Project $project, Part $part): ?string
    {
        $composition = fn (): Composition => $project->compositions->entry($part->of)->composition();

        return match ($part->place) {
            ChangedPlace::Project => self::project($project),
            ChangedPlace::Compositions => Text::of($project->compositions->ids()),
            ChangedPlace::Media => self::media($project->media->get($part->of)),
            ChangedPlace::Head => Text::of($composition()->headJson()),
            ChangedPlace::Stack => Text::of($composition()->layers->ids()),
            ChangedPlace::Layer => ($composition()->layers->entries()[$part->layer] ?? null)?->json(),
            // What was made stays stored when that is undone; it goes out of sight by the order of the compositions.
            ChangedPlace::Made => $project->compositions->has($part->of) ? self::print($composition()) : null,
        };
    }

    private static function project(Project $project): string
    {
        return Text::of(['name' => $project->name, ...$project->kept->toJson()]);
    }

    private static function withProject(Project $project, Node $value): Project
    {
        return $project->with(['name' => $value->field('name')->name(), 'kept' => Kept::read($value)]);
    }

    /** @param  list<string>  $ids */
    private static function withCompositions(Project $project, array $ids): Project
    {
        if (array_filter($ids, fn (string $id): bool => ! $project->compositions->knows($id)) !== []) {
            throw new Refusal('what that would bring back has been erased for good');
        }

        return $project->with(['compositions' => $project->compositions->ordered($ids)]);
    }

    private static function media(Media $media): string
    {
        return Text::of(['name' => $media->name, 'folder' => (string) $media->folder, 'removed' => $media->removed]);
    }

    private static function withMedia(Project $project, string $id, Node $value): Project
    {
        $media = $project->media->get($id)->with([
            'name' => $value->field('name')->name(), 'folder' => $value->field('folder')->string() ?: null,
            'removed' => $value->field('removed')->bool(),
        ]);

        return $project->with(['media' => $project->media->replacing($media)]);
    }

    private static function withHead(Project $project, string $id, Node $value): Project
    {
        $composition = Composition::readHead($value, $project->compositions->entry($id)->composition()->layers);

        return $project->with(['compositions' => $project->compositions->with(StoredComposition::of($composition))]);
    }

    /** @param  list<array{Part, ?string}>  $changes */
    private static function withLayers(Project $project, string $id, array $changes): Project
    {
        $composition = $project->compositions->entry($id)->composition();
        $entries = $composition->layers->entries();
        $order = $composition->layers->ids();
        foreach ($changes as [$part, $value]) {
            if ($part->place === ChangedPlace::Stack) {
                $order = json_decode((string) $value, true);
            } elseif ($value === null) {
                unset($entries[$part->layer]);
            } else {
                $entries[$part->layer] = StoredLayer::of(Layer::read(Node::decode($value)));
            }
        }
        $stack = Stack::stored(...array_map(fn (string $layer): StoredLayer => $entries[$layer] ?? throw new BuiltUpon, $order));

        $stack->tree()->check($stack->entries());

        $ordered = StoredComposition::of($composition->withLayers($stack->inTreeOrder()));

        return $project->with(['compositions' => $project->compositions->with($ordered)]);
    }

    private static function print(Composition $composition): string
    {
        return Text::of(hash('xxh128', DocumentText::whole($composition)));
    }
}
