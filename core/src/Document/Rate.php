<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Attribute;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRate;

/** A frame rate. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Rate extends Field
{
    public function __construct()
    {
        parent::__construct('frames a second: "25", "30000/1001", or a whole number');
    }

    /** @throws Refusal for what is none */
    public function read(Node $node, string $type): FrameRate
    {
        try {
            return FrameRate::parse(is_int($node->value) ? (string) $node->value : $node->string());
        } catch (Refusal $refusal) {
            $node->refuse($refusal->getMessage());
        }
    }

    public function schema(string $type): array
    {
        return ['description' => $this->says, 'anyOf' => [
            ['type' => 'string', 'pattern' => '^[0-9]{1,9}(/[0-9]{1,9})?$'], ['type' => 'integer', 'minimum' => 1, 'maximum' => 1000],
        ]];
    }
}
