<script setup lang="ts">
import { useAdding } from '@/project/adding';
import KitItem from './KitItem.vue';

const WORDS = [
    {
        label: 'Title',
        css: 'font-weight:800;font-size:17px',
        layer: { text: 'Title', name: 'Title', font: 'karla-extrabold', typeSize: 140, align: 'centre' },
    },
    { label: 'Name', css: 'font-weight:700;font-size:15px', layer: { text: 'Name', font: 'karla-bold', typeSize: 76 } },
    {
        label: 'Small line',
        css: 'font-size:13px',
        layer: { text: 'A line below it', name: 'Small line', font: 'karla-regular', typeSize: 44 },
    },
    {
        label: 'Condensed',
        css: 'font-weight:700;font-stretch:condensed;letter-spacing:-.4px;font-size:15px',
        layer: { text: 'CONDENSED', name: 'Condensed', font: 'roboto-condensed-bold', typeSize: 110 },
    },
    {
        label: 'Serif',
        css: 'font-family:serif;font-size:16px',
        layer: { text: 'A quiet line', name: 'Serif line', font: 'eb-garamond-regular', typeSize: 84 },
    },
    {
        label: 'Script',
        css: 'font-family:cursive;font-size:15px',
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
            @add="adding.add({ kind: 'text', ...word.layer })"
        >
            <div class="stage"><span :style="word.css">Aa</span></div>
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
    height: 48px;
    border-radius: 7px;
    background: var(--hover);
}
</style>
