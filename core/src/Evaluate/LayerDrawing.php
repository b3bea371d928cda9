<?php

declare(strict_types=1);

namespace Ricamo\Core\Evaluate;

use Ricamo\Core\Cascade\PlacedCascade;
use Ricamo\Core\Cascade\UnitChange;
use Ricamo\Core\Cascade\Units;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Blend;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Display\Pieces;
use Ricamo\Core\Display\Samples;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\LayerKind;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Document\View;
use Ricamo\Core\Effect\PlacedEffect;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Kind\Artist;
use Ricamo\Core\Kind\LayerCascades;
use Ricamo\Core\Kind\LayerKinds;
use Ricamo\Core\Kind\Materials;
use Ricamo\Core\Kind\Moment;
use Ricamo\Core\Kind\MovesWithin;
use Ricamo\Core\Kind\Prepared;
use Ricamo\Core\Kind\Prepares;
use Ricamo\Core\Kind\RepeatsInTime;
use Ricamo\Core\Kind\Text\TextBlocks;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Property\Resting;

/** What layers draw: by themselves, in their groups, in what they are placed in, with all that is done to them. */
final readonly class LayerDrawing
{
    /** How many operations what is adjusted may come to; what is more stays as it is. */
    private const MOST_ADJUSTED = 20_000;

    private Finish $finish;

    private LayerWays $ways;

    private DepthDrawing $depth;

    private PatchDrawing $patches;

    /** @var array<string, Artist> by the name of the kind that each draws */
    private array $artists;

    public function __construct(MediaLibrary $media, TextBlocks $blocks, private ShutterMoments $exposure)
    {
        $materials = new Materials($media, $blocks, $this->inside(...), $this->members(...), $this->boxes(...));
        $this->artists = array_map(fn (LayerKind $kind): Artist => $kind->artist($materials), LayerKinds::all());
        $box = fn (Layer $layer, Composition $composition, int|float $at): Box => $this->artist($layer)->box($layer, $composition, $at);
        $this->patches = new PatchDrawing($box);
        $this->ways = new LayerWays($this->artist(...), $this->patches);
        $this->depth = new DepthDrawing(
            $this->drawFlat(...),
            $box,
            $this->isOnePicture(...),
            $this->change(...),
            new Shadows($this->draw(...)),
        );
        $this->finish = new Finish($box, $this->drawAt(...));
    }

    public function artist(Layer $layer): Artist
    {
        return $this->artists[$layer->kind->name()];
    }

    /**
     * What a composition that is placed in another shows. What is looked at only while working on it is not part of it.
     *
     * @param  Affine  $space  from its pixels to those of the one that is drawn
     * @param  ?Moment  $kept  that of its layers where they are seen in the space that it is placed in; null for a flat picture
     * @return list<Operation>
     */
    public function inside(Composition $composition, int $frame, Affine $space, ?Moment $kept = null): array
    {
        $moment = $kept ?? Moment::on($frame, $space, $space, $composition);
        $shown = [];
        foreach ($composition->layers as $layer) {
            if (! $composition->layers->tree()->isGrouped($layer->id) && $layer->isSeenAt($frame) && $composition->shows($layer)) {
                $shown[] = $layer;
            }
        }
        $moments = array_map($moment->for(...), $shown);
        $operations = [];
        foreach ($this->nearerLater($shown, $composition, $moments) as $index => $layer) {
            $this->add($operations, $layer, $composition, $moments[$index]);
        }

        return $operations;
    }

    /**
     * What is in a group shows.
     *
     * @param  Moment  $moment  in the group's space
     * @return list<Operation>
     */
    private function members(Layer $group, Composition $composition, Moment $moment): array
    {
        $members = array_map($composition->layer(...), $composition->layers->tree()->members($group->id));
        $changes = $group->attached->cascades === []
            ? []
            : LayerCascades::changes(
                $group, array_map(fn (Layer $member): Box => $this->bounds($member, $composition, $moment->at), $members), $moment->at,
            );
        [$shown, $moments] = [[], []];
        foreach ($members as $index => $member) {
            $change = $changes[$index] ?? null;
            $isThere = $change === null
                || (! $member->kind->adjusts() && $change->opacity > 0 && abs($change->matrix->determinant()) > 1e-12);
            $isLeftOut = ! $member->isSeenAt($moment->frame) || $member->switches->reference || $composition->leavesOut($member->id);
            if ($isThere && ! $isLeftOut) {
                $shown[$index] = $member;
                $moments[$index] = $change === null ? $moment : $moment->beyond(
                    View::placed($change->depth, $moment->space, $moment->beyond),
                )->in($moment->space->after($change->matrix));
            }
        }
        $operations = [];
        $led = array_map(fn (?UnitChange $change): bool => $change?->depth !== null, $changes);
        foreach ($this->nearerLater($shown, $composition, $moments, $led) as $index => $member) {
            $change = $changes[$index] ?? null;
            if ($change === null) {
                $this->add($operations, $member, $composition, $moment);
            } else {
                $own = $this->draw($member, $composition, $moments[$index]);
                array_push(
                    $operations, ...($own === [] ? [] : LayerCascades::seen($own, $change, sqrt(abs($moment->space->determinant())))),
                );
            }
        }

        return $operations;
    }

    /**
     * Layers of one composition or group that are drawn, so that what is nearer covers what is farther away.
     *
     * @param  array<int, Layer>  $layers  from the bottom to the top
     * @param  array<int, Moment>  $moments  at which each is drawn
     * @param  array<int, bool>  $led  whether a cascade leads it out of the plane of the others
     * @return iterable<int, Layer> by the same keys
     */
    private function nearerLater(array $layers, Composition $composition, array $moments, array $led = []): iterable
    {
        $keys = array_keys($layers);
        $standings = [];
        $deep = 0;
        foreach ($layers as $key => $layer) {
            $standings[] = $standing = $this->standing($layer, $composition, $moments[$key], $led[$key] ?? false);
            $deep += $standing === null ? 0 : 1;
        }
        $order = $deep < 2 ? null : DepthOrder::of($standings, $moments[$keys[0]]->before($composition));
        foreach ($order ?? array_keys($keys) as $place) {
            yield $keys[$place] => $layers[$keys[$place]];
        }
    }

    /**
     * Where a layer stands that can leave the plane of those beside it; null where it lies in that.
     *
     * @param  bool  $isLed  whether a cascade leads it out of that
     */
    public function standing(Layer $layer, Composition $composition, Moment $moment, bool $isLed = false): ?Standing
    {
        $leaves = $layer->life->leavesPlane();
        if ((! $layer->hasDepth && ! $leaves && ! $isLed) || $moment->space->isFlat() || $moment->frameSpace->isFlat()) {
            return null;
        }
        $moved = $leaves ? $this->change($layer, $composition, $moment->at)->space : null;
        $beyond = View::placed($layer->depthMoved($moved, $moment->at), $moment->space, $moment->beyond);
        $space = $moment->standing($beyond, $composition);
        $matrix = $moment->space->after($layer->matrix($moment->at));

        return new Standing(array_map(
            fn (Point $corner): array => $space->place($matrix->apply($corner)),
            $this->artist($layer)->box($layer, $composition, $moment->at)->corners(),
        ));
    }

    /** How many units of a cascade there are in a layer. */
    public function units(Layer $layer, Composition $composition, PlacedCascade $cascade): int
    {
        $artist = $this->artist($layer);
        if ($cascade->units === Units::Patches) {
            return $this->patches->units($layer, $composition, $cascade);
        }

        return $artist instanceof MovesWithin
            ? $artist->units($layer, $cascade)
            : (int) ceil(count($composition->layers->tree()->members($layer->id)) / $cascade->every);
    }

    /** How high the patches of a layer are, on average; null for one that is not cut. */
    public function patchHeight(Layer $layer, Composition $composition): ?float
    {
        return PatchDrawing::cuts($layer) ? $this->patches->height($layer, $composition) : null;
    }

    /** Where a layer is in the space of its group. */
    private function bounds(Layer $layer, Composition $composition, int|float $at): Box
    {
        return $layer->kind->isSeen()
            ? $layer->matrix($at)->bounds($this->artist($layer)->box($layer, $composition, $at))
            : new Box(0, 0, 0, 0);
    }

    /** @return list<Box> of what is seen of a group, upright in its space; of all that is in it where nothing is */
    private function boxes(Layer $group, Composition $composition, int|float $at): array
    {
        [$seen, $all] = [[], []];
        foreach ($composition->layers->tree()->members($group->id) as $id) {
            $member = $composition->layer($id);
            if (! $member->kind->isSeen()) {
                continue;
            }
            $box = $this->bounds($member, $composition, $at);
            if ($box->width() > 0 || $box->height() > 0) {
                $all[] = $box;
                $seen = $member->isSeenAt(floor($at)) ? [...$seen, $box] : $seen;
            }
        }

        return $seen === [] ? $all : $seen;
    }

    /**
     * What a layer adds to the picture itself: what is in a group is added by the group, unless it is only looked at
     * while working.
     *
     * @return list<Operation>
     */
    public function own(Layer $layer, Composition $composition, int $frame): array
    {
        if ($composition->layers->tree()->isFlat()) {
            return $this->lone($layer, $composition, Moment::on($frame, seen: $composition));
        }
        $around = $composition->around($layer);
        $isAdded = $layer->switches->reference
            ? ! self::any(array_slice($around, 1), fn (Layer $group): bool => $group->switches->reference)
            : count($around) === 1;
        $isHidden = self::any($around, fn (Layer $one): bool => ! $one->isSeenAt($frame)) || $composition->leavesOut($layer->id);

        if (! $isAdded || $isHidden) {
            return [];
        }
        $moment = Moment::on($frame, $composition->space($layer->id, $frame), seen: $composition);

        return $this->draw($layer, $composition, $moment->for($around[count($around) - 1]));
    }

    /** @return list<Operation> what a layer adds that is in no group */
    public function lone(Layer $layer, Composition $composition, Moment $moment): array
    {
        return $layer->isSeenAt($moment->frame) && ($composition->alone === [] || ! $composition->leavesOut($layer->id))
            ? $this->draw($layer, $composition, $moment->for($layer))
            : [];
    }

    /** @param  list<Operation>  $operations  of what lies beneath */
    private function add(array &$operations, Layer $layer, Composition $composition, Moment $moment): void
    {
        if ($layer->kind->adjusts()) {
            $operations = $this->adjusted($operations, $layer, $composition, $moment);
        } else {
            array_push($operations, ...$this->draw($layer, $composition, $moment));
        }
    }

    /**
     * What lies beneath an adjusting layer, with its effects: where its masks are, as far as it is opaque.
     *
     * @param  list<Operation>  $beneath
     * @param  ?Colour  $background  that lies beneath it all
     * @return list<Operation>
     */
    public function adjusted(array $beneath, Layer $layer, Composition $composition, Moment $moment, ?Colour $background = null): array
    {
        $matrix = $moment->space->after($layer->matrix($moment->at));
        $whole = $background === null || ! $background->isVisible() ? $beneath : [
            new Fill(
                Outline::of(Path::rectangle(new Box(0, 0, $composition->width, $composition->height))), $moment->space, $background,
            ), ...$beneath,
        ];
        $times = array_product(array_map(
            fn (PlacedEffect $effect): int => $effect->on ? $effect->effect->times() : 1, $layer->attached->effects,
        ));
        if ($whole === [] || $layer->attached->effects === [] || $matrix->isFlat() || self::count($whole) * $times > self::MOST_ADJUSTED) {
            return $beneath;
        }
        $opacity = max(0.0, min(1.0, $layer->number('opacity', $moment->at) / 100));
        $change = $this->change($layer, $composition, $moment->at);
        $operations = $this->finish->withEffects($whole, $layer, $composition, $moment->at, $matrix);
        $operations = $operations === [] || $layer->attached->masks === []
            ? $operations
            : $this->finish->masked($operations, $layer, $composition, $moment, $matrix);
        foreach ($operations === [] ? [] : $change->clips as $clip) {
            $operations = [new Group($operations, 1.0, Outline::of($clip->transformed($moment->space)))];
        }

        return [...$beneath, ...self::blended($layer, Group::fade($operations, $opacity * $change->opacity))];
    }

    /** @return list<Operation> */
    private function draw(Layer $layer, Composition $composition, Moment $moment): array
    {
        if ($moment->casting?->leavesOut($layer) === true) {
            return [];
        }
        if ($layer->isPlain && $moment->isInPlane() && $moment->lights() === []) {
            $prepared = Resting::of($layer)->made[Prepared::class] ??= $this->prepared($layer) ?? false;

            return $prepared instanceof Prepared
                ? self::drawPrepared($prepared, $layer, $moment)
                : $this->drawAt($layer, $composition, $moment);
        }
        $moments = ! $layer->exposure->motionBlur || $moment->isExposed ? null : $this->exposure->moments(
            $layer, $composition, $moment->frame, fn (float $at): array => $this->ways->corners($layer, $composition, $moment->at($at)),
        );
        if ($moments === null) {
            return self::blended($layer, $this->drawAt($layer, $composition, $moment));
        }
        $first = $this->drawAt($layer, $composition, $moment->exposed($moments[0]));
        $moments = $this->exposure->affordable($moments, self::count($first));
        if (count($moments) === 1) {
            return self::blended($layer, $this->drawAt($layer, $composition, $moment));
        }
        $lists = [
            $first,
            ...array_map(fn (float $at): array => $this->drawAt($layer, $composition, $moment->exposed($at)), array_slice($moments, 1)),
        ];

        return array_filter($lists) === [] ? [] : self::blended($layer, [new Samples($lists)]);
    }

    /**
     * @param  list<Operation>  $operations
     * @return list<Operation>
     */
    private static function blended(Layer $layer, array $operations): array
    {
        return $layer->switches->blend === Blend::Normal || $operations === []
            ? $operations
            : [new Group($operations, blend: $layer->switches->blend)];
    }

    /** @param  list<Operation>  $operations  with those within groups */
    private static function count(array $operations): int
    {
        return array_sum(array_map(fn (Operation $operation): int => match (true) {
            $operation instanceof Group => 1 + self::count($operation->operations),
            $operation instanceof Pieces => count($operation->pieces) + self::count($operation->operations),
            $operation instanceof Samples => self::count(array_merge(...$operation->lists)),
            default => 1,
        }, $operations));
    }

    private function prepared(Layer $layer): ?Prepared
    {
        $artist = $this->artist($layer);

        return $artist instanceof Prepares ? $artist->prepared($layer) : null;
    }

    /** @return list<Operation> what `drawAt` comes to for a layer that is plain and prepared: most layers of most frames */
    private static function drawPrepared(Prepared $prepared, Layer $layer, Moment $moment): array
    {
        $at = $moment->at;
        $opacity = $layer->properties['opacity']->at($at, $layer->span);
        assert(is_float($opacity));
        $matrix = $layer->matrix($at);
        if ($opacity <= 0 || $matrix->isFlat()) {
            return [];
        }
        $matrix = $moment->space->after($matrix);

        return $matrix->isUsable() ? Group::fade($prepared->draw($layer, $at, $matrix), $opacity / 100) : [];
    }

    /** @return list<Operation> */
    private function drawAt(Layer $layer, Composition $composition, Moment $moment): array
    {
        return $layer->hasDepth || $layer->life->leavesPlane() || ! $moment->isInPlane() || $moment->lights() !== []
            ? $this->depth->draw($layer, $composition, $moment)
            : $this->drawFlat($layer, $composition, $moment);
    }

    /** Whether something is done to what is in a group as a whole that takes it as a flat picture. */
    private function isOnePicture(Layer $group, Composition $composition, int|float $at): bool
    {
        $change = $this->change($group, $composition, $at);
        if ($change->parts !== []) {
            return false;
        }
        // What is cut has masks and effects before, in each patch.
        $isFinished = ! PatchDrawing::cuts($group) && ($group->attached->masks !== [] || $group->attached->effects !== []);

        return $isFinished || $change->clips !== [] || $change->filters !== [];
    }

    /** @return list<Operation> what a layer draws in its own plane */
    private function drawFlat(Layer $layer, Composition $composition, Moment $moment): array
    {
        $at = $moment->at;
        $artist = $this->artist($layer);
        $moments = $artist instanceof RepeatsInTime ? $artist->moments($layer, $at) : [];
        if ($artist instanceof RepeatsInTime && $moments !== []) {
            return array_merge(...array_map(
                fn (Change $one): array => $this->drawInTime($artist, $moments, $layer, $composition, $moment, $one),
                $this->change($layer, $composition, $at)->each(),
            ));
        }
        $opacity = $layer->number('opacity', $at) / 100;
        $opacity = $opacity < 1 ? $opacity : 1.0;
        $matrix = $layer->matrix($at);
        if ($opacity <= 0 || $matrix->isFlat()) {
            return [];
        }
        $space = $moment->space;
        if ($layer->isPlain) {
            $matrix = $space->after($matrix);

            return $matrix->isUsable() ? Group::fade($artist->draw($layer, $composition, $moment, $matrix), $opacity) : [];
        }

        return array_merge(...array_map(
            fn (Change $one): array => $this->drawChanged($one, $layer, $composition, $moment, $matrix, $opacity),
            $this->change($layer, $composition, $at)->each(),
        ));
    }

    /**
     * @param  Affine  $matrix  of the layer as it rests
     * @param  float  $opacity  its own, 0..1
     * @return list<Operation>
     */
    private function drawChanged(
        Change $change, Layer $layer, Composition $composition, Moment $moment, Affine $matrix, float $opacity,
    ): array {
        $light = $opacity * $change->light;
        $opacity *= $change->opacity;
        $matrix = $change->matrix->after($matrix);
        if ($opacity + $light <= 0 || $matrix->isFlat()) {
            return [];
        }
        $matrix = $this->placed($layer, $composition, $moment->at, $matrix, $moment->space);
        if (! $matrix->isUsable()) {
            return [];
        }
        // What is cut is a flat picture, whose patches then leave its plane.
        $plane = PatchDrawing::cuts($layer) || $change->parts !== [] ? $moment->onSheet() : $moment;
        $operations = $this->artist($layer)->draw($layer, $composition, $plane, $matrix);

        return self::lit(
            fn (float $seen): array => $this->finished($operations, $layer, $composition, $moment, $matrix, $change, $seen),
            $opacity,
            $light,
        );
    }

    /**
     * @param  callable(float): list<Operation>  $finished  what it shows, so opaque
     * @return list<Operation> so opaque, and added so far as light besides
     */
    private static function lit(callable $finished, float $opacity, float $light): array
    {
        $added = $light > 0 ? $finished($light) : [];

        return [...($opacity > 0 ? $finished($opacity) : []), ...($added === [] ? [] : [new Group($added, blend: Blend::PlusLighter)])];
    }

    /**
     * A layer that is seen several times over, each time as it was some frames earlier than the time before: in the place where it
     * was then, and as opaque. The layer arrives and leaves as a whole.
     *
     * @param  list<float>  $moments  of each
     * @param  Change  $change  of one that has no copies
     * @return list<Operation>
     */
    private function drawInTime(
        RepeatsInTime $artist, array $moments, Layer $layer, Composition $composition, Moment $moment, Change $change,
    ): array {
        $first = null;
        $pose = function (float $at) use ($layer, $composition, $moment, $change, &$first): ?array {
            $opacity = max(0.0, min(1.0, $layer->number('opacity', $at) / 100));
            $matrix = $change->matrix->after($layer->matrix($at));
            if ($opacity <= 0 || $matrix->isFlat()) {
                return null;
            }
            $matrix = $this->placed($layer, $composition, $at, $matrix, $moment->space);
            $first ??= $matrix;

            return [$matrix, $opacity];
        };
        $plane = PatchDrawing::cuts($layer) || $change->parts !== [] ? $moment->onSheet() : $moment;
        $operations = $artist->drawInTime($layer, $composition, $plane, $moments, $pose);

        // Masks and effects are where the first is that is seen.
        return $first === null
            ? []
            : self::lit(
                fn (float $seen): array => $this->finished($operations, $layer, $composition, $moment, $first, $change, $seen),
                $change->opacity, $change->light,
            );
    }

    /**
     * What is drawn of a layer, with its masks and effects, cut into patches where it is, and as it comes or goes.
     *
     * @param  list<Operation>  $operations
     * @return list<Operation>
     */
    private function finished(
        array $operations, Layer $layer, Composition $composition, Moment $moment, Affine $matrix, Change $change, float $opacity,
    ): array {
        if ($operations === []) {
            return [];
        }
        $operations = $this->finish->done($operations, $layer, $composition, $moment, $matrix);
        if (PatchDrawing::cuts($layer)) {
            $whole = $change->parts === [] ? $moment : $moment->onSheet();
            $operations = $this->patches->cut($operations, $layer, $composition, $whole, $matrix);
        }
        if ($change->parts !== []) {
            $own = $moment->space->after($change->matrix)->inverse()->after($matrix);
            $operations = PatchDrawing::parted($operations, $change->partsOf($own), $composition, $moment, $matrix);
        }

        return $this->finish->changed($operations, $moment->space, $change->clips, $change->filters, $opacity);
    }

    /**
     * Where a layer comes to stand in a space that is placed. What always reads is turned back, about its middle, where that space
     * is mirrored.
     */
    private function placed(Layer $layer, Composition $composition, int|float $at, Affine $matrix, Affine $space): Affine
    {
        $placed = $space->after($matrix);
        if (! $layer->switches->alwaysReads || $space->determinant() >= 0) {
            return $placed;
        }
        $middle = $this->artist($layer)->box($layer, $composition, $at)->centre();
        // Turned over left to right, unless it would be upside down then.
        $turned = $placed->d >= 0 ? Affine::scaling(-1, 1) : Affine::scaling(1, -1);

        return $placed->after(Affine::translation($middle->x, $middle->y))->after($turned)
            ->after(Affine::translation(-$middle->x, -$middle->y));
    }

    /** What arriving and leaving make of a layer's pose at a moment. */
    public function change(Layer $layer, Composition $composition, int|float $at): Change
    {
        return $this->ways->change($layer, $composition, $at);
    }

    /**
     * @param  list<Layer>  $layers
     * @param  callable(Layer): bool  $is
     */
    public static function any(array $layers, callable $is): bool
    {
        foreach ($layers as $layer) {
            if ($is($layer)) {
                return true;
            }
        }

        return false;
    }
}
