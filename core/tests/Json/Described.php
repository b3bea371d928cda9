<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Json;

use Ricamo\Core\Display\Blend;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Name;
use Ricamo\Core\Json\Together;

/** Something with a field of every kind. */
final readonly class Described
{
    /** @param  list<string>  $ids */
    public function __construct(
        #[Field(like: '^[a-z0-9]+$')]
        public string $id,
        #[Field('colours along it', 2, 12, as: 'stops')]
        public int $count,
        #[Field(least: 0, most: 100, always: true)]
        public float $share = 60.0,
        #[Field(ref: 'Blend')]
        public Blend $blend = Blend::Normal,
        #[Field(longest: 3, fewest: 1, of: 'string')]
        public array $ids = ['own'],
        #[Field(oneOf: ['begin', 'end'])]
        public string $side = 'begin',
        #[Field]
        public ?Beside $inner = null,
        #[Name]
        public string $name = 'Own',
        #[Field]
        public bool $on = true,
        #[Together]
        public Beside $beside = new Beside,
    ) {
    }
}
