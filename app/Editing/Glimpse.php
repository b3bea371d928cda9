<?php

namespace App\Editing;

use App\Models\Media;
use Ricamo\Core\Document\Composition as Document;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Evaluate\Inspection;
use Ricamo\Core\Evaluate\Pose;
use Ricamo\Core\Evaluate\TextBlocks;
use Ricamo\Core\Json\Node;

/** What is asked to be shown after an edit: the display list at the playhead, where layers stand, what is selected. */
final readonly class Glimpse
{
    /**
     * @param  list<string>  $layers  whose values and threads are wanted
     * @param  array<string, true>  $known  keys of paths that the asker has
     */
    private function __construct(private int $frame, private array $layers, private array $known)
    {
    }

    /** @param  ?Node  $node an object with frame, and perhaps layers and known; null for frame 0 */
    public static function read(?Node $node): self
    {
        $strings = fn (string $field): array => array_map(
            fn (Node $item): string => $item->string(64),
            $node?->optional($field)?->items(2000) ?? [],
        );

        return new self(
            $node?->field('frame')->int(-Document::LONGEST, Document::LONGEST) ?? 0,
            $strings('layers'),
            array_fill_keys($strings('known'), true),
        );
    }

    /** @return array<string, mixed> */
    public function of(Document $document, MediaLibrary $media): array
    {
        $frame = max(0, min($this->frame, $document->range()->last()));
        $evaluator = new Evaluator($media, app(TextBlocks::class));
        $inspected = [];
        foreach ($document->layers as $layer) {
            if (in_array($layer->id, $this->layers, true)) {
                $inspected[] = Inspection::of($layer, $frame);
            }
        }

        return [
            'list' => $evaluator->frame($document, $frame)->toJson($this->known),
            'poses' => array_map(fn (Pose $pose): array => $pose->toJson(), $evaluator->poses($document, $frame)),
            'inspections' => $inspected,
        ];
    }

    /** @return array<string, mixed> */
    public function ofProject(Document $document, int $projectId): array
    {
        return $this->of($document, Media::libraryOf($projectId));
    }
}
