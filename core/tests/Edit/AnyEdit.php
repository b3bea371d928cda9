<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

use LogicException;
use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Cascade\Cascades;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Effect\Effects;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Move\Accents;
use Ricamo\Core\Move\Moves;

/** Arguments for any edit there is, drawn from what a project holds: what mt_rand was seeded with gives the same again. */
final class AnyEdit
{
    public function __construct(private readonly Project $project, private readonly Composition $composition)
    {
    }

    /** @return array<string, mixed> */
    public function args(string $edit): array
    {
        $own = $this->drawing()[$edit] ?? null;

        return $own === null ? $this->asDescribed($edit) : $own();
    }

    /**
     * Of most edits it is enough to know how their arguments are described.
     *
     * @return array<string, mixed>
     */
    private function asDescribed(string $edit): array
    {
        $fields = Fields::of(Edits::BY_NAME[$edit]);
        $args = [];
        foreach ($fields->properties() as $name => $schema) {
            if (in_array($name, $fields->required(), true) || $this->is()) {
                $args[$name] = $this->argument("$edit: $name", $name, $schema);
            }
        }

        return $args;
    }

    /** @param  array<string, mixed>  $schema */
    private function argument(string $called, string $name, array $schema): mixed
    {
        $isList = ($schema['type'] ?? null) === 'array';

        return match (true) {
            isset($schema['enum']) => $this->one($schema['enum']),
            ($schema['maxItems'] ?? null) === 2 && $isList => $this->vector(),
            ($schema['type'] ?? null) === 'boolean' => $this->is(),
            $name === 'layers' => $this->layers(),
            $name === 'layer', $name === 'like' => $this->layer(),
            $name === 'media' => $isList ? [$this->media()] : $this->media(),
            $name === 'composition' => $this->otherComposition(),
            $name === 'compositions' => [$this->otherComposition()],
            $name === 'keyframes' => $this->keyframes(),
            $name === 'property' => $this->property(),
            $name === 'properties' => [$this->property()],
            $name === 'frame', $name === 'at' => $this->frame(),
            $name === 'axis' => $this->axis(),
            $name === 'effect' => $this->one(array_keys(Effects::all())),
            $name === 'name', $name === 'folder' => 'Tram '.mt_rand(1, 99),
            $name === 'snap' && ! isset($schema['type']), isset($schema['properties']['within']) => ['within' => mt_rand(1, 9)],
            in_array($schema['type'] ?? null, ['integer', 'number'], true) => mt_rand(
                (int) max($schema['minimum'] ?? -20, -20), (int) min($schema['maximum'] ?? 40, 40),
            ),
            default => throw new LogicException("$called: what is it, other than ".json_encode($schema).'?'),
        };
    }

    /** @return array<string, callable(): array<string, mixed>> those whose arguments go together */
    private function drawing(): array
    {
        return [
            ...$this->ofLayers(), ...$this->ofAttachments(), ...$this->ofTime(), ...$this->ofPicture(),
            ...$this->ofKeyframes(), ...$this->ofPaths(), ...$this->ofProject(),
        ];
    }

    /** @return array<string, callable(): array<string, mixed>> */
    private function ofLayers(): array
    {
        return [
            'draw-layer' => fn (): array => [
                'layer' => $this->newLayer(), 'frame' => $this->frame(), 'from' => $this->vector(), 'to' => $this->vector(),
            ],
            'add-layer' => fn (): array => ['layer' => $this->newLayer(), 'at' => $this->frame()],
            'give-parts' => fn (): array => [
                'layers' => $this->layers(), 'from' => $this->documented(),
                'parts' => $this->one([['placement', 'animation'], ['cascades'], ['effects', 'masks'], ['paint', 'type']]),
            ],
            'paste-layers' => fn (): array => ['layers' => [$this->documented()], ...($this->is() ? ['at' => $this->frame()] : [])],
            'reorder-layer' => fn (): array => $this->is()
                ? ['layer' => $this->layer(), 'above' => $this->layer(), 'beneath' => $this->layer()]
                : [
                    'layer' => $this->layer(), 'to' => mt_rand(0, 9),
                    ...($this->is() ? ['group' => $this->group(), 'frame' => $this->frame()] : []),
                ],
            'set-layer' => fn (): array => [
                'layers' => $this->layers(),
                ...$this->one([
                    ['visible' => $this->is()], ['reference' => $this->is()], ['label' => 'woad'],
                    ['motionBlur' => $this->is()], ['blend' => 'multiply'], ['scaleLinked' => $this->is()],
                    ['turnsAlong' => $this->is()], ['flat' => $this->is()],
                ]),
            ],
            'set-content' => fn (): array => [
                'layer' => $this->layer(),
                'content' => $this->one([
                    ['text' => 'Bells of the #th depot'], ['form' => 'ellipse'], ['isolated' => $this->is()],
                    ['sound' => $this->is()], ['space' => $this->is()],
                    ['counts' => ['group' => 'comma', 'of' => ['layer' => $this->layer(), 'property' => 'opacity']]],
                ]),
            ],
            'set-typeface' => fn (): array => [
                'layers' => $this->layers(), 'typeface' => $this->one(['karla-bold', 'wide-bold', '']), 'frame' => $this->frame(),
            ],
            'style-words' => fn (): array => [
                'layer' => $this->layer(), 'from' => 0, 'to' => mt_rand(1, 4), 'style' => ['size' => mt_rand(50, 150)],
            ],
            'aim-camera' => fn (): array => [
                'camera' => $this->is() ? 'camera' : $this->layer(), 'layer' => $this->layer(), 'frame' => $this->frame(),
            ],
            'aim-light' => fn (): array => [
                'light' => $this->is() ? 'light' : $this->layer(), 'layer' => $this->layer(), 'frame' => $this->frame(),
            ],
            'drive-camera' => fn (): array => [
                'camera' => $this->is() ? 'camera' : $this->layer(), 'frame' => $this->frame(), 'by' => $this->vector(),
                'how' => $this->one(['orbit', 'across', 'nearer', 'aim', 'roll']), 'snap' => $this->is(),
            ],
            'drag-in-space' => fn (): array => [
                'layers' => [$this->one(['camera', 'light', $this->layer()])], 'frame' => $this->frame(), 'by' => $this->vector(),
                ...($this->is() ? [] : ['vantage' => ['sight' => $this->one(['front', 'above', 'side', 'free']), 'around' => mt_rand(-90, 90)]]),
                'part' => $this->one(['whole', 'eye', 'aim']),
            ],
            'set-lens' => fn (): array => [
                'camera' => $this->is() ? 'camera' : $this->layer(), 'frame' => $this->frame(), 'keeps' => $this->is(),
                ...$this->one([['lens' => mt_rand(5, 200)], ['angle' => mt_rand(5, 100)]]),
            ],
            'look-alone' => fn (): array => ['layers' => $this->is() ? [] : $this->layers()],
            'show-instead' => fn (): array => [
                'layers' => $this->layers(),
                ...($this->is() ? ['media' => $this->media()] : ['composition' => $this->otherComposition()]),
            ],
            'wrap-layers' => fn (): array => [
                'composition' => $this->project->compositions->freeId(), 'layers' => $this->layers(), 'name' => 'Bundle',
            ],
            'set-composition' => fn (): array => $this->one([
                ['name' => 'Depot'], ['length' => mt_rand(30, 90)], ['background' => '#1d2430'], ['rate' => '50/1'],
                ['width' => 640, 'layers' => $this->one(['corner', 'middle', 'scale'])],
            ]),
            'set-guides' => fn (): array => ['guides' => [['axis' => $this->axis(), 'at' => mt_rand(0, 500)]]],
            'add-markers' => fn (): array => [
                'markers' => [['frame' => $this->frame(), 'name' => 'Bell', 'label' => 'woad']],
                ...($this->is() ? ['layer' => $this->layer()] : []),
            ],
            'change-marker' => fn (): array => [
                'marker' => $this->marker(), 'name' => 'Horn', ...($this->is() ? ['to' => $this->frame()] : []),
            ],
            'import-markers' => fn (): array => ['text' => "frame,name\n{$this->frame()},Bell\n"],
            'remove-markers' => fn (): array => $this->is() ? [] : ['frames' => [$this->marker()]],
        ];
    }

    /** @return array<string, callable(): array<string, mixed>> */
    private function ofAttachments(): array
    {
        return [
            'paste-effects' => fn (): array => ['layers' => $this->layers(), 'effects' => $this->documented()['effects'] ?? []],
            'set-effects' => fn (): array => ['layers' => $this->layers(), 'effects' => $this->documented()['effects'] ?? []],
            'pull-effect' => fn (): array => [
                'layer' => $this->layer(), 'property' => $this->one(['e1.centre', 'e2.centre', 'e1.topLeft']),
                'frame' => $this->frame(), 'by' => $this->vector(), 'snap' => $this->one([0, 20]),
            ],
            'add-mask' => fn (): array => [
                'layers' => [$this->layer()],
                ...$this->one([
                    ['form' => 'ellipse'], ['form' => 'crop'], ['form' => 'layer', 'layer' => $this->layer()],
                    ['form' => 'free', 'path' => 'M0 0L90 0L90 90Z', 'frame' => $this->frame()],
                ]),
            ],
            'pull-mask' => fn (): array => [
                'layer' => $this->layer(), 'mask' => 'm1', 'frame' => $this->frame(), 'by' => $this->vector(),
                'snap' => $this->one([0, 20]), ...($this->is() ? ['handle' => 'top-left'] : []),
            ],
            'turn-mask' => fn (): array => [
                'layer' => $this->layer(), 'mask' => 'm1', 'frame' => $this->frame(), 'path' => [[900, 300], $this->vector()],
            ],
            'set-masks' => fn (): array => [
                'layers' => [$this->layer()],
                'masks' => $this->is() ? [] : [['id' => 'm1', 'form' => 'rectangle', 'inverted' => $this->is()]],
            ],
            'set-outlines' => fn (): array => [
                'layers' => [$this->layer()],
                'outlines' => $this->is() ? [] : [['id' => 'o1', 'colour' => '#c9973f', 'width' => 4]],
            ],
            'set-brush' => fn (): array => ['layers' => [$this->layer()], 'brush' => $this->is() ? null : ['form' => 'rings']],
            'set-patchwork' => fn (): array => [
                'layers' => [$this->layer()],
                'patchwork' => $this->is() ? null : [
                    'form' => $this->one(['grid', 'hexagons', 'shards', 'rings', 'path']), 'rows' => mt_rand(1, 4), 'columns' => mt_rand(1, 5),
                    'gap' => $this->one([0, 6]), 'rounding' => $this->one([0, 12]), 'edge' => $this->one([0, 2]),
                ],
            ],
            'add-cascade' => fn (): array => [
                'layers' => [$this->layer()], 'cascade' => $this->one(array_keys(Cascades::all())),
                'frame' => $this->frame(), 'added' => $this->is(),
            ],
            'set-cascades' => fn (): array => ['layers' => [$this->layer()], 'cascades' => $this->documented()['cascades'] ?? []],
            'pace-cascade' => fn (): array => ['layer' => $this->layer(), 'cascade' => 'c1', 'each' => mt_rand(1, 12)],
            'pull-cascade' => fn (): array => ['layer' => $this->layer(), 'cascade' => 'c1', 'by' => mt_rand(-5, 5)],
            'set-gradient' => fn (): array => [
                'layers' => [$this->layer()], 'of' => $this->one(['fill', 'outline']),
                'form' => $this->one(['linear', 'radial', 'corners', 'sweep', null]),
            ],
            'set-arrival' => fn (): array => ['layers' => [$this->layer()], ...($this->is() ? ['phase' => $this->phase()] : [])],
            'set-ends' => fn (): array => ['layers' => [$this->layer()], 'phase' => $this->phase()],
            'set-leaving' => fn (): array => ['layers' => [$this->layer()], 'phase' => $this->one([['mirror' => true], $this->phase()])],
            'set-accents' => fn (): array => [
                'layers' => [$this->layer()],
                'add' => ['accent' => $this->one(array_keys(Accents::all())), 'at' => $this->frame(), 'length' => mt_rand(1, 20)],
            ],
        ];
    }

    /** @return array<string, callable(): array<string, mixed>> */
    private function ofTime(): array
    {
        return [
            'trim-layer' => fn (): array => [
                'layer' => $this->layer(), ...($this->is() ? ['in' => mt_rand(-9, 20)] : ['out' => mt_rand(21, 90)]),
                ...($this->is() ? ['beads' => $this->one(['stay', 'stretch', 'usual', 'unusual'])] : []),
            ],
            'retime-layers' => fn (): array => [
                'layers' => $this->layers(),
                ...$this->one([
                    ['to' => 'speed', 'speed' => mt_rand(50, 200)], ['to' => 'reverse'],
                    ['to' => 'freeze', 'at' => $this->frame()], ['to' => 'fill'],
                ]),
            ],
            'cover-cut' => fn (): array => ['layers' => $this->pair(), 'composition' => $this->otherComposition()],
            'cross-cut' => fn (): array => ['layers' => $this->pair(), 'phase' => $this->phase()],
            'place-transition' => fn (): array => ['layer' => $this->layer(), 'frame' => $this->frame(), 'phase' => $this->phase()],
        ];
    }

    /** @return array<string, callable(): array<string, mixed>> */
    private function ofPicture(): array
    {
        $here = fn (array $args): array => [...$args, 'frame' => $this->frame(), 'scope' => $this->one(['playhead', 'whole'])];

        return [
            'set-values' => fn (): array => $here(['values' => [['layer' => $this->layer(), ...$this->value()]]]),
            'turn-layer' => fn (): array => $here(['layer' => $this->layer(), 'path' => [[100, 100], $this->vector()]]),
            'distribute-layers' => fn (): array => $here([
                'layers' => array_slice($this->composition->layers->ids(), 0, 3), 'axis' => $this->axis(),
            ]),
            'swap-windows' => fn (): array => ['layers' => $this->pair()],
            'split-screen' => fn (): array => [
                'rows' => 1, 'columns' => 2, 'gap' => 8, 'layers' => [$this->layer()], 'at' => $this->frame(),
            ],
        ];
    }

    /** @return array<string, callable(): array<string, mixed>> */
    private function ofKeyframes(): array
    {
        return [
            'animate' => fn (): array => [
                'layers' => $this->layers(), 'frame' => $this->frame(), 'length' => mt_rand(1, 40),
                'values' => [['property' => 'opacity', 'value' => mt_rand(0, 100)], ['property' => 'rotation', 'value' => '+=90']],
                'easing' => $this->one(['linear', 'ease-in-out', 'hold']),
            ],
            'repeat-keyframe' => fn (): array => ['layers' => [$this->layer()], 'frame' => $this->frame()],
            'bend-path' => fn (): array => [
                'layer' => $this->keyframes(1)[0]['layer'], 'property' => 'position',
                'frame' => $this->keyframes(1)[0]['frames'][0], 'handle' => $this->one(['arrive', 'leave']),
                'to' => $this->vector(),
            ],
            'give-motion' => fn (): array => ['layers' => [$this->layer()], 'motion' => 0, 'frame' => $this->frame()],
            'paste-keyframes' => fn (): array => [
                'layers' => [$this->layer()], 'at' => $this->frame(),
                'copied' => [[
                    'layer' => 'any', 'property' => 'opacity',
                    'keyframes' => [['frame' => 0, 'value' => 0], ['frame' => 9, 'value' => 90, 'easing' => 'ease-in']],
                ]],
            ],
            'set-easing' => fn (): array => [
                'keyframes' => $this->keyframes(),
                'easing' => $this->one(['glide', 'hold', 'ease-in', 'back-out', 'cubic-bezier(0.3,0,0.2,1.4)', 'elastic-in-out']),
            ],
            'pull-curve' => fn (): array => [
                ...$this->firstKeyframe(), 'handle' => $this->one(['begin', 'end']), 'at' => $this->frame(),
                'value' => mt_rand(0, 100),
            ],
        ];
    }

    /** @return array<string, callable(): array<string, mixed>> */
    private function ofPaths(): array
    {
        return [
            'pull-knot' => fn (): array => [
                'layer' => $this->layer(), 'frame' => $this->frame(), 'contour' => 0, 'knot' => mt_rand(0, 2),
                'part' => $this->one(['at', 'in', 'out']), 'by' => $this->vector(),
            ],
            'change-path' => fn (): array => [
                'layer' => $this->layer(), 'property' => 'path', 'frame' => $this->frame(), 'contour' => 0,
                'change' => $this->one(['remove', 'smooth', 'sharpen', 'reverse']), 'knot' => mt_rand(0, 2),
            ],
            'make-path' => fn (): array => [
                'layers' => [$this->layer()], ...($this->is() ? ['into' => 'star', 'frame' => $this->frame()] : []),
            ],
            'combine-shapes' => fn (): array => [
                'layers' => $this->pair(), 'how' => $this->one(['union', 'subtract', 'intersect', 'exclude']),
                'frame' => $this->frame(),
            ],
            'draw-path' => fn (): array => [
                'path' => 'M10 10C40 90 120 -20 200 60L240 200', 'frame' => $this->frame(), ...($this->is() ? ['cuts' => $this->layer()] : []),
            ],
            'draw-stroke' => fn (): array => [
                'points' => [[10, 10, 0], [60, 40, 0.2], [160, 30, 0.5]], 'frame' => $this->frame(), 'tolerance' => 2,
                'pace' => $this->one(['hand', 'even', 'none']),
            ],
        ];
    }

    /** @return array<string, callable(): array<string, mixed>> */
    private function ofProject(): array
    {
        return [
            'add-composition' => fn (): array => ['name' => 'Another', 'length' => mt_rand(10, 60)],
            'replace-media' => fn (): array => ['media' => 'm1', 'by' => 'm2'],
            'add-curve' => fn (): array => ['name' => 'Ours', 'easing' => 'cubic-bezier(0.2,0,0.1,1)'],
            'add-look' => fn (): array => ['name' => 'Look', 'effects' => $this->documented()['effects'] ?? []],
            'add-motion' => fn (): array => ['name' => 'Ours', 'layer' => $this->documented()],
            'add-style' => fn (): array => ['name' => 'Ours', 'layer' => $this->documented(), 'parts' => ['placement', 'animation']],
            'remove-style' => fn (): array => ['style' => 0],
            'add-swatch' => fn (): array => ['colour' => '#c0392b', 'name' => 'Signal red'],
        ];
    }

    /** @return array<string, mixed> */
    private function newLayer(): array
    {
        return $this->one([
            ['kind' => 'shape', 'form' => $this->one(['ellipse', 'rectangle', 'star', 'line'])],
            [
                'kind' => 'text', 'text' => $this->one(['Marta Oldani', '# of 11 trams', "Two\nlines"]),
                ...($this->is() ? ['counts' => ['group' => 'space', 'of' => ['layer' => $this->layer(), 'property' => 'opacity']]] : []),
            ],
            ['kind' => 'footage', 'media' => $this->media()],
            ['kind' => 'bundle', 'composition' => $this->otherComposition()],
            ['kind' => 'window', 'form' => 'rectangle', ...($this->is() ? ['media' => 'm1'] : [])],
            ['kind' => 'group'],
            ['kind' => 'adjusting'],
            ['kind' => 'camera'],
            ['kind' => 'light', 'source' => $this->one(['ambient', 'directional', 'point']), 'shadow' => 60],
            ['kind' => 'sound', 'media' => 'm1'],
        ]);
    }

    /** @return array{property: string, value: mixed} */
    private function value(): array
    {
        $property = $this->property();

        return ['property' => $property, 'value' => match ($property) {
            'position', 'scale', 'anchor', 'size', 'aim' => [mt_rand(-300, 300), mt_rand(1, 300)],
            'fill' => '#24557a',
            default => mt_rand(-50, 150),
        }];
    }

    /** @return array<string, mixed> */
    private function phase(): array
    {
        return ['moves' => [['move' => $this->one(array_keys(Moves::all()))]], 'length' => mt_rand(1, 20)];
    }

    /** @return array<string, mixed> a layer as documents hold it */
    private function documented(): array
    {
        return ($this->composition->layers->get($this->layer()) ?? null)?->toJson() ?? [
            'kind' => 'shape', 'form' => 'ellipse', 'id' => 'x', 'name' => 'X', 'in' => 0, 'out' => 9,
        ];
    }

    /** @return list<array{layer: string, property: string, frames: list<int>}> of one property that has some; of nothing where none has */
    private function keyframes(int $most = 4): array
    {
        $animated = [];
        foreach ($this->composition->layers as $layer) {
            foreach ($layer->properties as $name => $property) {
                if ($property->isAnimated()) {
                    $animated[] = [$layer, $name];
                }
            }
        }
        if ($animated === []) {
            return [['layer' => $this->layer(), 'property' => 'position', 'frames' => [0]]];
        }
        /** @var Layer $layer */
        [$layer, $name] = $this->one($animated);
        $frames = array_map(fn (Keyframe $one): int => $one->frame($layer->span), $layer->properties[$name]->keyframes());

        return [['layer' => $layer->id, 'property' => $name, 'frames' => array_slice(array_values(array_unique($frames)), 0, $most)]];
    }

    /** @return array<string, mixed> */
    private function firstKeyframe(): array
    {
        ['layer' => $layer, 'property' => $property, 'frames' => $frames] = $this->keyframes(1)[0];

        return ['layer' => $layer, 'property' => $property, 'frame' => $frames[0]];
    }

    private function property(): string
    {
        return $this->one(['position', 'scale', 'rotation', 'opacity', 'size', 'typeSize', 'anchor', 'fill', 'volume', 'outlineWidth', 'z', 'aim', 'orbitY', 'lens']);
    }

    private function layer(): string
    {
        return count($this->composition->layers) === 0 ? 'none' : $this->one($this->composition->layers->ids());
    }

    /** @return list<string> */
    private function layers(): array
    {
        return array_values(array_unique([$this->layer(), $this->layer()]));
    }

    /** @return list<string> */
    private function pair(): array
    {
        $ids = [...$this->composition->layers->ids(), 'none', 'none'];
        $at = mt_rand(0, max(0, count($ids) - 4));

        return [$ids[$at], $ids[$at + 1]];
    }

    private function group(): ?string
    {
        $groups = array_values(array_filter(
            $this->composition->layers->ids(), fn (string $id): bool => $this->composition->layer($id)->kind->holdsLayers(),
        ));

        return $groups === [] || mt_rand(0, 2) === 0 ? null : $this->one($groups);
    }

    private function marker(): int
    {
        return $this->one([...$this->composition->markers->frames(), 0]);
    }

    private function media(): string
    {
        return $this->project->media->all() === [] ? 'm1' : $this->one(array_values($this->project->media->all()))->id;
    }

    private function anyComposition(): string
    {
        return $this->one($this->project->compositions->ids());
    }

    private function otherComposition(): string
    {
        return $this->one([
            ...array_values(array_diff($this->project->compositions->ids(), [$this->composition->id])),
            $this->composition->id,
        ]);
    }

    private function axis(): string
    {
        return $this->one(['x', 'y']);
    }

    /** @return array{int, int} */
    private function vector(): array
    {
        return [mt_rand(-99, 99), mt_rand(-99, 99)];
    }

    private function frame(): int
    {
        return mt_rand(0, $this->composition->length - 1);
    }

    private function is(): bool
    {
        return mt_rand(0, 1) === 1;
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $choices
     * @return T
     */
    private function one(array $choices): mixed
    {
        return $choices[mt_rand(0, count($choices) - 1)];
    }
}
