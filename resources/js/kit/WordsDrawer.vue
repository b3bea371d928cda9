<script setup lang="ts">
import { useAdding } from '@/project/adding';
import FontSample from './FontSample.vue';
import KitItem from './KitItem.vue';

const WORDS = [
    {
        label: 'Title',
        size: 30,
        layer: { text: 'Title', name: 'Title', font: 'karla-extrabold', typeSize: 140, align: 'centre' },
    },
    { label: 'Name', size: 25, layer: { text: 'Name', font: 'karla-bold', typeSize: 76 } },
    {
        label: 'Small line',
        size: 19,
        layer: { text: 'A line below it', name: 'Small line', font: 'karla-regular', typeSize: 44 },
    },
    {
        label: 'Condensed',
        size: 28,
        layer: { text: 'CONDENSED', name: 'Condensed', font: 'roboto-condensed-bold', typeSize: 110 },
    },
    {
        label: 'Serif',
        size: 28,
        layer: { text: 'A quiet line', name: 'Serif line', font: 'eb-garamond-regular', typeSize: 84 },
    },
    {
        label: 'Script',
        size: 30,
        layer: { text: 'With love', name: 'Script line', font: 'dancing-script-bold', typeSize: 110 },
    },
];

const adding = useAdding();
</script>

<template>
    <div class="words">
        <KitItem
            v-for="word in WORDS"
            :key="word.label"
            :label="word.label"
            :draws="{ kind: 'text', ...word.layer }"
            @add="adding.add({ kind: 'text', ...word.layer }, $event)"
        >
            <div class="stage"><FontSample :font="word.layer.font" :size="word.size" /></div>
        </KitItem>
    </div>
</template>

<style scoped>
.words {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 4px;
}
.stage {
    display: grid;
    place-items: center;
    height: 40px;
    border-radius: 7px;
    background: var(--hover);
}
</style>
