<script setup lang="ts">
import { computed } from 'vue';
import { useAdding, type Drop, type InHand } from '@/project/adding';
import { useKit } from './kit';

/**
 * A thing to add: double click, Enter, or drag it onto the picture or the timeline. One that can be drawn is taken in hand by a click,
 * and drawn in the picture.
 */
const props = defineProps<{ label: string; hint?: string; draws?: InHand['layer']; picked?: boolean }>();
const kit = useKit();
const emit = defineEmits<{ add: [place: Drop]; pick: [event: MouseEvent] }>();

const adding = useAdding();

const isInHand = computed(() => props.draws !== undefined && adding.inHand?.label === props.label);
const says = computed(() =>
    props.draws
        ? `Click, then draw it in the picture; double-click to add ${props.label} as it is, or drag it to its place`
        : `Double-click to add ${props.label}, or drag it to its place`,
);

function take(): void {
    if (props.draws) {
        adding.inHand = isInHand.value ? null : { label: props.label, layer: props.draws };
    }
}

function add(): void {
    adding.inHand = null;
    emit('add', {});
}

function carry(event: DragEvent, label: string): void {
    event.dataTransfer?.setData('text/x-ricamo-kit', label);
    adding.inHand = null;
    adding.carried = (place) => emit('add', place);
}
</script>

<template>
    <div
        class="item"
        :class="{ on: isInHand, picked }"
        :hidden="!kit.matches(label)"
        tabindex="0"
        role="button"
        :aria-label="`Add ${label}`"
        :title="hint ?? says"
        draggable="true"
        @click="
            take();
            emit('pick', $event);
        "
        @dblclick="add"
        @keydown.enter.prevent="add"
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
.item:hover,
.on {
    background: var(--hover);
}
.on {
    box-shadow: inset 0 0 0 1.5px var(--accent);
}
.label {
    display: -webkit-box;
    overflow: hidden;
    font-size: 12px;
    line-height: 1.25;
    overflow-wrap: anywhere;
    -webkit-box-orient: vertical;
    -webkit-line-clamp: 2;
}
.picked {
    background: var(--hover);
    box-shadow: inset 0 0 0 1.5px var(--second);
}
</style>
