<script setup lang="ts">
import { useEventListener } from '@vueuse/core';
import { computed, onBeforeUnmount, ref } from 'vue';
import type { Corner } from '@/api/answers';
import { useDrawing } from './drawing';
import PictureSays from './PictureSays.vue';
import type { PictureView } from './view';

/** A form is drawn point by point; the first point again, or Enter, closes it. */
const props = defineProps<{ view: PictureView }>();

/** So near, in screen pixels, a press means the first point. */
const NEAR = 10;
/** Fewer points enclose nothing. */
const LEAST = 3;
const MOST = 64;

const drawing = useDrawing();
const pointer = ref<Corner | null>(null);

const onScreen = computed(() => drawing.points.map(props.view.toScreen));
const closes = computed(() => {
    const [first] = onScreen.value;
    const at = pointer.value;
    return drawing.points.length >= LEAST && !!first && !!at && Math.hypot(at[0] - first[0], at[1] - first[1]) < NEAR;
});
const line = computed(() => {
    const end = closes.value ? onScreen.value[0] : pointer.value;
    return [...onScreen.value, ...(end && onScreen.value.length > 0 ? [end] : [])].map((at) => at.join(',')).join(' ');
});

function placeOf(event: PointerEvent): Corner {
    const box = (event.currentTarget as Element).getBoundingClientRect();
    return [event.clientX - box.left, event.clientY - box.top];
}

const close = (): void => {
    if (drawing.points.length >= LEAST) {
        drawing.finish?.(drawing.points);
    }
};

function press(event: PointerEvent): void {
    pointer.value = placeOf(event);
    if (closes.value || drawing.points.length === MOST) {
        close();
    } else if (event.button === 0) {
        const [x, y] = props.view.toComposition(pointer.value);
        drawing.points.push([Math.round(x), Math.round(y)]);
    }
}

/** Before anyone else is told of a key: it means nothing but the form. */
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
            close();
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
        @pointermove="pointer = placeOf($event)"
        @pointerleave="pointer = null"
        @dblclick.stop
    >
        <polyline class="dark" :points="line" />
        <polyline :points="line" />
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
        Click from point to point; the first one, or Enter, closes the form. Backspace takes one back, Escape gives up.
    </PictureSays>
</template>

<style scoped>
.pen {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    cursor: crosshair;
}
polyline {
    fill: none;
    stroke: #fff;
    stroke-width: 1.5;
}
.dark {
    stroke: #00000090;
    stroke-width: 3.5;
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
