<script setup lang="ts">
import type { EditRequest } from '@/api/edits';
import { computed } from 'vue';
import type { Layer } from '@/api/answers';
import { useDragInTime } from './dragInTime';
import { useTimeView } from './timeView';

/** Within a layer's band: how long it arrives and leaves, as slopes to be dragged, and where its accents are. */
const props = defineProps<{ layer: Layer }>();
const emit = defineEmits<{ grab: [event: PointerEvent] }>();

const view = useTimeView();
const { begin } = useDragInTime();

/** How long it arrives and leaves, in frames. */
const slopes = computed(() => {
    const { arrive, leave } = props.layer;
    const length = (phase: typeof leave): number =>
        phase && 'length' in phase ? phase.length - (phase.begun ?? 0) : 0;
    return { arrive: length(arrive), leave: leave && 'mirror' in leave ? length(arrive) : length(leave) };
});

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

/** When each of its cascades runs, in frames from the in point. A mirrored one is as long as what it mirrors. */
const cascades = computed(() => {
    const all = 'cascades' in props.layer ? (props.layer.cascades ?? []) : [];
    const last = props.layer.out - 1 - props.layer.in;
    return all.flatMap((one) => {
        const whose = 'mirrors' in one ? all.find((other) => other.id === one.mirrors) : one;
        if (!whose || !('length' in whose) || one.on === false) {
            return [];
        }
        const leaves = 'mirrors' in one || one.as === 'leave';
        const from = leaves ? last - (one.at ?? 0) - whose.length : (one.at ?? 0);
        return [{ id: one.id, leaves, from, length: whose.length }];
    });
});
</script>

<template>
    <i
        v-if="slopes.arrive"
        class="slope arrive"
        data-slope="arrive"
        title="Drag: how long it takes to arrive"
        :style="{ width: `${slopes.arrive * view.perFrame.value}px` }"
        @pointerdown.stop="pull($event, 'pull-phase', { side: 'arrive' })"
    />
    <i
        v-if="slopes.leave"
        class="slope leave"
        data-slope="leave"
        title="Drag: how long it takes to leave"
        :style="{ width: `${slopes.leave * view.perFrame.value}px` }"
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
        v-for="one in cascades"
        :key="one.id"
        class="cascade"
        :class="{ leaves: one.leaves }"
        :data-cascade-mark="one.id"
        title="Drag: how long the cascade takes"
        :style="{ left: `${one.from * view.perFrame.value}px`, width: `${one.length * view.perFrame.value}px` }"
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
