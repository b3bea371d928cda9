<?php

declare(strict_types=1);

namespace Ricamo\Core\Display\Filter;

use Ricamo\Core\Display\Operation;

/** A filter that makes of each colour another by that of a picture in the same place, so that it may be done before or afterwards. */
interface ByPicture extends Filter
{
    /** @return list<Operation> of that picture, in composition pixels */
    public function operations(): array;

    /**
     * The same by another picture.
     *
     * @param  list<Operation>  $operations
     */
    public function by(array $operations): self;
}
