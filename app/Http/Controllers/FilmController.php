<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\JsonBody;
use App\Models\CompositionRow;
use Illuminate\Http\Request;
use Ricamo\Core\Cascade\Role;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Handle\EffectSamples;
use Ricamo\Core\Handle\Films;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Json\Text;
use Ricamo\Core\Refusal;
use Symfony\Component\HttpFoundation\StreamedResponse;

/**
 * What a layer would do by each of several edits, as small films of it alone: a line of JSON for each, in their order, after one
 * that says what the layer takes up where it rests. Nothing is changed.
 */
final class FilmController
{
    private const MOST = 100;

    public function __invoke(Request $request, int $composition): StreamedResponse
    {
        $found = CompositionRow::present()->findOrFail($composition);
        $body = JsonBody::of($request);
        $document = $found->read();
        $evaluator = $found->evaluator();
        $layer = $document->layer($body->field('layer')->string());
        $role = $body->field('role')->enum(Role::class);
        $frame = $body->field('frame')->int(0, $document->length);
        $edits = $body->field('edits')->items(self::MOST);
        $still = $body->optional('still')?->number(0, 1);

        return new StreamedResponse(function () use ($document, $evaluator, $layer, $role, $frame, $edits, $still): void {
            self::send(['bounds' => Text::of(self::bounds($layer, $document, $frame, $evaluator)->toJson())]);
            $known = [];
            foreach ($edits as $edit) {
                try {
                    $after = self::after($edit, $document, $evaluator);
                    $done = $after->layer($layer->id);
                    $range = Films::range($done, $role, $frame);
                    $lists = [];
                    $pictures = Films::of($done, $after, $range, $evaluator);
                    foreach ($pictures as $list) {
                        // A path is told once.
                        $lists[] = $list->encode($known);
                        $known += array_map(fn (): bool => true, $list->paths());
                    }
                    self::send([
                        'range' => "[$range->in,{$range->last()}]", 'still' => (string) Films::still($pictures, $role, $still),
                        'lists' => '['.implode(',', $lists).']',
                    ]);
                } catch (Refusal $refusal) {
                    self::send(['refused' => Text::of($refusal->getMessage())]);
                }
            }
        }, 200, ['Content-Type' => 'application/x-ndjson']);
    }

    /** @throws Refusal where it cannot be done */
    private static function after(Node $asked, Composition $before, Evaluator $evaluator): Composition
    {
        $edit = Edits::read($asked);
        if (! $edit instanceof CompositionEdit) {
            throw new Refusal('only what is done within a composition can be tried');
        }

        return Edits::apply(Edits::settled($edit, $before), $before, $evaluator);
    }

    private static function bounds(Layer $layer, Composition $composition, int $frame, Evaluator $evaluator): Box
    {
        return Films::areOfAll($layer)
            ? new Box(0, 0, $composition->width, $composition->height)
            : $evaluator->pose($layer, $composition, EffectSamples::seenAt($layer, $composition, $frame))->bounds();
    }

    /** @param  array<string, string>  $fields  JSON by name */
    private static function send(array $fields): void
    {
        echo Text::object($fields)."\n";
        flush();
    }
}
