<script setup lang="ts">
/** A form as it looks: its outline in a box of 28 × 20 around the origin, filled, or drawn as a line. */
defineProps<{ path: string; line: boolean }>();
</script>

<template>
    <svg width="28" height="20" viewBox="-14 -10 28 20" aria-hidden="true" :class="{ line }"><path :d="path" /></svg>
</template>

<style scoped>
svg {
    flex: none;
    overflow: visible;
}
path {
    fill: currentColor;
}
.line path {
    fill: none;
    stroke: currentColor;
    stroke-width: 2;
}
</style>
