<?php

namespace Ricamo\Core\Effect;

use Ricamo\Core\Document\Attached;
use Ricamo\Core\Json\Node;

/** An effect as a layer has it. What its settings are stands among the properties of the layer. */
final readonly class PlacedEffect implements Attached
{
    /** The most that a layer has. */
    public const MOST = 100;

    /** @param  string  $id  by which the layer's properties say whose they are: `e1.radius` */
    public function __construct(public string $id, public Effect $effect, public bool $on = true)
    {
    }

    public static function read(Node $node): self
    {
        return new self(
            preg_match('/^e\d{1,6}$/', $node->field('id')->string(8)) ? $node->field('id')->string() : $node->field('id')->refuse('is not e and a number'),
            Effects::read($node->field('effect')),
            $node->optional('on')?->bool() ?? true,
        );
    }

    public function id(): string
    {
        return $this->id;
    }

    public function title(): string
    {
        return $this->effect->title();
    }

    public function section(): string
    {
        return 'Effects';
    }

    public function settings(): array
    {
        return $this->effect->settings();
    }

    public function fields(): array
    {
        return ['id' => 0, 'effect' => 0, 'on' => 0];
    }

    public function toJson(): array
    {
        return ['id' => $this->id, 'effect' => $this->effect->name(), ...($this->on ? [] : ['on' => false])];
    }
}
