<?php

declare(strict_types=1);

namespace Ricamo\Core\Display;

use Ricamo\Core\Display\Filter\ByPicture;
use Ricamo\Core\Display\Filter\Filter;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Json\Text;

/**
 * Operations drawn together on a clear sheet, which is filtered, cut out by a path and masked, and then laid over what is
 * beneath at one opacity.
 */
final readonly class Group implements Operation
{
    /**
     * @param  list<Operation>  $operations
     * @param  ?Outline  $clip  in composition pixels: what is outside of it is not seen
     * @param  list<Filter>  $filters  in order
     * @param  list<MaskPart>  $masks  in order; none for no mask
     */
    public function __construct(
        public array $operations,
        public float $opacity = 1.0,
        public ?Outline $clip = null,
        public array $filters = [],
        public array $masks = [],
        public Blend $blend = Blend::Normal,
    ) {
    }

    /**
     * Operations that fade as one: a lone one can carry the opacity itself.
     *
     * @param  list<Operation>  $operations
     * @return list<Operation>
     */
    public static function fade(array $operations, float $opacity): array
    {
        if ($opacity >= 1 || $operations === []) {
            return $operations;
        }

        return [count($operations) === 1 ? $operations[0]->faded($opacity) : new self($operations, $opacity)];
    }

    public function encode(): string
    {
        $items = '';
        foreach ($this->operations as $operation) {
            $items .= ($items === '' ? '' : ',').$operation->encode();
        }
        $opacity = round($this->opacity, 5);
        $isPlain = $this->clip === null && $this->filters === [] && $this->masks === [] && $this->blend === Blend::Normal;

        return $isPlain
            ? "{\"op\":\"group\",\"opacity\":$opacity,\"items\":[$items]}"
            : "{\"op\":\"group\",\"opacity\":$opacity,{$this->encodeMore()}\"items\":[$items]}";
    }

    /** The fields of what is done to it, each with a comma behind it. */
    private function encodeMore(): string
    {
        $encode = fn (Filter|MaskPart $one): string => $one->encode();
        $more = $this->clip === null ? '' : "\"clip\":\"{$this->clip->key}\",";
        if ($this->filters !== [] || $this->masks !== []) {
            $extent = $this->extent() ?? new Box(0, 0, 0, 0);
            $more .= '"extent":'.Text::list(array_map(fn (float $side): string => Text::number($side, 2), $extent->toJson())).',';
        }
        $more .= $this->filters === [] ? '' : '"filters":'.Text::list(array_map($encode, $this->filters)).',';
        $more .= $this->masks === [] ? '' : '"masks":'.Text::list(array_map($encode, $this->masks)).',';

        return $this->blend === Blend::Normal ? $more : "$more\"blend\":\"{$this->blend->value}\",";
    }

    public function faded(float $opacity): self
    {
        return new self($this->operations, $this->opacity * $opacity, $this->clip, $this->filters, $this->masks, $this->blend);
    }

    /**
     * The same of other operations.
     *
     * @param  list<Operation>  $operations
     */
    public function holding(array $operations): self
    {
        return new self($operations, $this->opacity, $this->clip, $this->filters, $this->masks, $this->blend);
    }

    /** The picture that is all there is in it, where that covers all that its path encloses, so that there is nothing else to do. */
    public function coveringImage(): ?Image
    {
        $image = $this->operations[0] ?? null;
        $isPlain = $this->filters === [] && $this->masks === [] && $this->blend === Blend::Normal && $this->opacity >= 1;
        $bounds = $this->clip?->bounds;
        if (
            ! $isPlain
            || count($this->operations) !== 1
            || ! $image instanceof Image
            || $image->opacity < 1
            || $bounds === null
            || abs($image->matrix->determinant()) < 1e-12
        ) {
            return null;
        }
        $seen = $image->matrix->inverse()->bounds($bounds);

        return $seen->left >= -1e-6
            && $seen->top >= -1e-6
            && $seen->right <= $image->size->width + 1e-6
            && $seen->bottom <= $image->size->height + 1e-6
            ? $image
            : null;
    }

    public function extent(): ?Box
    {
        $extent = DisplayList::extentOf($this->operations);
        if ($extent === null) {
            return null;
        }
        foreach ($this->filters as $filter) {
            $extent = $filter->reach($extent);
        }
        $bounds = $this->clip?->bounds;

        return $bounds === null ? $extent : $extent->intersection($bounds);
    }

    public function addPaths(array &$paths): void
    {
        if ($this->clip !== null) {
            $paths[$this->clip->key] = $this->clip->data;
        }
        foreach ($this->operations as $operation) {
            $operation->addPaths($paths);
        }
        foreach ([...$this->masks, ...$this->filters] as $part) {
            $others = match (true) {
                $part instanceof MaskPart => $part->operations,
                $part instanceof ByPicture => $part->operations(),
                default => [],
            };
            foreach ($others as $operation) {
                $operation->addPaths($paths);
            }
        }
    }
}
