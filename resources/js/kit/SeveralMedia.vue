<script setup lang="ts">
import { ref, watch } from 'vue';
import { useComposition } from '@/project/composition';
import { useMedia } from '@/project/media';
import { useNaming } from '@/project/naming';
import SeveralBar from '@/shell/SeveralBar.vue';

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
    <SeveralBar :count="selected.length" :problem="problem" @file="file" @remove="remove" @none="emit('none')" />
</template>
