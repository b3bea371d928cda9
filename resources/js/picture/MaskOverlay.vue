<script setup lang="ts">
import { computed } from 'vue';
import type { Corner, MaskPlace } from '@/api/answers';
import { usePlayhead } from '@/project/playhead';
import { SNAP, useDragOnPicture } from './dragOnPicture';
import type { HandleName } from './dragging';
import type { PictureView } from './view';
import WayPoints from './WayPoints.vue';
import WayTicks from './WayTicks.vue';

/** The masks of the selected layer: dragged by the knot in their middle, pulled by their handles. */
const props = defineProps<{ layer: string; masks: MaskPlace[]; view: PictureView }>();

const playhead = usePlayhead();
const drag = useDragOnPicture(props.view);

const NAMES: HandleName[] = ['top-left', 'top', 'top-right', 'right', 'bottom-right', 'bottom', 'bottom-left', 'left'];

/** The knot stands so far beside the middle, where the layer's anchor often is. */
const BESIDE = 24;
/** How long, in screen pixels, the stalk is of what a mask is turned by. */
const STALK = 24;
/** How far within its edges the handles of a crop stand, in screen pixels. */
const WITHIN = 13;

const between = (a: Corner, b: Corner): Corner => [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];

const drawn = computed(() =>
    props.masks.map(({ mask, form, corners, ticks, points, ghosts }) => {
        const [tl, tr, br, bl] = corners.map(props.view.toScreen) as [Corner, Corner, Corner, Corner];
        const at = [tl, between(tl, tr), tr, between(tr, br), br, between(br, bl), bl, between(bl, tl)];
        const middle = between(tl, br);
        return {
            mask,
            points,
            middle,
            // What is cropped by its edges is not turned.
            turn: form === 'crop' ? null : outwards(between(tl, tr), middle),
            top: between(tl, tr),
            ticks: ticks.map(props.view.toScreen),
            ghosts: ghosts.map((ghost) => outlineOf(form, ghost.corners.map(props.view.toScreen))),
            handles: NAMES.map((name, index) => ({
                name,
                at: form === 'crop' ? inward(at[index]!, middle) : at[index]!,
            })),
            outline: outlineOf(form, [tl, tr, br, bl]),
        };
    }),
);

/** Where nothing is cropped yet, the edges are the layer's own: the handles of a crop stand within, beside those of the layer. */
function inward([x, y]: Corner, middle: Corner): Corner {
    const distance = Math.hypot(middle[0] - x, middle[1] - y);
    const share = Math.min(WITHIN, distance / 2) / (distance || 1);
    return [x + (middle[0] - x) * share, y + (middle[1] - y) * share];
}

/** So far beyond an edge stands what a mask is turned by. */
function outwards([x, y]: Corner, middle: Corner): Corner {
    const distance = Math.hypot(x - middle[0], y - middle[1]);
    return distance < 1
        ? [x, y - STALK]
        : [x + ((x - middle[0]) * STALK) / distance, y + ((y - middle[1]) * STALK) / distance];
}

/** By which masks are moved. */
const knots = computed(() =>
    drawn.value.map(({ mask, middle: [x, y] }) => ({ mask, at: [x + BESIDE, y + BESIDE] as Corner })),
);

function outlineOf(form: MaskPlace['form'], corners: Corner[]): string {
    const [tl, tr, br, bl] = corners as [Corner, Corner, Corner, Corner];
    return form === 'ellipse'
        ? ellipse(between(tl, br), between(tr, br), between(bl, br))
        : `M${corners.map((corner) => corner.join(' ')).join('L')}Z`;
}

/** An ellipse by its middle and the ends of two half axes, which a parallelogram around it has in common with it. */
function ellipse([x, y]: Corner, across: Corner, down: Corner): string {
    const points = Array.from({ length: 73 }, (_, step) => {
        const [cos, sin] = [Math.cos((step * Math.PI) / 36), Math.sin((step * Math.PI) / 36)];
        return `${x + cos * (across[0] - x) + sin * (down[0] - x)} ${y + cos * (across[1] - y) + sin * (down[1] - y)}`;
    });
    return `M${points.join('L')}Z`;
}

function pull(mask: string, handle: HandleName | null, down: PointerEvent): void {
    drag(
        down,
        (by, event) => [
            'pull-mask',
            {
                layer: props.layer,
                mask,
                frame: playhead.frame,
                by: [Math.round(by[0]), Math.round(by[1])],
                scope: event.ctrlKey || event.metaKey ? 'whole' : 'playhead',
                ...(handle
                    ? { handle, centred: event.altKey, proportional: event.shiftKey }
                    : { straight: event.shiftKey, snap: event.altKey ? 0 : SNAP / props.view.view.value.scale }),
            },
        ],
        handle ? {} : { held: { layer: props.layer, part: mask } },
    );
}

function turn(mask: string, down: PointerEvent): void {
    const box = (down.currentTarget as SVGElement).ownerSVGElement!.getBoundingClientRect();
    const at = (event: PointerEvent): Corner =>
        props.view.toComposition([event.clientX - box.left, event.clientY - box.top]);
    const path = [at(down)];
    drag(down, (_, event) => {
        path.push(at(event));
        return [
            'turn-mask',
            {
                layer: props.layer,
                mask,
                frame: playhead.frame,
                path,
                snap: event.shiftKey,
                scope: event.ctrlKey || event.metaKey ? 'whole' : 'playhead',
            },
        ];
    });
}
</script>

<template>
    <svg class="masks" aria-hidden="true">
        <g v-for="one in drawn" :key="one.mask" :data-mask-place="one.mask">
            <path v-for="(ghost, index) in one.ghosts" :key="index" class="ghost" :d="ghost" data-mask-ghost />
            <WayTicks :ticks="one.ticks" />
            <path class="outline" :d="one.outline" />
            <template v-if="one.turn">
                <line class="stalk" :x1="one.top[0]" :y1="one.top[1]" :x2="one.turn[0]" :y2="one.turn[1]" />
                <circle
                    class="handle"
                    data-mask-handle="turn"
                    :cx="one.turn[0]"
                    :cy="one.turn[1]"
                    r="5"
                    @pointerdown.stop.prevent="turn(one.mask, $event)"
                />
            </template>
            <rect
                v-for="{ name, at } in one.handles"
                :key="name"
                class="handle"
                :data-mask-handle="name"
                :x="at[0] - 4"
                :y="at[1] - 4"
                width="8"
                height="8"
                rx="4"
                @pointerdown.stop.prevent="pull(one.mask, name, $event)"
            />
            <WayPoints
                :layer="layer"
                :property="`${one.mask}.position`"
                :points="one.points"
                :view="view"
                @pull="(point) => playhead.go(point.frame)"
            />
        </g>
        <g
            v-for="{ mask, at } in knots"
            :key="mask"
            class="knot"
            :transform="`translate(${at[0]} ${at[1]})`"
            data-mask-knot
            @pointerdown.stop.prevent="pull(mask, null, $event)"
        >
            <circle r="11" class="reach" />
            <path d="M-6 -6L6 6M-6 6L6 -6" />
        </g>
    </svg>
</template>

<style scoped>
.masks {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    overflow: hidden;
    pointer-events: none;
}
.outline {
    fill: none;
    stroke: var(--second);
    stroke-width: 1.5;
    stroke-dasharray: 6 3;
}
.ghost {
    fill: none;
    stroke: var(--raised);
    stroke-dasharray: 3 4;
    opacity: 0.9;
}
.stalk {
    stroke: var(--second);
}
.handle {
    fill: var(--raised);
    stroke: var(--second);
    stroke-width: 1.5;
    pointer-events: all;
    cursor: crosshair;
}
.handle:hover {
    fill: var(--second);
}
.knot {
    pointer-events: all;
    cursor: move;
}
.reach {
    fill: color-mix(in srgb, var(--raised) 70%, transparent);
    stroke: var(--second);
    stroke-width: 1.25;
}
.knot path {
    stroke: var(--second);
    stroke-width: 1.75;
}
</style>
