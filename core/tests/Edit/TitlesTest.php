<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Json\Node;

/** What undo and redo call an edit, where that depends on what it does. */
final class TitlesTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, mixed>}> the edit, and its arguments, by the title */
    public static function titles(): iterable
    {
        $one = ['layers' => ['a']];
        $two = ['layers' => ['a', 'b']];
        $at = ['layer' => 'a', 'frame' => 0];
        $key = fn (array $of, array ...$what): array => [...$of, 'frame' => 0, ...array_merge(...$what)];
        yield 'add keyframe' => ['add-keyframe', $key($one, ['property' => 'opacity'])];
        yield 'add keyframes' => ['add-keyframe', $key($two, ['property' => 'opacity'])];
        yield 'add keyframes of several properties' => ['add-keyframe', $key($one, ['properties' => ['opacity', 'scale']])];
        yield 'make path smooth' => ['smooth-path', ['keyframes' => [['layer' => 'a', 'property' => 'position', 'frames' => [0]]]]];
        yield 'make path sharp' => [
            'smooth-path', ['keyframes' => [['layer' => 'a', 'property' => 'position', 'frames' => [0]]], 'sharp' => true],
        ];
        yield 'move marker' => ['change-marker', ['marker' => 0, 'to' => 5]];
        yield 'change marker' => ['change-marker', ['marker' => 0, 'name' => 'Bell']];
        yield 'add marker' => ['add-markers', ['markers' => [['frame' => 3]]]];
        yield 'add markers' => ['add-markers', ['markers' => [['frame' => 3], ['frame' => 4]]]];
        yield 'remove marker' => ['remove-markers', ['frames' => [3]]];
        yield 'remove markers' => ['remove-markers', ['frames' => [3, 4]]];
        yield 'remove markers, all of them' => ['remove-markers', []];
        yield 'remove layer' => ['remove-layers', $one];
        yield 'remove layers' => ['remove-layers', $two];
        yield 'duplicate layer' => ['duplicate-layers', $one];
        yield 'duplicate layers' => ['duplicate-layers', $two];
        yield 'split layer' => ['split-layers', [...$one, 'at' => 5]];
        yield 'split layers' => ['split-layers', [...$two, 'at' => 5]];
        yield 'look at all layers' => ['look-alone', ['layers' => []]];
        yield 'look at layers alone' => ['look-alone', $one];
        yield 'change words' => ['set-content', ['layer' => 'a', 'content' => ['text' => 'Depot']]];
        yield 'set typeface' => ['set-typeface', ['layers' => ['a'], 'typeface' => 'wide-bold', 'frame' => 0]];
        yield 'change content' => ['set-content', ['layer' => 'a', 'content' => ['font' => 'karla-bold']]];
        yield 'no arrival' => ['set-arrival', [...$one, 'phase' => null]];
        yield 'arrive' => ['set-arrival', [...$one, 'phase' => ['moves' => [['move' => 'fade']]]]];
        yield 'no leaving' => ['set-leaving', [...$one, 'phase' => null]];
        yield 'leave' => ['set-leaving', [...$one, 'phase' => ['moves' => [['move' => 'fade']]]]];
        yield 'mirror to leave' => ['set-leaving', [...$one, 'phase' => ['mirror' => true]]];
        yield 'set accents' => ['set-accents', [...$one, 'accents' => []]];
        yield 'add accent' => ['set-accents', [...$one, 'add' => ['accent' => 'pulse', 'at' => 3]]];
        yield 'length of arrival' => ['pull-phase', ['layer' => 'a', 'side' => 'arrive', 'by' => 3]];
        yield 'length of leaving' => ['pull-phase', ['layer' => 'a', 'side' => 'leave', 'by' => 3]];
        yield 'place' => ['align-layers', $key($one, ['x' => 'start', 'y' => 'end'])];
        yield 'align' => ['align-layers', $key($one, ['x' => 'start'])];
        yield 'align along y' => ['align-layers', $key($one, ['y' => 'start'])];
        yield 'fit to the frame' => ['frame-layers', $key($one, ['as' => 'fit'])];
        yield 'stretch to the frame' => ['frame-layers', $key($one, ['as' => 'stretch'])];
        yield 'across the cut' => ['cross-cut', ['layers' => ['a', 'b'], 'phase' => ['moves' => [['move' => 'fade']]]]];
        yield 'plain cut' => ['cross-cut', ['layers' => ['a', 'b'], 'phase' => null]];
        yield 'set opacity' => ['set-values', ['frame' => 0, 'values' => [['layer' => 'a', 'property' => 'opacity', 'value' => 1]]]];
        yield 'set outline width' => [
            'set-values', ['frame' => 0, 'values' => [['layer' => 'a', 'property' => 'outlineWidth', 'value' => 1]]],
        ];
        yield 'set values' => ['set-values', ['frame' => 0, 'values' => [
            ['layer' => 'a', 'property' => 'opacity', 'value' => 1], ['layer' => 'a', 'property' => 'rotation', 'value' => 1],
        ]]];
        yield 'separate x and y' => ['set-axes', [...$one, 'apart' => true]];
        yield 'x and y as one path' => ['set-axes', [...$one, 'apart' => false]];
        yield 'move mask' => ['pull-mask', [...$at, 'mask' => 'm1', 'by' => [1, 2]]];
        yield 'size of mask' => ['pull-mask', [...$at, 'mask' => 'm1', 'by' => [1, 2], 'handle' => 'right']];
        yield 'no brush' => ['set-brush', [...$one, 'brush' => null]];
        yield 'brush' => ['set-brush', [...$one, 'brush' => ['form' => 'dotted']]];
        yield 'patchwork' => ['set-patchwork', [...$one, 'patchwork' => []]];
        yield 'no patchwork' => ['set-patchwork', [...$one, 'patchwork' => null]];
        yield 'shrink shape' => ['grow-shapes', [...$one, 'by' => -2]];
        yield 'grow shape' => ['grow-shapes', [...$one, 'by' => 2]];
        yield 'draw path' => ['draw-path', ['path' => 'M0 0L9 9', 'frame' => 0]];
        yield 'cut along a path' => ['draw-path', ['path' => 'M0 0L9 9', 'frame' => 0, 'cuts' => 'a']];
        yield 'set along a path' => ['draw-path', ['path' => 'M0 0L9 9', 'frame' => 0, 'onto' => 'a']];
        yield 'make path' => ['make-path', $key($one)];
        yield 'turn into star' => ['make-path', $key($one, ['into' => 'star'])];
        yield 'move point' => ['pull-knot', [...$at, 'contour' => 0, 'knot' => 0, 'part' => 'at', 'by' => [1, 2]]];
        yield 'bend path' => ['pull-knot', [...$at, 'contour' => 0, 'knot' => 0, 'part' => 'out', 'by' => [1, 2]]];
        yield 'plain colour' => ['set-gradient', [...$one, 'form' => null]];
        yield 'gradient' => ['set-gradient', [...$one, 'form' => 'linear']];
        yield 'picture as paint' => ['set-gradient', [...$one, 'form' => 'picture', 'media' => 'm1']];
        yield 'trim to playhead' => ['fit-layers', [...$one, 'to' => 'first', 'at' => 3]];
        yield 'match length to composition' => ['fit-layers', [...$one, 'to' => 'composition']];
        yield 'hide layer' => ['set-layer', [...$one, 'visible' => false]];
        yield 'show layer' => ['set-layer', [...$one, 'visible' => true]];
    }

    /** @param  array<string, mixed>  $args */
    #[DataProvider('titles')]
    public function test_an_edit_is_called_by_what_it_does(string $edit, array $args): void
    {
        // What stands behind the title tells one case from another.
        $title = preg_replace('/(, all of them| of several properties| along y)$/', '', (string) $this->dataName());
        self::assertSame($title, Edits::read(new Node(['edit' => $edit, 'args' => $args]))->title());
    }
}
