<script setup lang="ts">
import { ChevronRight } from 'lucide-vue-next';

/** A folder in a list: a click opens or closes it. */
defineProps<{ name: string; count: number; open: boolean }>();
</script>

<template>
    <button type="button" class="folder" :aria-expanded="open" :data-folder-heading="name">
        <ChevronRight :size="14" aria-hidden="true" /><span dir="auto">{{ name }}</span
        ><i>{{ count }}</i>
    </button>
</template>

<style scoped>
.folder {
    display: flex;
    align-items: center;
    gap: 5px;
    width: 100%;
    height: 28px;
    padding: 0 6px 0 2px;
    border: 0;
    border-radius: 7px;
    background: none;
    color: var(--ink);
    font-size: 12.5px;
    font-weight: 600;
    cursor: pointer;
}
.folder:hover {
    background: var(--hover);
}
.folder span {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
.folder i {
    margin-left: auto;
    color: var(--quiet);
    font-style: normal;
    font-weight: 400;
}
.folder svg {
    flex: none;
}
.folder[aria-expanded='true'] svg {
    transform: rotate(90deg);
}
</style>
