<script setup lang="ts">
import { computed } from 'vue';
import type { Corner } from '@/api/answers';

/** The way that a point goes across the picture, with a tick for each frame: wide apart where it is fast. */
const props = defineProps<{
    /** In screen pixels. */
    ticks: Corner[];
}>();

const line = computed(() => props.ticks.map((tick) => tick.join(',')).join(' '));
</script>

<template>
    <g v-if="ticks.length > 0" class="way" data-way>
        <polyline :points="line" />
        <circle v-for="([x, y], index) in ticks" :key="index" :cx="x" :cy="y" r="2" />
    </g>
</template>

<style scoped>
.way {
    pointer-events: none;
}
polyline {
    fill: none;
    stroke: var(--second);
    stroke-width: 1.5;
}
circle {
    fill: var(--raised);
    stroke: var(--second);
    stroke-width: 0.75;
}
</style>
