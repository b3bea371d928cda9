<?php

declare(strict_types=1);

namespace Ricamo\Core\Display\Filter;

use Ricamo\Core\Display\Operation;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Json\Text;

/** Every colour is multiplied by that of a picture in the same place, which is black where nothing is drawn; alpha stays. */
final readonly class Lit implements ByPicture
{
    /** @param  list<Operation>  $operations */
    public function __construct(private array $operations)
    {
    }

    public function operations(): array
    {
        return $this->operations;
    }

    public function by(array $operations): self
    {
        return new self($operations);
    }

    public function encode(): string
    {
        return '{"filter":"lit","items":'.Text::list(array_map(fn (Operation $one): string => $one->encode(), $this->operations)).'}';
    }

    public function placed(Affine $space): self
    {
        return $this;
    }

    public function reach(Box $box): Box
    {
        return $box;
    }
}
