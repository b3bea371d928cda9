<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Cascades;

use Ricamo\Core\Cascade\PlacedCascade;
use Ricamo\Core\Cascade\Role;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Refusal;

/**
 * Pulls the inner end of a cascade by so many frames, more than nought for later: one that arrives takes longer then, one that
 * leaves shorter. One that mirrors another has that one's length.
 */
final readonly class PullCascade implements CompositionEdit
{
    public function __construct(
        #[Id] private string $layer,
        #[Field(longest: 8)] private string $cascade,
        #[Field(least: -PlacedCascade::LONGEST, most: PlacedCascade::LONGEST)] private int $by,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $layer = $composition->layer($this->layer);
        $all = array_column(array_map(fn (PlacedCascade $one): array => [$one->id, $one], $layer->attached->cascades), 1, 0);
        $pulled = $all[$this->cascade] ?? throw new Refusal("“{$layer->name}” has no cascade \"{$this->cascade}\"");
        $whose = $pulled->mirrors === null
            ? $pulled
            : $all[$pulled->mirrors] ?? throw new Refusal('What this cascade mirrors is not there');
        $leaves = $pulled->mirrors !== null || $pulled->role === Role::Leave;
        $length = max(1, min(PlacedCascade::LONGEST, $whose->length + ($leaves ? -$this->by : $this->by)));
        $all[$whose->id] = $whose->with(['length' => $length]);

        return $composition->replacing($layer->attaching(['cascades' => array_values($all)]));
    }

    public function title(): string
    {
        return 'length of cascade';
    }
}
