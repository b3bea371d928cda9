<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Cascades;

use Ricamo\Core\Cascade\Cascades;
use Ricamo\Core\Cascade\PlacedCascade;
use Ricamo\Core\Cascade\ReadyCascade;
use Ricamo\Core\Cascade\Role;
use Ricamo\Core\Cascade\Timing;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\FreeId;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Property\AttachedSettings;
use Ricamo\Core\Refusal;

/**
 * Gives layers a cascade that is ready to use, paced by how many units they have; an accent begins on a `frame` of the
 * composition. One that leaves takes the place of another that does, and so does one that arrives, unless it is `added`.
 */
final readonly class AddCascade implements CompositionEdit
{
    /** The most of a layer's time that arriving or leaving takes where nothing is said. */
    private const SHARE = 0.45;

    /** The longest in seconds. */
    private const LONGEST = 3.0;

    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Field(of: Cascades::class)] private ReadyCascade $cascade,
        #[Frame] private ?int $frame = null,
        #[Field] private bool $added = false,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            $possible = $layer->units();
            if ($possible === []) {
                throw new Refusal("“{$layer->name}” has no units to be spread over; words, groups, repeated shapes and what is cut into patches have");
            }
            $kept = $this->added ? $layer->attached->cascades : $this->others($layer);
            $id = FreeId::of('c', $layer->attached->cascades);
            $example = $this->cascade->example($possible[0], ...$possible);
            $count = $evaluator->units($layer, $composition, $example);
            $size = $evaluator->unitSize($layer, $composition);
            $length = $this->length($layer, $count, $composition->rate->perSecond());
            $at = $this->cascade->role === Role::Accent ? ($this->frame ?? $layer->span->in) - $layer->span->in : 0;
            [$added, $settings] = AttachedSettings::read(
                new Node([$this->cascade->placed($id, $possible[0], $possible, $size, $length, $at)]), 1, PlacedCascade::read(...),
            );
            $composition = $composition->replacing($layer->having(['cascades' => [...$kept, ...$added]], $settings));
        }

        return $composition;
    }

    public function title(): string
    {
        return 'cascade: '.lcfirst($this->cascade->title);
    }

    /** @return list<PlacedCascade> those that it does not take the place of; what mirrored one of these goes with it */
    private function others(Layer $layer): array
    {
        $role = $this->cascade->role;
        $kept = array_values(array_filter(
            $layer->attached->cascades, fn (PlacedCascade $one): bool => $role === Role::Accent || $one->role !== $role,
        ));
        $ids = array_map(fn (PlacedCascade $one): string => $one->id, $kept);

        return array_values(array_filter(
            $kept, fn (PlacedCascade $one): bool => $one->mirrors === null || in_array($one->mirrors, $ids, true),
        ));
    }

    /** In frames. */
    private function length(Layer $layer, int $units, float $perSecond): int
    {
        $own = Timing::whole($this->cascade->each * $perSecond, $this->cascade->overlap(), $units);

        return max(1, (int) round(min($own, self::LONGEST * $perSecond, self::SHARE * $layer->span->length())));
    }
}
