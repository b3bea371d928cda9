<script setup lang="ts">
import { useEventListener } from '@vueuse/core';
import { computed, onBeforeUnmount, ref } from 'vue';
import type { Corner } from '@/api/answers';
import { pathThrough, useDrawing } from './drawing';
import PictureSays from './PictureSays.vue';
import type { PictureView } from './view';

/** A path is drawn point by point: a click sets a corner, a pull a smooth point; the first point again closes it. */
const props = defineProps<{ view: PictureView }>();

/** So near, in screen pixels, a press means the first point. */
const NEAR = 10;
/** A pull that is shorter, in screen pixels, is a click. */
const PULLED = 4;
const MOST = 1000;

const drawing = useDrawing();
const pointer = ref<Corner | null>(null);
const pulling = ref(false);

const least = computed(() => (drawing.mustClose ? 3 : 2));
const onScreen = computed(() => drawing.points.map(({ at }) => props.view.toScreen(at)));
const handles = computed(() =>
    drawing.points.flatMap(({ at, out }) =>
        out ? [{ at: props.view.toScreen(at), out: props.view.toScreen(out) }] : [],
    ),
);
const closes = computed(() => {
    const [first] = onScreen.value;
    const at = pointer.value;
    return drawing.points.length >= 3 && !!first && !!at && Math.hypot(at[0] - first[0], at[1] - first[1]) < NEAR;
});
const line = computed(() => {
    if (drawing.points.length === 0) {
        return '';
    }
    const next =
        pointer.value && !pulling.value && !closes.value ? [{ at: props.view.toComposition(pointer.value) }] : [];
    return pathThrough([...drawing.points, ...next], closes.value);
});
const transform = computed(() => {
    const { x, y, scale } = props.view.view.value;
    return `translate(${x} ${y}) scale(${scale})`;
});

function placeOf(event: PointerEvent): Corner {
    const box = (event.currentTarget as Element).getBoundingClientRect();
    return [event.clientX - box.left, event.clientY - box.top];
}

const rounded = ([x, y]: Corner): Corner => [Math.round(x), Math.round(y)];

function finish(closed: boolean): void {
    if (drawing.points.length >= least.value) {
        drawing.finish?.(pathThrough(drawing.points, closed));
    }
}

function press(event: PointerEvent): void {
    pointer.value = placeOf(event);
    if (event.button !== 0) {
        return;
    }
    if (closes.value || drawing.points.length === MOST) {
        finish(true);
        return;
    }
    drawing.points.push({ at: rounded(props.view.toComposition(pointer.value)) });
    pulling.value = true;
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
}

function move(event: PointerEvent): void {
    pointer.value = placeOf(event);
    const last = drawing.points.at(-1);
    if (pulling.value && last) {
        const [x, y] = props.view.toScreen(last.at);
        const pulled = Math.hypot(pointer.value[0] - x, pointer.value[1] - y) > PULLED;
        last.out = pulled ? rounded(props.view.toComposition(pointer.value)) : undefined;
    }
}

/** Before anyone else is told of a key: it means nothing but the path. */
useEventListener(
    window,
    'keydown',
    (event: KeyboardEvent) => {
        if (!['Escape', 'Enter', 'Backspace', 'Delete'].includes(event.key)) {
            return;
        }
        event.stopImmediatePropagation();
        event.preventDefault();
        if (event.key === 'Escape') {
            drawing.finish?.(null);
        } else if (event.key === 'Enter') {
            finish(drawing.mustClose);
        } else {
            drawing.points.pop();
        }
    },
    { capture: true },
);
onBeforeUnmount(() => drawing.finish?.(null));
</script>

<template>
    <svg
        class="pen"
        data-pen
        @pointerdown.stop.prevent="press"
        @pointermove="move"
        @pointerup="pulling = false"
        @pointerleave="pointer = null"
        @dblclick.stop
    >
        <g :transform="transform">
            <path class="dark" :d="line" vector-effect="non-scaling-stroke" />
            <path :d="line" vector-effect="non-scaling-stroke" />
        </g>
        <line
            v-for="({ at, out }, index) in handles"
            :key="`h${index}`"
            :x1="2 * at[0] - out[0]"
            :y1="2 * at[1] - out[1]"
            :x2="out[0]"
            :y2="out[1]"
        />
        <circle
            v-for="([x, y], index) in onScreen"
            :key="index"
            :class="{ first: index === 0 && closes }"
            :cx="x"
            :cy="y"
            :r="index === 0 ? 6 : 4"
        />
    </svg>
    <PictureSays>
        Click for a corner, pull for a curve; the first point closes it{{
            drawing.mustClose ? ', Enter too' : ', Enter leaves it open'
        }}. Backspace takes one back, Escape cancels.
    </PictureSays>
</template>

<style scoped>
.pen {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    cursor: crosshair;
    touch-action: none;
}
path {
    fill: none;
    stroke: #fff;
    stroke-width: 1.5;
}
.dark {
    stroke: #00000090;
    stroke-width: 3.5;
}
line {
    stroke: var(--second);
    stroke-width: 1.25;
}
circle {
    fill: var(--raised);
    stroke: var(--second);
    stroke-width: 1.75;
}
.first {
    fill: var(--second);
}
</style>
