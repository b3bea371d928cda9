<script setup lang="ts">
import { X } from 'lucide-vue-next';
import { ref, watch } from 'vue';
import { useComposition } from '@/project/composition';
import { useMedia } from '@/project/media';
import { useNaming } from '@/project/naming';
import IconButton from '@/shell/IconButton.vue';

/** What can be done with several media at once. */
const props = defineProps<{ selected: string[] }>();
const emit = defineEmits<{ none: [] }>();

const composition = useComposition();
const media = useMedia();
const naming = useNaming();
const problem = ref<string | null>(null);

watch(
    () => props.selected,
    () => (problem.value = null),
);

async function file(): Promise<void> {
    const folder = await naming.ask('Move to folder', media.folders[0] ?? 'Folder', 'Move');
    if (folder !== null) {
        problem.value = await composition.ask('file-media', { media: props.selected, folder });
    }
}

async function remove(): Promise<void> {
    problem.value = await composition.ask('remove-media', { media: props.selected });
}
</script>

<template>
    <div class="several" data-several>
        <span role="status">{{ selected.length }} selected</span>
        <button type="button" class="act" data-several-folder @click="file">To a folder…</button>
        <button type="button" class="act" data-several-remove @click="remove">Remove</button>
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
