<script setup lang="ts">
import { useEventListener } from '@vueuse/core';
import { computed, onBeforeUnmount, onMounted, ref } from 'vue';
import type { ArgumentsOf } from '@/api/edits';
import type { Corner } from '@/api/answers';
import { useAdding, type InHand } from '@/project/adding';
import { useComposition } from '@/project/composition';
import { useDrawing } from './drawing';
import PictureSays from './PictureSays.vue';
import type { PictureView } from './view';

/** A thing of the Kit is drawn as large as it is wanted, from one corner to the other; a click places it as it is. */
const props = defineProps<{ thing: InHand; view: PictureView }>();

/** What comes this near to a guide, in screen pixels, is drawn to it. */
const SNAP = 6;

const adding = useAdding();
const composition = useComposition();
const from = ref<Corner | null>(null);
const pointer = ref<Corner>([0, 0]);
/** How large it is while it is drawn. */
const size = computed(() => {
    const box = from.value && composition.draft ? composition.glimpse?.poses.at(-1)?.box : undefined;
    return box ? [box[2] - box[0], box[3] - box[1]].map((side) => Math.round(side * 10) / 10).join(' × ') : '';
});

function placeOf(event: PointerEvent): Corner {
    const box = (event.currentTarget as Element).getBoundingClientRect();
    return [event.clientX - box.left, event.clientY - box.top];
}

function request(event: PointerEvent): ArgumentsOf<'draw-layer'> {
    const at = ([x, y]: Corner): Corner => [Math.round(x), Math.round(y)];
    return {
        layer: props.thing.layer,
        frame: adding.begins(),
        from: at(props.view.toComposition(from.value!)),
        to: at(props.view.toComposition(pointer.value)),
        even: event.shiftKey,
        centred: event.altKey,
        snap: SNAP / props.view.view.value.scale,
    };
}

function press(event: PointerEvent): void {
    if (event.button === 0) {
        pointer.value = placeOf(event);
        from.value = pointer.value;
        (event.currentTarget as Element).setPointerCapture(event.pointerId);
    }
}

function move(event: PointerEvent): void {
    pointer.value = placeOf(event);
    if (from.value) {
        void composition.attempt('draw-layer', request(event));
    }
}

function release(event: PointerEvent): void {
    if (from.value) {
        pointer.value = placeOf(event);
        const args = request(event);
        from.value = null;
        void adding.draw(args);
    }
}

function giveUp(): void {
    if (from.value) {
        from.value = null;
        composition.abandon();
    } else {
        adding.inHand = null;
    }
}

/** Before anyone else is told of it: the first takes back what is being drawn, the next puts the thing away. */
useEventListener(
    window,
    'keydown',
    (event: KeyboardEvent) => {
        if (event.key === 'Escape') {
            event.stopImmediatePropagation();
            event.preventDefault();
            giveUp();
        }
    },
    { capture: true },
);
onMounted(() => useDrawing().stop());
onBeforeUnmount(() => from.value && composition.abandon());
</script>

<template>
    <div
        class="draw"
        data-draw
        @pointerdown.stop.prevent="press"
        @pointermove.stop="move"
        @pointerup="release"
        @pointercancel="giveUp"
        @dblclick.stop
    >
        <b v-if="size" class="size" :style="{ left: `${pointer[0] + 14}px`, top: `${pointer[1] + 12}px` }">{{
            size
        }}</b>
        <PictureSays>
            Drag to draw: {{ thing.label }}. Shift keeps it even, Alt draws from the middle; a click places it as it is,
            Escape puts it away.
        </PictureSays>
    </div>
</template>

<style scoped>
.draw {
    position: absolute;
    inset: 0;
    cursor: crosshair;
    touch-action: none;
}
.size {
    position: absolute;
    padding: 2px 8px;
    border-radius: 9px;
    background: var(--ink);
    color: var(--raised);
    font-size: 12px;
    font-weight: 500;
    font-variant-numeric: tabular-nums;
    pointer-events: none;
    white-space: nowrap;
}
</style>
