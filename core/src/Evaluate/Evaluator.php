<?php

namespace Ricamo\Core\Evaluate;

use Ricamo\Core\Display\Blend;
use Ricamo\Core\Display\DisplayList;
use Ricamo\Core\Display\Filter\Filter;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\MaskPart;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Display\Samples;
use Ricamo\Core\Document\Attachments;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Effect\Place;
use Ricamo\Core\Effect\Values;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Kind\Artist;
use Ricamo\Core\Kind\LayerKind;
use Ricamo\Core\Kind\LayerKinds;
use Ricamo\Core\Kind\Materials;
use Ricamo\Core\Mask\MaskArtist;
use Ricamo\Core\Mask\PlacedMask;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Scenery;
use Ricamo\Core\Refusal;

/** Turns a composition and a frame into a display list, and says where each layer stands. */
final readonly class Evaluator
{
    /** @var array<string, Artist> by the name of the kind that each draws */
    private array $artists;

    public function __construct(public MediaLibrary $media, private TextBlocks $blocks, private Memory $memory = new NoMemory, private Exposure $exposure = new Exposure)
    {
        $materials = new Materials($media, $blocks, $this->inside(...));
        $this->artists = array_map(fn (LayerKind $kind): Artist => $kind->artist($materials), LayerKinds::all());
    }

    /** The same, of what a project has come to hold. */
    public function showing(MediaLibrary $media): self
    {
        return new self($media, $this->blocks, $this->memory, $this->exposure);
    }

    /** @throws Refusal for a frame outside the composition */
    public function frame(Composition $composition, int $frame): DisplayList
    {
        $this->checkFrame($composition, $frame);
        [$operations, $reference] = [[], []];
        foreach ($composition->layers as $layer) {
            if (! $layer->isSeenAt($frame) || $composition->leavesOut($layer->id)) {
                continue;
            }
            $drawn = $this->draw($layer, $composition, $frame);
            $layer->reference ? array_push($reference, ...$drawn) : array_push($operations, ...$drawn);
        }

        return new DisplayList($frame, $composition->width, $composition->height, $composition->background, $operations, $reference);
    }

    /**
     * What is seen on a frame, and where each layer stands, whether it can be seen or not.
     *
     * @param  array<string, true>  $known  keys of paths that the one who looks has already
     *
     * @throws Refusal for a frame outside the composition
     */
    public function look(Composition $composition, int $frame, array $known = []): Look
    {
        $empty = new DisplayList($frame, $composition->width, $composition->height, $composition->background, []);

        return new Look($empty, $this->glances($composition, $frame, $known), $known);
    }

    /**
     * What each layer comes to on a frame. Layers that are stored are not even read where that is remembered.
     *
     * @param  ?array<string, true>  $known  keys of the paths whose data nobody needs; null for all
     * @return array<array-key, Glance> by the id of the layer, bottom first
     *
     * @throws Refusal for a frame outside the composition
     */
    public function glances(Composition $composition, int $frame, ?array $known = null): array
    {
        $this->checkFrame($composition, $frame);
        $entries = $composition->layers->entries();
        $keys = [];
        $shutter = $composition->shutter;
        // What layers come to depends on these of their composition.
        $about = "{$composition->rate} {$composition->width}x{$composition->height} {$shutter->angle} {$shutter->phase} {$shutter->samples}";
        foreach ($entries as $id => $entry) {
            $fingerprint = $entry->fingerprint();
            if ($fingerprint !== null && ! $entry->dependsOnOthers()) {
                $left = $composition->leavesOut((string) $id) ? ' left out' : '';
                $keys[$id] = "$fingerprint $frame $about$left";
            }
        }
        $remembered = $this->memory->recall(array_values($keys));
        $glances = [];
        $fresh = [];
        foreach ($entries as $id => $entry) {
            $glance = $remembered[$keys[$id] ?? ''] ?? null;
            if ($glance === null || ! $glance->suffices($this->media, $known)) {
                $glance = $this->glance($entry->layer(), $composition, $frame);
                if (isset($keys[$id])) {
                    $fresh[$keys[$id]] = $glance->withoutPaths();
                }
            }
            $glances[$id] = $glance;
        }
        if ($fresh !== []) {
            $this->memory->keep($fresh);
        }

        return $glances;
    }

    /**
     * What a composition that is placed in another shows. What is looked at only while working on it is not part of it.
     *
     * @param  Affine  $space  from its pixels to those of the one that is drawn
     * @return list<Operation>
     */
    public function inside(Composition $composition, int $frame, Affine $space): array
    {
        $operations = [];
        foreach ($composition->layers as $layer) {
            if ($layer->isSeenAt($frame) && $composition->shows($layer)) {
                array_push($operations, ...$this->draw($layer, $composition, $frame, $space));
            }
        }

        return $operations;
    }

    private function glance(Layer $layer, Composition $composition, int $frame): Glance
    {
        $pose = $this->pose($layer, $frame);
        $pose = $composition->leavesOut($layer->id) ? $pose->unseen() : $pose;

        $operations = $pose->seen ? $this->draw($layer, $composition, $frame) : [];

        // A reference is no part of the picture, to be chosen there or aligned to.
        return Glance::of($layer, $layer->reference ? $pose->unseen() : $pose, $operations, $composition, $this->media);
    }

    public function pose(Layer $layer, int $frame): Pose
    {
        $box = $this->artist($layer)->box($layer, $frame);

        $anchor = $layer->kind->isSeen() ? $layer->point('anchor', $frame) : new Point(0, 0);

        return new Pose($layer->id, $layer->matrix($frame), $box, $anchor, $layer->isSeenAt($frame));
    }

    /** @return list<Operation> */
    private function draw(Layer $layer, Composition $composition, int $frame, Affine $space = new Affine): array
    {
        $moments = ! $layer->motionBlur ? null : $this->exposure->moments($layer, $composition, $frame, fn (float $at): array => $this->corners($layer, $composition, $at));
        if ($moments === null) {
            return self::blended($layer, $this->drawAt($layer, $composition, $frame, $frame, $space));
        }
        $first = $this->drawAt($layer, $composition, $frame, $moments[0], $space);
        $moments = $this->exposure->affordable($moments, self::count($first));
        if (count($moments) === 1) {
            return self::blended($layer, $this->drawAt($layer, $composition, $frame, $frame, $space));
        }
        $lists = [$first, ...array_map(fn (float $at): array => $this->drawAt($layer, $composition, $frame, $at, $space), array_slice($moments, 1))];

        return array_filter($lists) === [] ? [] : self::blended($layer, [new Samples($lists)]);
    }

    /**
     * @param  list<Operation>  $operations
     * @return list<Operation>
     */
    private static function blended(Layer $layer, array $operations): array
    {
        return $layer->blend === Blend::Normal || $operations === [] ? $operations : [new Group($operations, blend: $layer->blend)];
    }

    /** @param  list<Operation>  $operations  with those within groups */
    private static function count(array $operations): int
    {
        return array_sum(array_map(fn (Operation $operation): int => match (true) {
            $operation instanceof Group => 1 + self::count($operation->operations),
            $operation instanceof Samples => self::count(array_merge(...$operation->lists)),
            default => 1,
        }, $operations));
    }

    /**
     * @param  int  $frame  of what plays in it
     * @param  int|float  $at  the moment of everything else
     * @param  Affine  $space  from the composition's pixels to those that are drawn
     * @return list<Operation>
     */
    private function drawAt(Layer $layer, Composition $composition, int $frame, int|float $at, Affine $space): array
    {
        $opacity = max(0.0, min(1.0, $layer->number('opacity', $at) / 100));
        $matrix = $layer->matrix($at);
        if ($opacity <= 0 || abs($matrix->determinant()) < 1e-9) {
            return [];
        }
        [$clips, $filters] = [[], []];
        if (! $layer->life->isAtRest($at, $layer->span)) {
            $change = $this->change($layer, $composition, $at);
            $opacity *= $change->opacity;
            $matrix = $change->matrix->after($matrix);
            [$clips, $filters] = [$change->clips, $change->filters];
        }
        if ($opacity <= 0 || abs($matrix->determinant()) < 1e-9) {
            return [];
        }
        $matrix = $this->placed($layer, $at, $matrix, $space);
        $operations = $this->artist($layer)->draw($layer, $composition->rate, $frame, $at, $matrix);
        $operations = $operations === [] || $layer->masks === [] ? $operations : $this->masked($operations, $layer, $composition, $frame, $at, $matrix, $space);
        $operations = $operations === [] || $layer->effects === [] ? $operations : self::withEffects($operations, $layer, $at, $matrix);
        if ($filters !== [] && $operations !== []) {
            $operations = [new Group($operations, filters: array_map(fn (Filter $filter): Filter => $filter->placed($space), $filters))];
        }
        foreach ($operations === [] ? [] : $clips as $clip) {
            $operations = [new Group($operations, 1.0, Outline::of($clip->transformed($space)))];
        }

        return self::faded($operations, $opacity);
    }

    /**
     * @param  non-empty-list<Operation>  $operations
     * @return list<Operation>
     */
    private function masked(array $operations, Layer $layer, Composition $composition, int $frame, int|float $at, Affine $matrix, Affine $space): array
    {
        $other = function (string $id) use ($composition, $frame, $at, $space): array {
            $found = $composition->layers->get($id);

            // Of what is a mask only what it shows itself counts, so that two cannot wait for each other.
            return $found === null || ! $found->kind->isSeen() || ! $found->span->contains($frame) ? [] : $this->drawAt($found->with(['masks' => self::without($found)]), $composition, $frame, $at, $space);
        };
        $on = array_values(array_filter($layer->masks, fn (PlacedMask $mask): bool => $mask->on && ($mask->layer === null || $composition->layers->has($mask->layer))));
        $parts = array_map(fn (PlacedMask $mask): MaskPart => MaskArtist::part($mask, $layer, $at, $matrix, $space, $other), $on);

        return $parts === [] ? $operations : [new Group($operations, masks: $parts)];
    }

    /** @return list<PlacedMask> the masks of a layer that are not other layers */
    private static function without(Layer $layer): array
    {
        return array_values(array_filter($layer->masks, fn (PlacedMask $mask): bool => $mask->layer === null));
    }

    /**
     * @param  non-empty-list<Operation>  $operations
     * @return list<Operation>
     */
    private static function withEffects(array $operations, Layer $layer, int|float $at, Affine $matrix): array
    {
        $place = new Place($matrix);
        foreach ($layer->effects as $one) {
            if ($one->on && $operations !== []) {
                $operations = $one->effect->apply($operations, new Values(Attachments::values($one, $layer, $at)), $place);
            }
        }

        return $operations;
    }

    /** Where a layer comes to stand in a space that is placed. What always reads is turned back, about its middle, where that space is mirrored. */
    private function placed(Layer $layer, int|float $at, Affine $matrix, Affine $space): Affine
    {
        $placed = $space->after($matrix);
        if (! $layer->alwaysReads || $space->determinant() >= 0) {
            return $placed;
        }
        $middle = $this->artist($layer)->box($layer, $at)->centre();
        // Turned over left to right, unless it would be upside down then.
        $turned = $placed->d >= 0 ? Affine::scaling(-1, 1) : Affine::scaling(1, -1);

        return $placed->after(Affine::translation($middle->x, $middle->y))->after($turned)->after(Affine::translation(-$middle->x, -$middle->y));
    }

    /** What arriving and leaving make of a layer's pose at a moment. */
    public function change(Layer $layer, Composition $composition, int|float $at): Change
    {
        return $layer->life->isAtRest($at, $layer->span) ? new Change : $layer->life->change($at, $layer->span, $this->scenery($layer, $composition, $at));
    }

    private function scenery(Layer $layer, Composition $composition, int|float $at): Scenery
    {
        $matrix = $layer->matrix($at);
        $box = $this->artist($layer)->box($layer, $at);
        // Half of an outline lies outside of the edge that it is drawn on.
        $outline = isset($layer->properties['outlineWidth']) && $layer->colour('outline', $at)->isVisible() ? max(0, $layer->number('outlineWidth', $at)) / 2 : 0;

        return new Scenery($matrix->bounds($box->grown($outline)), $matrix->apply($layer->point('anchor', $at)), $composition->width, $composition->height);
    }

    /**
     * Where the corners of a layer are at a moment, for telling how far it goes while it is seen.
     *
     * @return list<Point>
     */
    private function corners(Layer $layer, Composition $composition, float $at): array
    {
        $matrix = $this->change($layer, $composition, $at)->matrix->after($layer->matrix($at));
        $box = $this->artist($layer)->box($layer, $at);

        return array_map($matrix->apply(...), [new Point($box->left, $box->top), new Point($box->right, $box->top), new Point($box->right, $box->bottom), new Point($box->left, $box->bottom)]);
    }

    /**
     * A lone operation can carry the opacity itself; several that overlap must fade as one.
     *
     * @param  list<Operation>  $operations
     * @return list<Operation>
     */
    private static function faded(array $operations, float $opacity): array
    {
        return match (true) {
            $opacity >= 1 || $operations === [] => $operations,
            count($operations) === 1 => [$operations[0]->faded($opacity)],
            default => [new Group($operations, $opacity)],
        };
    }

    private function checkFrame(Composition $composition, int $frame): void
    {
        if (! $composition->range()->contains($frame)) {
            throw new Refusal("frame $frame is outside 0..{$composition->range()->last()}, the frames of \"{$composition->name}\"");
        }
    }

    private function artist(Layer $layer): Artist
    {
        return $this->artists[$layer->kind->name()];
    }
}
