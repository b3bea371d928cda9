<script setup lang="ts">
import { computed } from 'vue';
import type { Corner, Guide, Pose } from '@/api/answers';
import type { Grip, HandleName } from './dragging';
import type { PictureView } from './view';

const props = defineProps<{
    poses: Pose[];
    hovered: Pose | null;
    guides: Guide[];
    view: PictureView;
    /** Whether what is selected is led through space. */
    inSpace: boolean;
}>();
const emit = defineEmits<{
    grab: [grip: Grip, pose: Pose, event: PointerEvent];
    anchor: [pose: Pose, event: MouseEvent];
}>();

const STALK = 30;
/** How far on both sides of the handle that turns those stand that tilt and lead away. */
const BESIDE = 24;
/** Handles stand this far outside the box, so that small type stays readable. */
const OUTSIDE = 5;
/** Sides shorter than this on the screen have no handle in their middle. */
const LEAST_SIDE = 56;

/** A guide's two ends on the screen. */
const lines = computed(() =>
    props.guides.map(({ axis, at, from, to }) => ({
        from: props.view.toScreen(axis === 'x' ? [at, from] : [from, at]),
        to: props.view.toScreen(axis === 'x' ? [at, to] : [to, at]),
    })),
);

const between = (a: Corner, b: Corner): Corner => [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
const outline = (corners: Corner[]): string => corners.map((corner) => props.view.toScreen(corner).join(',')).join(' ');

/** The box around everything that is selected, seen or not, as a layer's corners go around. */
function around(poses: Pose[]): Corner[] {
    const all = poses.flatMap((pose) => pose.corners);
    const [x, y] = [all.map((corner) => corner[0]), all.map((corner) => corner[1])];
    const [left, right, top, bottom] = [Math.min(...x), Math.max(...x), Math.min(...y), Math.max(...y)];
    return [
        [left, top],
        [right, top],
        [right, bottom],
        [left, bottom],
    ];
}

/**
 * What is selected, with its handles on the screen: a layer has eight, and one to turn it; around several there are four. Where
 * nothing of it is seen at this moment there are none.
 */
const gripped = computed(() => {
    const pose = props.poses.find((one) => one.seen);
    if (!pose) {
        return null;
    }
    const alone = props.poses.length === 1;
    const box = alone ? pose.corners : around(props.poses);
    const [tl, tr, br, bl] = box.map(props.view.toScreen) as [Corner, Corner, Corner, Corner];
    const [top, right, bottom, left] = [between(tl, tr), between(tr, br), between(br, bl), between(bl, tl)];
    const centre = between(tl, br);
    const outward = ([x, y]: Corner): Corner => {
        const distance = Math.hypot(x - centre[0], y - centre[1]) || 1;
        return [x + ((x - centre[0]) / distance) * OUTSIDE, y + ((y - centre[1]) / distance) * OUTSIDE];
    };
    const across = Math.hypot(tr[0] - tl[0], tr[1] - tl[1]) >= LEAST_SIDE;
    const down = Math.hypot(bl[0] - tl[0], bl[1] - tl[1]) >= LEAST_SIDE;
    const corners: [HandleName, Corner][] = [
        ['top-left', tl],
        ['top-right', tr],
        ['bottom-right', br],
        ['bottom-left', bl],
    ];
    const sides: [HandleName, Corner][] = [
        ...(alone && across
            ? ([
                  ['top', top],
                  ['bottom', bottom],
              ] as [HandleName, Corner][])
            : []),
        ...(alone && down
            ? ([
                  ['right', right],
                  ['left', left],
              ] as [HandleName, Corner][])
            : []),
    ];
    const handles = [...corners, ...sides].map(([name, point]): [HandleName, Corner] => [name, outward(point)]);
    const [dx, dy] = [top[0] - bottom[0], top[1] - bottom[1]];
    const length = Math.hypot(dx, dy) || 1;
    const turn: Corner = [top[0] + (dx / length) * STALK, top[1] + (dy / length) * STALK];
    const beside = (by: number): Corner => [turn[0] - (dy / length) * by, turn[1] + (dx / length) * by];
    const space: ['tilt' | 'depth', Corner][] =
        alone && props.inSpace
            ? [
                  ['tilt', beside(-BESIDE)],
                  ['depth', beside(BESIDE)],
              ]
            : [];
    return { pose, alone, box, handles, centre, top, turn, space, anchor: props.view.toScreen(pose.anchor) };
});

/** The resize cursor that points the way a handle pulls, for a layer turned as it is. */
function cursor([x, y]: Corner): string {
    const [cx, cy] = gripped.value!.centre;
    const angle = ((Math.atan2(y - cy, x - cx) * 180) / Math.PI + 360 + 22.5) % 180;
    return ['ew-resize', 'nwse-resize', 'ns-resize', 'nesw-resize'][Math.floor(angle / 45)]!;
}
</script>

<template>
    <svg class="handles" aria-hidden="true">
        <line
            v-for="({ from, to }, index) in lines"
            :key="index"
            class="guide"
            data-guide
            :x1="from[0]"
            :y1="from[1]"
            :x2="to[0]"
            :y2="to[1]"
        />
        <polygon v-if="hovered" class="hovered" :points="outline(hovered.corners)" />
        <polygon
            v-for="pose in poses"
            :key="pose.layer"
            class="outline"
            :class="{ unseen: !pose.seen }"
            :points="outline(pose.corners)"
        />
        <template v-if="gripped">
            <polygon v-if="!gripped.alone" class="all" data-all :points="outline(gripped.box)" />
            <line
                v-if="gripped.alone"
                class="stalk"
                :x1="gripped.top[0]"
                :y1="gripped.top[1]"
                :x2="gripped.turn[0]"
                :y2="gripped.turn[1]"
            />
            <circle
                v-if="gripped.alone"
                class="handle turn"
                data-handle="turn"
                :cx="gripped.turn[0]"
                :cy="gripped.turn[1]"
                r="6"
                @pointerdown.stop.prevent="emit('grab', 'turn', gripped.pose, $event)"
            />
            <g
                v-for="[name, [x, y]] in gripped.space"
                :key="name"
                class="handle in-space"
                :data-handle="name"
                :transform="`translate(${x} ${y})`"
                @pointerdown.stop.prevent="emit('grab', name, gripped.pose, $event)"
            >
                <circle r="7.5" />
                <path
                    :d="
                        name === 'tilt'
                            ? 'M-5 0C-3 3 3 3 5 0M0 -5C3 -3 3 3 0 5'
                            : 'M0 -5V5M-2.5 -2.5L0 -5L2.5 -2.5M-2.5 2.5L0 5L2.5 2.5'
                    "
                />
                <title>
                    {{
                        name === 'tilt'
                            ? 'Drag: tilt. Shift: about one axis; Alt: by 15°'
                            : 'Drag up: farther away; down: nearer'
                    }}
                </title>
            </g>
            <rect
                v-for="[name, [x, y]] in gripped.handles"
                :key="name"
                class="handle"
                :data-handle="name"
                :x="x - 5"
                :y="y - 5"
                width="10"
                height="10"
                rx="3"
                :style="{ cursor: cursor([x, y]) }"
                @pointerdown.stop.prevent="emit('grab', name, gripped.pose, $event)"
            />
            <g
                v-if="gripped.alone"
                class="anchor"
                data-handle="anchor"
                :transform="`translate(${gripped.anchor[0]} ${gripped.anchor[1]})`"
                @pointerdown.stop.prevent="emit('grab', 'anchor', gripped.pose, $event)"
                @dblclick="emit('anchor', gripped.pose, $event)"
            >
                <circle class="reach" r="8" />
                <path d="M-7 0H7M0 -7V7" />
                <circle r="3.5" />
            </g>
        </template>
    </svg>
</template>

<style scoped>
.handles {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    overflow: hidden;
    pointer-events: none;
}
.outline {
    fill: none;
    stroke: var(--accent);
    stroke-width: 1.5;
}
.guide {
    stroke: var(--guide);
    stroke-width: 1.25;
    filter: drop-shadow(0 0 1px #000000b0);
}
.all {
    fill: none;
    stroke: var(--accent);
    stroke-width: 1;
    stroke-dasharray: 6 3;
}
.unseen {
    stroke-dasharray: 2 5;
    opacity: 0.8;
}
.hovered {
    fill: none;
    stroke: var(--accent);
    stroke-width: 1;
    stroke-dasharray: 4 3;
}
.stalk {
    stroke: var(--accent);
    stroke-width: 1.5;
}
.handle {
    fill: var(--raised);
    stroke: var(--accent);
    stroke-width: 1.5;
    pointer-events: all;
}
.handle:hover {
    fill: var(--accent);
}
.turn,
.in-space {
    cursor: grab;
}
.in-space path {
    fill: none;
}
.in-space:hover path {
    stroke: var(--on-accent);
}
.anchor {
    pointer-events: all;
    cursor: move;
}
.anchor .reach {
    fill: transparent;
    stroke: none;
}
.anchor path,
.anchor circle:not(.reach) {
    fill: none;
    stroke: var(--accent);
    stroke-width: 1.5;
}
</style>
