<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Exposure;
use Ricamo\Core\Document\Switches;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\All;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Json\Toggle;

/** Turns switches of layers on or off, chooses what is chosen there, and exposes them. What is not said stays as it is. */
final readonly class SetLayer implements CompositionEdit
{
    /**
     * @param  non-empty-list<string>  $layers
     * @param  array<string, mixed>  $changed  by its name; a shutter of null is the composition's
     */
    private function __construct(private array $layers, private array $changed)
    {
    }

    /** @param  non-empty-list<string>  $layers */
    public static function from(
        #[LayerIds] array $layers,
        #[All(of: Switches::class)] Node $switches,
        #[All(of: Exposure::class)] Node $exposure,
    ): self {
        $none = array_key_exists('shutter', $exposure->object()) ? ['shutter' => null] : [];

        return new self($layers, [
            ...Fields::of(Switches::class)->values($switches), ...$none, ...Fields::of(Exposure::class)->values($exposure),
        ]);
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($this->layers as $id) {
            $composition = $composition->replacing($composition->layer($id)->switched($this->changed));
        }

        return $composition;
    }

    public function title(): string
    {
        foreach ([...Fields::of(Switches::class)->all(), ...Fields::of(Exposure::class)->all()] as $name => $field) {
            if (array_key_exists($name, $this->changed) && $field instanceof Toggle) {
                return $field->title($this->changed[$name]);
            }
        }

        return 'change layer';
    }
}
