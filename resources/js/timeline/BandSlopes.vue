<script setup lang="ts">
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

/** Dragged at its slope, an arrival or a leaving takes longer; a mirrored one with what it mirrors. */
function lengthen(side: 'arrive' | 'leave', event: PointerEvent): void {
    if (event.button !== 0) {
        return;
    }
    emit('grab', event);
    const { arrive, leave, id } = props.layer;
    const mirrored = side === 'leave' && leave && 'mirror' in leave;
    const phase = mirrored || side === 'arrive' ? arrive : leave;
    if (!phase || !('length' in phase)) {
        return;
    }
    const edit = mirrored || side === 'arrive' ? 'set-arrival' : 'set-leaving';
    begin(event, {
        isDrawnIn: false,
        request: (by) => ({
            edit,
            args: {
                layers: [id],
                phase: { ...phase, length: Math.max(1, Math.round(phase.length + (side === 'arrive' ? by : -by))) },
            },
        }),
    });
}
</script>

<template>
    <i
        v-if="slopes.arrive"
        class="slope arrive"
        data-slope="arrive"
        title="Drag: how long it takes to arrive"
        :style="{ width: `${slopes.arrive * view.perFrame.value}px` }"
        @pointerdown.stop="lengthen('arrive', $event)"
    />
    <i
        v-if="slopes.leave"
        class="slope leave"
        data-slope="leave"
        title="Drag: how long it takes to leave"
        :style="{ width: `${slopes.leave * view.perFrame.value}px` }"
        @pointerdown.stop="lengthen('leave', $event)"
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
</style>
