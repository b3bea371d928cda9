<?php

namespace Ricamo\Core\Document;

use Ricamo\Core\Json\Node;
use Ricamo\Core\Json\Text;
use Ricamo\Core\Kind\Group\GroupContent;
use Ricamo\Core\Time\FrameRange;

/**
 * A layer and its JSON, of which one is at hand and the other made when it is asked for. What stays unread costs nothing
 * in a stack of hundreds, and what is the very same instance in two stacks has not been changed between them.
 */
final class StoredLayer
{
    private ?string $fingerprint = null;

    private ?string $group = null;

    private function __construct(
        public readonly string $id,
        public readonly FrameRange $span,
        private readonly bool $isStored,
        private ?Layer $layer,
        private ?string $json,
    ) {
    }

    public static function of(Layer $layer): self
    {
        return new self($layer->id, $layer->span, false, $layer, null);
    }

    /** @param  string  $json  what a layer that was read before has been written as; it is not checked until it is read */
    public static function stored(string $id, FrameRange $span, string $json): self
    {
        return new self($id, $span, true, null, $json);
    }

    public function layer(): Layer
    {
        return $this->layer ??= Layer::read(Node::decode((string) $this->json));
    }

    public function json(): string
    {
        return $this->json ??= Text::of($this->layer()->toJson());
    }

    /** Whether it may place another composition, so that what it shows depends on more than itself. */
    public function placesAnother(): bool
    {
        return $this->layer !== null ? $this->layer->placings() !== [] : str_contains((string) $this->json, '"composition":"');
    }

    public function isGroup(): bool
    {
        return $this->layer !== null ? $this->layer->content instanceof GroupContent : str_contains((string) $this->json, '"kind":"group"');
    }

    /** Whether what lies beneath it is changed by it. */
    public function adjusts(): bool
    {
        return $this->layer !== null ? $this->layer->kind->adjusts() : str_contains((string) $this->json, '"kind":"adjusting"');
    }

    /** The id of the group that it says to be in. */
    public function group(): ?string
    {
        if ($this->layer !== null) {
            return $this->layer->group;
        }
        // Looked for once, for it is asked of every layer of every stack.
        $this->group ??= str_contains((string) $this->json, '"group":"') && preg_match('/"group":"([^"]+)"/', (string) $this->json, $found) ? $found[1] : '';

        return $this->group === '' ? null : $this->group;
    }

    /** Whether what it shows depends on compositions, or on layers that are in no group with it. */
    public function dependsOnOthers(): bool
    {
        return $this->placesAnother() || str_contains($this->json(), '"form":"layer"');
    }

    /** By which it can be told whether something was worked out for this very layer; null for one that is not stored so far. */
    public function fingerprint(): ?string
    {
        return $this->isStored ? $this->fingerprint ??= hash('xxh128', (string) $this->json) : null;
    }
}
