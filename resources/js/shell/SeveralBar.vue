<script setup lang="ts">
import { X } from 'lucide-vue-next';
import IconButton from './IconButton.vue';

/** What can be done with several things of a list at once. */
defineProps<{ count: number; problem: string | null }>();
const emit = defineEmits<{ file: []; remove: []; none: [] }>();
</script>

<template>
    <div class="several" data-several>
        <span role="status">{{ count }} selected</span>
        <button type="button" class="act" data-several-folder @click="emit('file')">To a folder…</button>
        <button type="button" class="act" data-several-remove @click="emit('remove')">Remove</button>
        <IconButton :icon="X" :size="14" label="Clear the selection" @click="emit('none')" />
        <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    </div>
</template>

<style scoped>
.several {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 2px 12px;
    margin: 0 0 8px;
    padding: 4px 6px 4px 10px;
    border-radius: 7px;
    background: var(--hover);
    font-size: 12.5px;
}
span {
    flex: 1;
    white-space: nowrap;
}
.act {
    padding: 0;
    border: 0;
    background: none;
    color: var(--second);
    font: inherit;
    text-decoration: underline;
    cursor: pointer;
}
.problem {
    flex-basis: 100%;
    margin: 2px 0 4px;
    color: var(--accent);
    line-height: 1.4;
}
</style>
