<script setup lang="ts">
/** A thing to add: double click, Enter, or drag it onto the picture. */
defineProps<{ label: string; hint?: string }>();
const emit = defineEmits<{ add: [] }>();
</script>

<template>
    <div
        class="item"
        tabindex="0"
        role="button"
        :aria-label="`Add ${label}`"
        :title="hint ?? `Double-click to add ${label}`"
        draggable="true"
        @dblclick="emit('add')"
        @keydown.enter.prevent="emit('add')"
        @dragend="(event) => event.dataTransfer?.dropEffect !== 'none' && emit('add')"
        @dragstart="(event) => event.dataTransfer?.setData('text/x-ricamo-kit', label)"
    >
        <slot />
        <span class="label">{{ label }}</span>
    </div>
</template>

<style scoped>
.item {
    display: flex;
    flex-direction: column;
    gap: 5px;
    padding: 6px;
    border-radius: 9px;
    cursor: grab;
    user-select: none;
}
.item:hover {
    background: var(--hover);
}
.label {
    overflow: hidden;
    font-size: 12px;
    line-height: 1.25;
    text-overflow: ellipsis;
    white-space: nowrap;
}
</style>
