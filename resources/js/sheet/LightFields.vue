<script setup lang="ts">
import type { Layer } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { useVocabulary } from '@/project/vocabulary';

/** From where a light comes. */
const props = defineProps<{ layer: Extract<Layer, { kind: 'light' }> }>();

const composition = useComposition();
const vocabulary = useVocabulary();

const set = (event: Event): Promise<boolean> =>
    composition.edit('set-content', {
        layer: props.layer.id,
        content: { source: (event.target as HTMLSelectElement).value },
    });
</script>

<template>
    <label class="source"
        >Source
        <select
            class="choice-field"
            :value="layer.source"
            aria-label="Source of the light"
            data-light-source
            @change="set($event)"
        >
            <option v-for="one in vocabulary.words.lightSources" :key="one.name" :value="one.name">
                {{ one.title }}
            </option>
        </select>
    </label>
</template>

<style scoped>
.source {
    display: grid;
    grid-template-columns: 84px minmax(0, 1fr);
    align-items: center;
    column-gap: 6px;
    padding: 2px 14px 4px 16px;
}
</style>
