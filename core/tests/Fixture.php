<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\MediaFacts;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Text\TextBlocks;
use Ricamo\Core\Time\FrameRate;

/** Short ways to the documents that tests are about. */
final class Fixture
{
    /**
     * @param  array<string, mixed>  $layers
     * @param  array<string, mixed>  $fields
     */
    public static function composition(array $layers = [], array $fields = []): Composition
    {
        return Composition::read(new Node([
            'id' => 'c1', 'name' => 'Test', 'width' => 1920, 'height' => 1080, 'rate' => '25/1', 'length' => 250,
            'layers' => $layers, ...$fields,
        ]));
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    public static function bar(array $fields = []): array
    {
        return ['id' => 'bar', 'kind' => 'shape', 'form' => 'rectangle', 'name' => 'Bar', 'in' => 0, 'out' => 100, ...$fields];
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    public static function words(array $fields = []): array
    {
        return ['id' => 'words', 'kind' => 'text', 'text' => 'Depot Nine', 'name' => 'Words', 'in' => 0, 'out' => 100, ...$fields];
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    public static function clip(array $fields = []): array
    {
        return ['id' => 'clip', 'kind' => 'footage', 'media' => 'm1', 'name' => 'Clip', 'in' => 0, 'out' => 100, ...$fields];
    }

    /**
     * Keyframes from [time, value, easing?, pin?].
     *
     * @param  array{int, mixed, 2?: string, 3?: string}  ...$keyframes
     * @return array{keyframes: list<array<string, mixed>>}
     */
    public static function keyframes(array ...$keyframes): array
    {
        return ['keyframes' => array_map(fn (array $keyframe): array => [
            'at' => $keyframe[0], 'value' => $keyframe[1], 'easing' => $keyframe[2] ?? 'linear', 'pin' => $keyframe[3] ?? 'start',
        ], array_values($keyframes))];
    }

    /** m1: 1920×1080 at 25, 300 frames, sounding; m2: 1080×1920 at 30000/1001, 90 frames, silent. */
    public static function media(): MediaLibrary
    {
        return MediaLibrary::of(
            new Media('m1', 'Street.mp4', 'street.mp4', new MediaFacts(1920, 1080, new FrameRate(25), 300, true)),
            new Media('m2', 'Portrait.mp4', 'portrait.mp4', new MediaFacts(1080, 1920, new FrameRate(30000, 1001), 90, false)),
        );
    }

    public static function evaluator(): Evaluator
    {
        return new Evaluator(self::media(), new TextBlocks(new SquareShaper));
    }

    /** @param  array<string, mixed>  $args */
    public static function edit(Composition $composition, string $edit, array $args): Composition
    {
        return Edits::apply(Edits::read(new Node(['edit' => $edit, 'args' => $args])), $composition, self::evaluator());
    }

    /** @return array<string, mixed> the layer's JSON after the edit */
    public static function json(Composition $composition, string $layer): array
    {
        return $composition->layer($layer)->toJson();
    }

    /** @param  array<string, mixed>  $fields */
    public static function layer(array $fields): Layer
    {
        return Layer::read(new Node($fields));
    }
}
