<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Time;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frames;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Kind\Playing\Played;
use Ricamo\Core\Refusal;

/**
 * Shows a part of what plays in layers that is `by` frames later, while the layers stay where they are in time. It cannot
 * begin before its beginning.
 */
final readonly class SlipLayers implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    private function __construct(private array $layers, private int $by)
    {
    }

    /** @param  non-empty-list<string>  $layers */
    public static function from(
        #[LayerIds] array $layers,
        #[Frames] float $by,
    ): self {
        return new self($layers, (int) round($by));
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $slipped = $composition;
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            $content = $layer->content;
            if ($content instanceof Played) {
                $by = max($this->by, -$content->room($composition->rate, $evaluator->media));
                $slipped = $slipped->replacing($layer->withContent($content->begunLater($by, $composition->rate, $evaluator->media)));
            }
        }

        return $slipped !== $composition ? $slipped : throw new Refusal('nothing plays in what is selected');
    }

    public function title(): string
    {
        return 'slip';
    }
}
