<?php

declare(strict_types=1);

namespace App\Demo;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Json\Node;

/** Collects the layers of a composition that is written in code. */
final class Stage
{
    /** @var list<array<string, mixed>> */
    private array $layers = [];

    public function __construct(
        private readonly string $name,
        private readonly string $rate,
        public readonly int $length,
        private readonly string $background,
        private readonly int $width = 1920,
        private readonly int $height = 1080,
    ) {
    }

    /** @param  array<string, mixed>  $fields */
    public function add(string $kind, string $name, array $fields): void
    {
        $this->layers[] = [
            'id' => 'l'.(count($this->layers) + 1), 'kind' => $kind, 'name' => $name, 'in' => 0, 'out' => $this->length, ...$fields,
        ];
    }

    /**
     * @param  mixed  $place  a position, or its keyframes
     * @param  array<string, mixed>  $more
     */
    public function rectangle(string $name, mixed $place, float $width, float $height, string $fill, array $more = []): void
    {
        $this->add('shape', $name, ['form' => 'rectangle', 'position' => $place, 'size' => [$width, $height], 'fill' => $fill, ...$more]);
    }

    /** @param  array<string, mixed>  $more */
    public function ellipse(string $name, mixed $place, float $width, float $height, string $fill, array $more = []): void
    {
        $this->add('shape', $name, ['form' => 'ellipse', 'position' => $place, 'size' => [$width, $height], 'fill' => $fill, ...$more]);
    }

    /**
     * Keyframes from the first frame to the last.
     *
     * @return array{keyframes: list<array<string, mixed>>}
     */
    public function throughout(mixed $from, mixed $to, string $easing = 'linear'): array
    {
        return ['keyframes' => [['at' => 0, 'value' => $from, 'easing' => $easing], ['at' => $this->length, 'value' => $to]]];
    }

    /** @param  list<array<string, mixed>>  $markers */
    public function composition(array $markers = []): Composition
    {
        return Composition::read(new Node([
            'id' => 'composition', 'name' => $this->name, 'width' => $this->width, 'height' => $this->height,
            'rate' => $this->rate, 'length' => $this->length, 'background' => $this->background, 'markers' => $markers,
            'layers' => $this->layers,
        ]));
    }
}
