<script setup lang="ts" generic="Choice extends { name: string; title: string }">
/** Everything that there is to choose from, a tile each: shown in the picture while the pointer rests on it. */
defineProps<{
    choices: Choice[];
    /** What they are, by which each is found: `data-move`. */
    kind: string;
    chosen?: string[];
    hint?: string;
}>();
const emit = defineEmits<{
    attempt: [choice: Choice, event: MouseEvent];
    stop: [];
    choose: [choice: Choice, event: MouseEvent];
}>();
</script>

<template>
    <div class="tiles">
        <button
            v-for="choice in choices"
            :key="choice.name"
            type="button"
            :class="{ chosen: chosen?.includes(choice.name) }"
            :[`data-${kind}`]="choice.name"
            :title="hint"
            @pointerenter="emit('attempt', choice, $event)"
            @pointerleave="emit('stop')"
            @click="emit('choose', choice, $event)"
        >
            {{ choice.title }}
        </button>
    </div>
</template>

<style scoped>
.tiles {
    display: grid;
    grid-template-columns: repeat(7, 1fr);
    gap: 3px;
}
button {
    height: 28px;
    padding: 0 4px;
    border: 0;
    border-radius: 7px;
    background: var(--field);
    color: var(--ink);
    font-size: 12.5px;
    cursor: pointer;
}
button:hover,
button:focus-visible {
    background: var(--hover);
}
button.chosen {
    background: var(--selected);
    color: var(--accent);
}
</style>
