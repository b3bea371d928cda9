<script setup lang="ts">
import { ref, watch } from 'vue';
import { useComposition } from '@/project/composition';
import SeveralBar from './SeveralBar.vue';

/** What can be done with several compositions at once. */
const props = defineProps<{ selected: string[] }>();
const emit = defineEmits<{ none: []; file: [] }>();

const composition = useComposition();
const problem = ref<string | null>(null);

watch(
    () => props.selected,
    () => (problem.value = null),
);

async function remove(): Promise<void> {
    problem.value = await composition.ask('remove-compositions', { compositions: props.selected });
}
</script>

<template>
    <SeveralBar
        :count="selected.length"
        :problem="problem"
        @file="emit('file')"
        @remove="remove"
        @none="emit('none')"
    />
</template>
