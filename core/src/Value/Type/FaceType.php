<?php

declare(strict_types=1);

namespace Ricamo\Core\Value\Type;

use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;
use Ricamo\Core\Value\Face;

/** A face of a font; empty for the one that words are set in anyway. It changes only at keyframes. */
final class FaceType implements NamesMedia
{
    public function name(): string
    {
        return 'face';
    }

    /** @throws Refusal for what is none */
    public function read(Node $node, ?float $least = null, ?float $most = null): string
    {
        $face = $node->string(70);

        return $this->plain($face, $least, $most) ?? $node->refuse(json_encode($face).' is not the id of a font');
    }

    public function plain(mixed $json, ?float $least, ?float $most): ?string
    {
        return is_string($json) && preg_match('/'.Face::TOLD.'/Du', $json) === 1 ? $json : null;
    }

    public function write(mixed $value): mixed
    {
        return $value;
    }

    public function mix(mixed $from, mixed $to, float $t): mixed
    {
        return $t >= 1 ? $to : $from;
    }

    public function shifted(mixed $value, mixed $from, mixed $to): mixed
    {
        return $to;
    }

    public function made(array $channels): mixed
    {
        return null;
    }

    public function travels(): bool
    {
        return false;
    }

    public function channels(mixed $value): array
    {
        return [];
    }

    public function swatch(mixed $value): ?string
    {
        return null;
    }

    public function axes(): array
    {
        return [];
    }

    public function takesSums(): bool
    {
        return false;
    }

    public function schema(?float $least, ?float $most): array
    {
        return ['type' => 'string', 'maxLength' => 70, 'pattern' => Face::TOLD];
    }

    public function media(mixed $value): ?string
    {
        return is_string($value) ? Face::media($value) : null;
    }

    public function usingMedia(mixed $value, array $ids): mixed
    {
        $media = $this->media($value);

        return $media === null ? $value : Face::ofMedia($ids[$media] ?? $media);
    }
}
