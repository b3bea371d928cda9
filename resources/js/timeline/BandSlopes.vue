<script setup lang="ts">
import type { EditRequest } from '@/api/edits';
import { computed } from 'vue';
import type { Layer } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { useDragInTime } from './dragInTime';
import { useTimeView } from './timeView';

/** Within a layer's band: how long it arrives and leaves, as slopes to be dragged, and where its accents are. */
const props = defineProps<{ layer: Layer }>();
const emit = defineEmits<{ grab: [event: PointerEvent] }>();

const view = useTimeView();
const { begin } = useDragInTime();

const composition = useComposition();
const band = computed(() => composition.bandOf(props.layer));

/** An inner end is dragged: what comes or goes takes longer or shorter. */
function pull(event: PointerEvent, edit: 'pull-phase' | 'pull-cascade', args: object): void {
    if (event.button === 0) {
        emit('grab', event);
        begin(event, {
            isDrawnIn: false,
            request: (by) => ({ edit, args: { layer: props.layer.id, ...args, by: Math.round(by) } }) as EditRequest,
        });
    }
}
</script>

<template>
    <i
        v-if="band.arrive"
        class="slope arrive"
        data-slope="arrive"
        title="Drag: how long it takes to arrive"
        :style="{ width: `${band.arrive * view.perFrame.value}px` }"
        @pointerdown.stop="pull($event, 'pull-phase', { side: 'arrive' })"
    />
    <i
        v-if="band.leave"
        class="slope leave"
        data-slope="leave"
        title="Drag: how long it takes to leave"
        :style="{ width: `${band.leave * view.perFrame.value}px` }"
        @pointerdown.stop="pull($event, 'pull-phase', { side: 'leave' })"
    />
    <i
        v-for="(accent, index) in layer.accents ?? []"
        :key="`a${index}`"
        class="accent"
        data-accent-mark
        :style="{
            left: `${accent.at * view.perFrame.value}px`,
            width: `${accent.length * view.perFrame.value}px`,
        }"
    />
    <i
        v-for="one in band.cascades ?? []"
        :key="one.id"
        class="cascade"
        :class="{ leaves: one.leaves }"
        :data-cascade-mark="one.id"
        title="Drag: how long the cascade takes"
        :style="{ left: `${one.at * view.perFrame.value}px`, width: `${one.length * view.perFrame.value}px` }"
        @pointerdown.stop="pull($event, 'pull-cascade', { cascade: one.id })"
    />
</template>

<style scoped>
.slope {
    position: absolute;
    z-index: 1;
    top: 0;
    bottom: 0;
    background: var(--dye);
    opacity: 0.28;
    cursor: col-resize;
    touch-action: none;
}
.slope:hover {
    opacity: 0.5;
}
.slope.arrive {
    left: 0;
    clip-path: polygon(0 0, 100% 0, 0 100%);
}
.slope.leave {
    right: 0;
    clip-path: polygon(0 0, 100% 0, 100% 100%);
}
/* A seam along the top: while it lasts the layer moves. */
.accent {
    position: absolute;
    top: 0;
    height: 4px;
    background: repeating-linear-gradient(90deg, var(--dye) 0 4px, transparent 4px 7px);
    pointer-events: none;
}
/* Steps along the foot: one after another. */
.cascade {
    position: absolute;
    z-index: 1;
    bottom: 0;
    height: 7px;
    background: repeating-linear-gradient(90deg, var(--dye) 0 5px, transparent 5px 7px);
    opacity: 0.75;
    clip-path: polygon(0 100%, 100% 0, 100% 100%);
    cursor: col-resize;
    touch-action: none;
}
.cascade.leaves {
    clip-path: polygon(0 0, 100% 100%, 0 100%);
}
.cascade:hover {
    opacity: 1;
}
</style>
