<script setup lang="ts">
import { computed } from 'vue';
import { usePlayhead } from '@/project/playhead';
import { useTimeView } from './timeView';

/** Which part of the piece the timeline shows; drag it to see another. */
const playhead = usePlayhead();
const view = useTimeView();

const shown = computed(() => ({
    left: `${(100 * view.from.value) / playhead.length}%`,
    width: `${Math.min(100, (100 * view.visible.value) / playhead.length)}%`,
}));

function drag(down: PointerEvent): void {
    const track = (down.currentTarget as HTMLElement).parentElement!.getBoundingClientRect();
    const began = view.from.value;
    const move = (event: PointerEvent): void =>
        view.scrollTo(began + ((event.clientX - down.clientX) / track.width) * playhead.length);
    window.addEventListener('pointermove', move);
    window.addEventListener('pointerup', () => window.removeEventListener('pointermove', move), { once: true });
}
</script>

<template>
    <div v-if="view.visible.value < playhead.length - 0.5" class="overview">
        <i :style="shown" title="Drag to see another part" @pointerdown.prevent="drag" />
    </div>
</template>

<style scoped>
.overview {
    position: absolute;
    left: var(--left);
    right: 0;
    bottom: 0;
    height: 9px;
}
i {
    position: absolute;
    top: 2px;
    height: 5px;
    border-radius: 3px;
    background: var(--quiet);
    opacity: 0.5;
    cursor: grab;
}
</style>
