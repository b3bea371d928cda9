<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Corner, PathPlace } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useScopes } from '@/project/scopes';
import { useDragOnPicture } from './dragOnPicture';
import type { PictureView } from './view';

/** The points of the selected layer's paths: pulled, bent by their handles, put in between two, made smooth or sharp by a double click. */
const props = defineProps<{ layer: string; paths: PathPlace[]; view: PictureView }>();

type Part = 'at' | 'in' | 'out';

const composition = useComposition();
const playhead = usePlayhead();
const scopes = useScopes();
const drag = useDragOnPicture(props.view);
/** The point that was clicked last, whose handles are seen. */
const chosen = ref<string | null>(null);

const same = (a: Corner, b: Corner): boolean => Math.hypot(a[0] - b[0], a[1] - b[1]) < 0.01;

const drawn = computed(() =>
    props.paths.map((path) => ({
        ...path,
        knots: path.contours.flatMap(({ closed, knots }, contour) =>
            knots.map((knot, index) => {
                const next = knots[index + 1] ?? (closed ? knots[0] : undefined);
                const at = props.view.toScreen(knot.at);
                return {
                    key: `${path.property} ${contour} ${index}`,
                    contour,
                    index,
                    at,
                    corner: same(knot.at, knot.in) && same(knot.at, knot.out),
                    handles: (['in', 'out'] as const)
                        .filter((part) => !same(knot.at, knot[part]))
                        .map((part) => ({ part, at: props.view.toScreen(knot[part]) })),
                    between: next && middle(knot.at, knot.out, next.in, next.at).map((value) => value),
                };
            }),
        ),
    })),
);

/** Half way along a cubic curve, on the screen. */
function middle(a: Corner, b: Corner, c: Corner, d: Corner): Corner {
    const at = (axis: 0 | 1): number => (a[axis] + 3 * b[axis] + 3 * c[axis] + d[axis]) / 8;
    return props.view.toScreen([at(0), at(1)]);
}

const where = (property: string) => ({ layer: props.layer, property, frame: playhead.frame });

function pull(
    property: string,
    knot: { key: string; contour: number; index: number },
    part: Part,
    down: PointerEvent,
): void {
    if (down.button !== 0) {
        return;
    }
    chosen.value = knot.key;
    drag(down, (by, event) => [
        'pull-knot',
        {
            ...where(property),
            contour: knot.contour,
            knot: knot.index,
            // Out of a corner a handle is pulled with Alt.
            part: part === 'at' && down.altKey ? 'out' : part,
            by: [Math.round(by[0]), Math.round(by[1])],
            broken: part !== 'at' && event.altKey,
            scope: event.ctrlKey || event.metaKey || scopes.isWhole(props.layer, property) ? 'whole' : 'playhead',
        },
    ]);
}

const change = (property: string, knot: { contour: number; index: number }, what: string): void =>
    void composition.edit('change-path', { ...where(property), change: what, contour: knot.contour, knot: knot.index });

function key(event: KeyboardEvent, property: string, knot: { contour: number; index: number }): void {
    if (event.key === 'Delete' || event.key === 'Backspace') {
        event.preventDefault();
        event.stopPropagation();
        change(property, knot, 'remove');
    }
}
const transform = computed(() => {
    const { x, y, scale } = props.view.view.value;
    return `translate(${x} ${y}) scale(${scale})`;
});
</script>

<template>
    <svg class="paths">
        <g v-for="one in drawn" :key="one.property" :data-path-place="one.property">
            <g :transform="transform">
                <path class="line dark" :d="one.path" vector-effect="non-scaling-stroke" />
                <path class="line" :d="one.path" vector-effect="non-scaling-stroke" />
            </g>
            <g v-for="knot in one.knots" :key="knot.key">
                <circle
                    v-if="knot.between"
                    class="between"
                    :data-path-between="`${knot.contour}.${knot.index}`"
                    :cx="knot.between[0]"
                    :cy="knot.between[1]"
                    r="3.5"
                    @pointerdown.stop.prevent
                    @click.stop="change(one.property, knot, 'insert')"
                >
                    <title>Click: a point here</title>
                </circle>
                <template v-if="chosen === knot.key">
                    <g v-for="handle in knot.handles" :key="handle.part">
                        <line :x1="knot.at[0]" :y1="knot.at[1]" :x2="handle.at[0]" :y2="handle.at[1]" />
                        <circle
                            class="handle"
                            :data-path-handle="handle.part"
                            :cx="handle.at[0]"
                            :cy="handle.at[1]"
                            r="4.5"
                            @pointerdown.stop.prevent="pull(one.property, knot, handle.part, $event)"
                        >
                            <title>With Alt the other handle stays</title>
                        </circle>
                    </g>
                </template>
                <rect
                    class="knot"
                    :class="{ chosen: chosen === knot.key }"
                    tabindex="0"
                    :data-path-knot="`${knot.contour}.${knot.index}`"
                    :x="knot.at[0] - 4"
                    :y="knot.at[1] - 4"
                    width="8"
                    height="8"
                    :rx="knot.corner ? 1 : 4"
                    @pointerdown.stop="pull(one.property, knot, 'at', $event)"
                    @dblclick.stop="change(one.property, knot, knot.corner ? 'smooth' : 'sharpen')"
                    @keydown="key($event, one.property, knot)"
                >
                    <title>Double click: smooth or sharp. Alt: pull a handle out. Delete takes it away.</title>
                </rect>
            </g>
        </g>
    </svg>
</template>

<style scoped>
.paths {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    overflow: hidden;
    pointer-events: none;
}
.line {
    fill: none;
    stroke: var(--raised);
    stroke-width: 1.25;
}
.dark {
    stroke: var(--second);
    stroke-width: 2.75;
}
line {
    stroke: var(--second);
    stroke-width: 1.25;
}
.knot,
.handle {
    fill: var(--raised);
    stroke: var(--second);
    stroke-width: 1.5;
    pointer-events: all;
    cursor: crosshair;
    outline: none;
}
.knot:hover,
.knot.chosen,
.knot:focus-visible {
    fill: var(--second);
}
.between {
    fill: color-mix(in srgb, var(--raised) 55%, transparent);
    stroke: var(--second);
    pointer-events: all;
    cursor: copy;
}
</style>
