<?php

declare(strict_types=1);

namespace Ricamo\Core\Evaluate;

use Ricamo\Core\Cascade\PlacedCascade;
use Ricamo\Core\Cascade\Running;
use Ricamo\Core\Cascade\Timing;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\DisplayList;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Gradient;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Document\StoredLayer;
use Ricamo\Core\Document\View;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Kind\Bundle\BundleContent;
use Ricamo\Core\Kind\Moment;
use Ricamo\Core\Kind\Pan;
use Ricamo\Core\Kind\ReachesBeyond;
use Ricamo\Core\Kind\Text\Apart;
use Ricamo\Core\Kind\Text\TextArtist;
use Ricamo\Core\Kind\Text\TextBlocks;
use Ricamo\Core\Kind\Text\WordShape;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Refusal;

/** Turns a composition and a frame into a display list, and says where each layer stands. */
final readonly class Evaluator
{
    /** How opaque something is that is only hinted at. */
    private const FAINT = 0.35;

    private LayerDrawing $drawing;

    public function __construct(
        public MediaLibrary $media,
        private TextBlocks $blocks,
        private Memory $memory = new NoMemory,
        private ShutterMoments $exposure = new ShutterMoments,
        private Covering $covering = new CertainCovering,
    ) {
        $this->drawing = new LayerDrawing($media, $blocks, $exposure);
    }

    /** A copy that knows what the project has come to hold. */
    public function showing(MediaLibrary $media): self
    {
        return new self($media, $this->blocks, $this->memory, $this->exposure, $this->covering);
    }

    /** @throws Refusal for a frame outside the composition */
    public function frame(Composition $composition, int $frame): DisplayList
    {
        $this->checkFrame($composition, $frame);
        [$operations, $reference] = [[], []];
        $isFlat = $composition->layers->tree()->isFlat();
        $moment = Moment::on($frame, seen: $composition);
        foreach ($this->inOrder($composition, $moment) as $layer) {
            if (! $layer->isPlain && $layer->kind->adjusts()) {
                if (
                    ! $layer->switches->reference
                    && ! $composition->layers->tree()->isGrouped($layer->id)
                    && $layer->isSeenAt($frame)
                    && $composition->shows($layer)
                ) {
                    $operations = $this->drawing->adjusted($operations, $layer, $composition, $moment, $composition->background);
                }

                continue;
            }
            $drawn = $isFlat ? $this->drawing->lone($layer, $composition, $moment) : $this->drawing->own($layer, $composition, $frame);
            if ($layer->switches->reference) {
                array_push($reference, ...$drawn);

                continue;
            }
            foreach ($drawn as $operation) {
                $operations[] = $operation;
            }
        }

        return new DisplayList($frame, $composition->width, $composition->height, $composition->background, $operations, $reference);
    }

    /**
     * All layers of a composition, in the order in which they are drawn.
     *
     * @return iterable<Layer>
     */
    private function inOrder(Composition $composition, Moment $moment): iterable
    {
        $layers = [];
        $isDeep = false;
        foreach ($composition->layers->entries() as $entry) {
            $layers[] = $layer = $entry->layer();
            $isDeep = $isDeep || $layer->hasDepth || ! $layer->isPlain && $layer->life->leavesPlane();
        }
        $order = $isDeep ? DepthOrder::of(array_map(
            fn (Layer $layer): Standing|false|null => $this->standing($layer, $composition, $moment), $layers,
        ), (new View($composition))->eye()) : null;

        return $order === null ? $layers : [
            ...array_map(fn (int $place): Layer => $layers[$place], $order), ...array_values(array_diff_key($layers, array_flip($order))),
        ];
    }

    /** @return Standing|false|null where a layer stands in space; null where it lies in the picture, false where it adds nothing to that */
    private function standing(Layer $layer, Composition $composition, Moment $moment): Standing|false|null
    {
        $isDrawn = ! $layer->switches->reference
            && $layer->isSeenAt($moment->frame)
            && ! $composition->layers->tree()->isGrouped($layer->id)
            && $composition->shows($layer);

        return $isDrawn ? $this->drawing->standing($layer, $composition, $moment->for($layer)) : false;
    }

    /**
     * How much of a frame a composition covers.
     *
     * @return float 1 where nothing can be seen through it, else about how much of it is covered, from 0
     *
     * @throws Refusal for a frame outside the composition
     */
    public function coverage(Composition $composition, int $frame): float
    {
        return $this->covering->share($this->frame($composition, $frame));
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

        $glances = $this->glances($composition, $frame, $known);
        $adjusts = $composition->layers->isAdjusted();

        $inOrder = $this->glancesInOrder($composition, $glances);

        // What is adjusted is known only together.
        return new Look($adjusts ? $this->frame($composition, $frame) : $empty, $inOrder, $known, $adjusts);
    }

    /**
     * In the order in which layers are drawn, what is in a group where that is.
     *
     * @param  array<array-key, Glance>  $glances  bottom first
     * @return array<array-key, Glance>
     */
    private function glancesInOrder(Composition $composition, array $glances): array
    {
        $order = DepthOrder::of(
            array_map(fn (Glance $glance): Standing|false|null => $glance->standing, array_values($glances)),
            (new View($composition))->eye(),
        );
        if ($order === null) {
            return $glances;
        }
        $ids = array_keys($glances);
        $ranks = array_flip(array_map(fn (int $place): int|string => $ids[$place], $order));
        $tree = $composition->layers->tree();
        $rank = function (int|string $id) use ($ranks, $tree): int {
            $above = $tree->above((string) $id);

            return $ranks[$above === [] ? $id : end($above)] ?? -1;
        };
        uksort($glances, fn (int|string $one, int|string $other): int => $rank($one) <=> $rank($other));

        return $glances;
    }

    /**
     * The words of a text as outlines, as they rest on a frame, with what all of them are filled with.
     *
     * @return array{Colour|Gradient|null, list<WordShape>}
     *
     * @throws Refusal for what is no text, or painted with what shapes by themselves could not show
     */
    public function words(Layer $layer, Composition $composition, int $frame, Apart $by): array
    {
        $artist = $this->drawing->artist($layer);

        return $artist instanceof TextArtist
            ? $artist->apart($layer, $composition, $frame, $by)
            : throw new Refusal("“{$layer->name}” has no words");
    }

    /**
     * What a layer shows a part of, faintly, beyond its edges too, to be laid over the picture while it is framed.
     *
     * @throws Refusal for a frame outside the composition
     */
    public function beyond(Composition $composition, string $layer, int $frame): DisplayList
    {
        $this->checkFrame($composition, $frame);
        $found = $composition->layers->get($layer);
        $artist = $found === null ? null : $this->drawing->artist($found);
        $seen = $found === null || ! $artist instanceof ReachesBeyond
            ? []
            : $artist->seen($found, $composition, Moment::on($frame), $composition->spaceOf($found, $frame));

        return new DisplayList($frame, $composition->width, $composition->height, null, operations: Group::fade($seen, self::FAINT));
    }

    /**
     * What lies around a bundle in the composition that it is placed in, faintly, in the space of what is placed.
     *
     * @throws Refusal for a frame outside the composition, or where there is no such bundle, or none of any size
     */
    public function around(Composition $composition, string $bundle, int $frame): DisplayList
    {
        $this->checkFrame($composition, $frame);
        $layer = $composition->layer($bundle);
        $size = $layer->content instanceof BundleContent
            ? $layer->content->plays($this->media)->size()
            : throw new Refusal("“{$layer->name}” is not a bundle");
        $placed = $composition->spaceOf($layer, $frame)->after(
            Affine::translation(-$size->width / 2, -$size->height / 2),
        );
        $space = $placed->inverse();
        $others = $this->drawing->inside($composition->replacing($layer->switched(['visible' => false])), $frame, $space);
        $background = $composition->background === null || ! $composition->background->isVisible() ? [] : [
            new Fill(
                Outline::of(Path::rectangle(new Box(0, 0, $composition->width, $composition->height))), $space, $composition->background,
            ),
        ];

        return new DisplayList(
            $frame, $composition->width, $composition->height, null, operations: Group::fade([...$background, ...$others], self::FAINT),
        );
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
        $scene = self::scenePrint($composition);
        foreach ($scene === null ? [] : array_keys($entries) as $id) {
            $fingerprint = self::fingerprint($composition, (string) $id);
            if ($fingerprint !== null) {
                $keys[$id] = "$fingerprint $frame $about$scene";
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
     * By which it can be told whether something was worked out for this very layer with all that is in it, in the same
     * groups. There is no telling of what was not stored so far, or depends on more than these.
     */
    private static function fingerprint(Composition $composition, string $id): ?string
    {
        $tree = $composition->layers->tree();
        if ($tree->isFlat() && $composition->alone === []) {
            $entry = $composition->layers->entries()[$id];

            return $entry->facts->dependsOnOthers() ? null : $entry->fingerprint();
        }
        $prints = $composition->leavesOut($id) ? ['left out'] : [];
        foreach ([$id, ...$tree->above($id), ...$tree->within($id)] as $one) {
            $entry = $composition->layers->entries()[$one];
            $print = $entry->fingerprint();
            if ($print === null || $entry->facts->dependsOnOthers()) {
                return null;
            }
            $prints[] = $composition->alone !== [] && $composition->leavesOut($one) ? "$print left out" : $print;
        }

        return count($prints) === 1 ? $prints[0] : hash('xxh128', implode(' ', $prints));
    }

    /** The same of all else by which each layer is seen: cameras, lights, and what may throw shadows; null where there is no telling. */
    private static function scenePrint(Composition $composition): ?string
    {
        $lights = $composition->lights();
        $isShadowed = $lights?->throwShadows() === true;
        $layers = $isShadowed ? [] : [...$composition->cameras()?->layers() ?? [], ...$lights?->layers() ?? []];
        $entries = $composition->layers->entries();
        $prints = '';
        foreach ($isShadowed ? $entries : array_map(fn (Layer $layer): StoredLayer => $entries[$layer->id], $layers) as $entry) {
            $print = $entry->fingerprint();
            if ($print === null || ($isShadowed && $entry->facts->dependsOnOthers())) {
                return null;
            }
            $prints .= " $print";
        }

        return $isShadowed ? ' '.hash('xxh128', $prints.implode(' ', $composition->alone)) : $prints;
    }

    private function glance(Layer $layer, Composition $composition, int $frame): Glance
    {
        $pose = $this->pose($layer, $composition, $frame);
        $isReference = array_filter($composition->around($layer), fn (Layer $one): bool => $one->switches->reference) !== [];
        $operations = $this->drawing->own($layer, $composition, $frame);

        // A reference is no part of the picture, to be chosen there or aligned to.
        $standing = $this->standing($layer, $composition, Moment::on($frame, seen: $composition));

        return Glance::of($layer, $isReference ? $pose->unseen() : $pose, $operations, $isReference, $composition, $this->media, $standing);
    }

    /** How many units of a cascade there are in a layer: at most, of one that mirrors another. */
    public function units(Layer $layer, Composition $composition, PlacedCascade $cascade): int
    {
        return $this->drawing->units($layer, $composition, Running::whose($cascade, $layer->attached->cascades) ?? $cascade);
    }

    /**
     * When the cascades of a layer run, and over how many units.
     *
     * @return list<array{cascade: string, as: string, units: int, each: float, from: float, to: float}> in frames of the composition
     */
    public function cascades(Layer $layer, Composition $composition): array
    {
        $all = [];
        foreach ($layer->attached->cascades as $one) {
            $whose = Running::whose($one, $layer->attached->cascades);
            if ($whose !== null) {
                $units = $this->units($layer, $composition, $one);
                $from = Timing::begins($whose, $layer->span, $one->mirrors !== null);
                $all[] = [
                    'cascade' => $one->id,
                    'as' => $one->role->value,
                    'units' => $units,
                    'each' => round(Timing::each($whose->length, $whose->overlap / 100, $units), 2),
                    'from' => $from,
                    'to' => $from + $whose->length,
                ];
            }
        }

        return $all;
    }

    /** By what the distances of a cascade are measured: the type size, or how high its patches or what is in a group are on average. */
    public function unitSize(Layer $layer, Composition $composition): float
    {
        $patch = $this->drawing->patchHeight($layer, $composition);
        if ($patch !== null) {
            return max(1.0, $patch);
        }
        if (isset($layer->properties['typeSize'])) {
            return $layer->number('typeSize', $layer->span->in);
        }
        $heights = array_map(
            fn (string $id): float => $this->pose(
                $composition->layer($id), $composition, $composition->layer($id)->span->in,
            )->bounds()->height(),
            $composition->layers->tree()->members($layer->id),
        );

        return $heights === [] ? 100.0 : max(1.0, array_sum($heights) / count($heights));
    }

    /** What arriving and leaving make of a layer's pose at a moment. */
    public function change(Layer $layer, Composition $composition, int|float $at): Change
    {
        return $this->drawing->change($layer, $composition, $at);
    }

    /** Where a layer stands in the composition, through the groups that it is in. */
    public function pose(Layer $layer, Composition $composition, int $frame): Pose
    {
        $box = $this->drawing->artist($layer)->box($layer, $composition, $frame);
        $anchor = $layer->kind->isSeen() ? $layer->point('anchor', $frame) : new Point(0, 0);
        $isSeen = ! LayerDrawing::any(
            $composition->around($layer), fn (Layer $one): bool => ! $one->isSeenAt($frame),
        ) && ! $composition->leavesOut($layer->id);

        return new Pose(
            $layer->id,
            $composition->spaceOf($layer, $frame),
            $box,
            $anchor,
            $isSeen,
            Pan::of($layer),
            $layer->kind->pulls($layer, $frame),
            View::ofLayer($layer, $composition, $frame),
        );
    }

    private function checkFrame(Composition $composition, int $frame): void
    {
        if (! $composition->range()->contains($frame)) {
            throw new Refusal("frame $frame is outside 0..{$composition->range()->last()}, the frames of \"{$composition->name}\"");
        }
    }
}
