<?php

declare(strict_types=1);

namespace Ricamo\Core\Display\Filter;

use Ricamo\Core\Display\Operation;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Json\Text;

/**
 * A filter that makes of each colour another by that of a picture in the same place, so that it may be done before or afterwards.
 * Alpha stays.
 */
abstract readonly class ByPicture implements Filter
{
    /** @param  list<Operation>  $operations  of that picture, in composition pixels */
    final public function __construct(private array $operations)
    {
    }

    /** What display lists call it. */
    abstract protected static function name(): string;

    /** @return list<Operation> of that picture, in composition pixels */
    public function operations(): array
    {
        return $this->operations;
    }

    /**
     * The same by another picture.
     *
     * @param  list<Operation>  $operations
     */
    public function by(array $operations): static
    {
        return new static($operations);
    }

    public function encode(): string
    {
        $items = Text::list(array_map(fn (Operation $one): string => $one->encode(), $this->operations));

        return '{"filter":"'.static::name()."\",\"items\":$items}";
    }

    public function placed(Affine $space): static
    {
        return $this;
    }

    public function reach(Box $box): Box
    {
        return $box;
    }
}
