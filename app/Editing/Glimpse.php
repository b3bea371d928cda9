<?php

declare(strict_types=1);

namespace App\Editing;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Evaluate\Glance;
use Ricamo\Core\Evaluate\Inspection;
use Ricamo\Core\Evaluate\Look;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Guide\Guide;
use Ricamo\Core\Guide\Lines;
use Ricamo\Core\Handle\Held;
use Ricamo\Core\Handle\PlacedLights;
use Ricamo\Core\Handle\Touched;
use Ricamo\Core\Handle\Vantage;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Json\Text;
use Ricamo\Core\Time\FrameRange;

/** What is asked to be shown after an edit: the display list at the playhead, where layers stand, what is selected. */
final readonly class Glimpse
{
    /**
     * @param  list<string>  $layers  whose values and threads are wanted
     * @param  array<string, true>  $known  keys of paths that the asker has
     * @param  list<string>  $aligned  layers whose alignment is wanted, as one
     * @param  bool  $sized  whether it is wanted too what is as large as they are
     * @param  ?string  $through  a window beyond whose edges is to be seen what is in it
     * @param  ?Vantage  $vantage  from where it is looked at instead of through its cameras
     * @param  ?array{string, string}  $held  a layer, and what of it is moved by itself: its alignment is wanted
     */
    private function __construct(
        private int $frame, private array $layers, private array $known, private array $aligned, private bool $sized,
        private ?string $through, private ?array $held, private ?Vantage $vantage,
    ) {
    }

    /** @param  ?Node  $node an object with frame, and perhaps layers, known, aligned, sized, through, held and vantage; null for frame 0 */
    public static function read(?Node $node): self
    {
        $strings = fn (string $field): array => array_map(
            fn (Node $item): string => $item->string(64),
            $node?->optional($field)?->items(2000) ?? [],
        );

        return new self(
            $node?->field('frame')->int(-Composition::LONGEST, Composition::LONGEST) ?? 0,
            $strings('layers'),
            array_fill_keys($strings('known'), true),
            $strings('aligned'),
            $node?->optional('sized')?->bool() ?? false,
            $node?->optional('through')?->string(64) ?: null,
            ($held = $node?->optional('held')) === null ? null : [
                $held->field('layer')->string(64), $held->field('part')->string(64),
            ],
            ($vantage = $node?->optional('vantage')) === null ? null : Vantage::read($vantage),
        );
    }

    /** JSON, because most of it is written thousands of times. */
    public function of(Composition $document, Evaluator $evaluator): string
    {
        $frame = max(0, min($this->frame, $document->range()->last()));
        $seen = $this->vantage?->seen($document) ?? $document;
        $inspected = [];
        $wanted = array_fill_keys($this->layers, true);
        foreach (array_intersect_key($document->layers->entries(), $wanted) as $entry) {
            $layer = $entry->layer();
            $inspected[] = [
                ...Inspection::of($layer, $frame, $document->rate, $evaluator->media),
                'seen' => self::frames($document->onAir($layer)?->intersection($document->range())),
                ...($layer->attached->cascades === [] ? [] : ['cascades' => $evaluator->cascades($layer, $document)]),
                ...(count($this->layers) === 1 ? Touched::of($layer, $seen, $frame, $evaluator) : []),
            ];
        }
        $look = $evaluator->look($seen, $frame, $this->known);

        return Text::object([
            'list' => $look->list(),
            'poses' => $look->poses(),
            'missing' => $look->missing(),
            'bands' => $look->bands(),
            ...($this->through === null ? [] : ['beyond' => $evaluator->beyond($document, $this->through, $frame)->encode($this->known)]),
            ...($document->lights() === null ? [] : ['lights' => Text::of(PlacedLights::of($document, $frame, $this->vantage))]),
            ...($this->vantage === null ? [] : ['cameras' => Text::of($this->vantage->cameras($document, $frame))]),
            'inspections' => Text::of($inspected),
            'guides' => Text::of(array_map(
                fn (Guide $guide): array => $guide->toJson(), $this->guides($look, $document, $evaluator, $frame),
            )),
        ]);
    }

    /** @return ?array{int, int} the first and the last of them; null for none */
    private static function frames(?FrameRange $range): ?array
    {
        return $range === null ? null : [$range->in, $range->last()];
    }

    /** @return list<Guide> */
    private function guides(Look $look, Composition $document, Evaluator $evaluator, int $frame): array
    {
        $layer = $this->held === null ? null : $document->layers->get($this->held[0]);
        if ($layer !== null && $this->held !== null) {
            return Held::find($layer, $this->held[1], $document, $frame, $evaluator)?->guides($document, $frame, $evaluator) ?? [];
        }
        $bounds = array_map(
            fn (Glance $glance): Box => $glance->bounds,
            array_intersect_key($look->glances, array_fill_keys($this->aligned, true)),
        );
        if ($bounds === []) {
            return [];
        }
        $lines = Lines::of($document, $evaluator, $frame, $this->aligned);
        $whole = array_reduce($bounds, fn (Box $all, Box $one): Box => $all->union($one), reset($bounds));

        return [...$lines->touching($whole), ...($this->sized ? $lines->equal($whole) : [])];
    }
}
