<?php

declare(strict_types=1);

namespace Ricamo\Core\Property;

use Ricamo\Core\Json\Node;
use Ricamo\Core\Value\Type\ValueType;

/**
 * What a property of a layer is: its type, what it is when nothing is said, its range (of each number in it), and how it
 * is shown. Fields, threads, the published schema and the tables of the documents are all made from these.
 */
final readonly class PropertyDefinition
{
    /**
     * @param  string  $title  as the interface calls it
     * @param  ?Section  $section  the part of the Sheet that it stands in; null for a setting of something that stands in one itself
     * @param  string  $unit  of its numbers, such as `px`, `%` or `°`
     * @param  float  $step  what one step of the arrow keys or of scrubbing changes
     * @param  ?string  $leastCalled  what its least value is called, where that is no amount
     * @param  bool  $rare  whether documents leave it out where it is what it is when nothing is said
     * @param  ?string  $hint  what its name alone does not tell, such as which way is positive
     * @param  bool  $isFactor  whether a whole animation of it is changed by multiplying, so that what is nothing stays nothing
     */
    public function __construct(
        public string $name,
        public ValueType $type,
        public mixed $default,
        public ?float $least = null,
        public ?float $most = null,
        public string $title = '',
        public ?Section $section = null,
        public string $unit = '',
        public float $step = 1.0,
        public bool $rare = false,
        public ?string $leastCalled = null,
        public bool $isFactor = false,
        public ?string $hint = null,
    ) {
    }

    public function read(Node $node): mixed
    {
        return $this->type->read($node, $this->least, $this->most);
    }

    /** @return array<string, mixed> what an interface has to know of it */
    public function describe(): array
    {
        return [
            'name' => $this->name,
            'type' => $this->type->name(),
            'default' => $this->type->write($this->default),
            'least' => $this->least,
            'leastCalled' => $this->leastCalled,
            'most' => $this->most,
            'title' => $this->title,
            'section' => $this->section?->value,
            'unit' => $this->unit,
            'step' => $this->step,
            'axes' => $this->type->axes(),
            'hint' => $this->hint,
        ];
    }
}
