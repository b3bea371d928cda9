<script setup lang="ts">
import { useAdding, type Drop } from '@/project/adding';
import { useKit } from './kit';

/** A thing to add: double click, Enter, or drag it onto the picture or the timeline. */
defineProps<{ label: string; hint?: string }>();
const kit = useKit();
const emit = defineEmits<{ add: [place: Drop] }>();

const adding = useAdding();

function carry(event: DragEvent, label: string): void {
    event.dataTransfer?.setData('text/x-ricamo-kit', label);
    adding.carried = (place) => emit('add', place);
}
</script>

<template>
    <div
        class="item"
        :hidden="!kit.matches(label)"
        tabindex="0"
        role="button"
        :aria-label="`Add ${label}`"
        :title="hint ?? `Double-click to add ${label}, or drag it to its place`"
        draggable="true"
        @dblclick="emit('add', {})"
        @keydown.enter.prevent="emit('add', {})"
        @dragstart="carry($event, label)"
        @dragend="adding.carried = null"
    >
        <slot />
        <span class="label">{{ label }}</span>
    </div>
</template>

<style scoped>
.item {
    display: flex;
    flex-direction: column;
    gap: 4px;
    padding: 4px 6px;
    border-radius: 9px;
    cursor: grab;
    user-select: none;
}
.item[hidden] {
    display: none;
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
