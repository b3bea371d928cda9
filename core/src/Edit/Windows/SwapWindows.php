<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Windows;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Misfit;
use Ricamo\Core\Kind\Playing\Ramp;
use Ricamo\Core\Kind\Window\WindowContent;
use Ricamo\Core\Refusal;

/** Has two windows show what the other one shows, under its name, from the same frame on; each in its place, unmoved. */
final readonly class SwapWindows implements CompositionEdit
{
    private const FRAMING = ['pan', 'zoom', 'turn', 'level', Ramp::PROPERTY];

    /** @param  non-empty-list<string>  $layers */
    private function __construct(private array $layers)
    {
    }

    /**
     * @param  non-empty-list<string>  $layers
     *
     * @throws Refusal where its arguments do not go together
     */
    public static function from(
        #[LayerIds] array $layers,
    ): self {
        return count($layers) === 2 ? new self($layers) : throw new Misfit('layers', 'must be two windows');
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        [$one, $other] = array_map($composition->layer(...), [$this->layers[0], $this->layers[1] ?? '']);

        return $composition->replacing(self::showing($one, $other))->replacing(self::showing($other, $one));
    }

    public function title(): string
    {
        return 'swap windows';
    }

    private static function showing(Layer $window, Layer $other): Layer
    {
        foreach ([$window, $other] as $layer) {
            if (! $layer->content instanceof WindowContent) {
                throw new Refusal("“{$layer->name}” is no window");
            }
        }
        assert($window->content instanceof WindowContent && $other->content instanceof WindowContent);

        return $window->with([
            'name' => $other->name,
            'content' => $window->content->showing($other->content->shown),
            'properties' => [...$window->properties, ...array_intersect_key($other->properties, array_flip(self::FRAMING))],
        ]);
    }
}
