<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Light;

use Ricamo\Core\Document\GivesLight;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\Light;
use Ricamo\Core\Document\LightSource;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Kind\SaysIdle;
use Ricamo\Core\Property\References;

/** From where light comes: the rest are values that change in time. */
final readonly class LightContent implements GivesLight, SaysIdle
{
    public function __construct(private LightSource $source)
    {
    }

    public function source(): LightSource
    {
        return $this->source;
    }

    public function idle(Layer $layer, MediaLibrary $media): array
    {
        return Light::idle($this->source);
    }

    public function toJson(): array
    {
        return ['source' => $this->source->value];
    }

    public function refersTo(): References
    {
        return new References;
    }
}
