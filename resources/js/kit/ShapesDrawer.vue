<script setup lang="ts">
import { AppWindow, CircleDot, SlidersHorizontal } from 'lucide-vue-next';
import { useAdding } from '@/project/adding';
import KitItem from './KitItem.vue';

const SHAPES = [
    { label: 'Bar', css: 'width:76%;height:34%', layer: { form: 'rectangle', name: 'Bar', size: [800, 180] } },
    {
        label: 'Rounded bar',
        css: 'width:76%;height:34%;border-radius:9px',
        layer: { form: 'rectangle', name: 'Rounded bar', size: [800, 180], rounding: 36 },
    },
    {
        label: 'Square',
        css: 'height:70%;aspect-ratio:1',
        layer: { form: 'rectangle', name: 'Square', size: [400, 400], scaleLinked: true },
    },
    {
        label: 'Circle',
        css: 'height:70%;aspect-ratio:1;border-radius:50%',
        layer: { form: 'ellipse', name: 'Circle', size: [400, 400], scaleLinked: true },
    },
    {
        label: 'Frame',
        css: 'width:70%;height:62%;background:none;border:3px solid var(--ink)',
        layer: {
            form: 'rectangle',
            name: 'Frame',
            size: [800, 450],
            fill: '#00000000',
            outline: '#f3e3c3',
            outlineWidth: 12,
        },
    },
    {
        label: 'Line',
        css: 'width:76%;height:3px',
        layer: { form: 'rectangle', name: 'Line', size: [800, 6], fill: '#c9973f' },
    },
];

/** What is dropped onto a window is seen through it. */
const WINDOWS = [
    { label: 'Window', layer: { form: 'rectangle', size: [800, 450] } },
    { label: 'Round window', layer: { form: 'ellipse', size: [400, 400] } },
];

const adding = useAdding();
</script>

<template>
    <div class="shapes">
        <KitItem
            v-for="shape in SHAPES"
            :key="shape.label"
            :label="shape.label"
            @add="adding.add({ kind: 'shape', ...shape.layer }, $event)"
        >
            <div class="stage"><i :style="shape.css" /></div>
        </KitItem>
        <KitItem label="Adjusting layer" @add="adding.add({ kind: 'adjusting' }, { at: $event.at })">
            <div class="stage"><SlidersHorizontal /></div>
        </KitItem>
        <KitItem
            v-for="one in WINDOWS"
            :key="one.label"
            :label="one.label"
            @add="adding.add({ kind: 'window', ...one.layer }, $event)"
        >
            <div class="stage"><AppWindow v-if="one.layer.form === 'rectangle'" /><CircleDot v-else /></div>
        </KitItem>
    </div>
</template>

<style scoped>
.shapes {
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
i {
    display: block;
    background: var(--ink);
}
</style>
