<script setup lang="ts">
/** A bar at the foot of the picture, and above it what a drag does, while something is dragged. */
defineProps<{ label: string; does: string | null; values?: string }>();
</script>

<template>
    <div class="bar" role="toolbar" :aria-label="label" @dblclick.stop>
        <span v-if="does" class="says" role="status"
            >{{ does }}<b>{{ values }}</b></span
        >
        <slot />
    </div>
</template>

<style scoped>
.bar {
    position: absolute;
    left: 50%;
    bottom: 10px;
    display: flex;
    align-items: center;
    gap: 2px;
    padding: 3px;
    transform: translateX(-50%);
    border-radius: 10px;
    background: var(--raised);
    box-shadow: 0 2px 12px #00000040;
}
.bar :slotted(.pad) {
    display: flex;
    align-items: center;
    gap: 6px;
    height: 28px;
    padding: 0 10px;
    border: 0;
    border-radius: 7px;
    background: none;
    color: var(--ink);
    font: inherit;
    font-size: 12.5px;
    cursor: grab;
    touch-action: none;
}
.bar :slotted(.pad:hover),
.bar :slotted(.pad.on) {
    background: var(--selected);
}
.says {
    position: absolute;
    left: 50%;
    bottom: calc(100% + 8px);
    display: flex;
    gap: 7px;
    padding: 3px 9px;
    transform: translateX(-50%);
    border-radius: 11px;
    background: var(--ink);
    color: var(--surface);
    font-size: 12px;
    font-variant-numeric: tabular-nums;
    white-space: nowrap;
}
.says b {
    font-weight: 500;
    opacity: 0.85;
}
</style>
