<script setup lang="ts">
import { computed } from 'vue';
import type { Layer } from '@/api/answers';
import { useTimecode } from '@/project/timecode';
import { useTimeView } from './timeView';

/** How long a layer is while an end of it is pulled, beside that end. */
const props = defineProps<{ layer: Layer; end: 'in' | 'out' }>();

const timecode = useTimecode();
const view = useTimeView();
const lasts = computed(() => timecode.label(props.layer.out - props.layer.in));
</script>

<template>
    <span class="lasts" :class="end" data-lasts :style="{ left: `${view.x(layer[end])}px` }">{{ lasts }} long</span>
</template>

<style scoped>
.lasts {
    position: absolute;
    top: 50%;
    z-index: 3;
    padding: 1px 7px;
    border-radius: 6px;
    background: var(--ink);
    color: var(--raised);
    font-size: 12px;
    font-variant-numeric: tabular-nums;
    white-space: nowrap;
    pointer-events: none;
    width: max-content;
    transform: translate(10px, -50%);
}
/* Within the band, so that it is seen at the end of the timeline, too. */
.lasts.out {
    transform: translate(calc(-100% - 10px), -50%);
}
</style>
