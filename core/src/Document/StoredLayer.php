<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Json\Node;
use Ricamo\Core\Json\Text;
use Ricamo\Core\Time\FrameRange;

/**
 * A layer and its JSON, of which one is at hand and the other made when it is asked for. What stays unread costs nothing
 * in a stack of hundreds, and what is the very same instance in two stacks has not been changed between them.
 */
final class StoredLayer
{
    private ?string $fingerprint = null;

    private function __construct(
        public readonly string $id,
        public readonly FrameRange $span,
        public readonly LayerFacts $facts,
        private readonly bool $isStored,
        private ?Layer $layer,
        private ?string $json,
    ) {
    }

    public static function of(Layer $layer): self
    {
        return new self($layer->id, $layer->span, $layer->facts(), false, $layer, null);
    }

    /**
     * @param  LayerFacts  $facts  that the layer told when it was written
     * @param  string  $json  what a layer that was read before has been written as; it is not checked until it is read
     */
    public static function stored(string $id, FrameRange $span, LayerFacts $facts, string $json): self
    {
        return new self($id, $span, $facts, true, null, $json);
    }

    public function layer(): Layer
    {
        return $this->layer ??= Layer::read(Node::decode((string) $this->json));
    }

    public function json(): string
    {
        return $this->json ??= Text::of($this->layer()->toJson());
    }

    /** By which it can be told whether something was worked out for this very layer; null for one that is not stored so far. */
    public function fingerprint(): ?string
    {
        return $this->isStored ? $this->fingerprint ??= hash('xxh128', (string) $this->json) : null;
    }
}
