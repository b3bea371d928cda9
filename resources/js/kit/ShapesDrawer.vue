<script setup lang="ts">
import {
    AppWindow,
    CircleDot,
    Lightbulb,
    PenTool,
    Pencil,
    SlidersHorizontal,
    Sun,
    SunDim,
    Video,
} from 'lucide-vue-next';
import { useDrawing } from '@/picture/drawing';
import { useAdding } from '@/project/adding';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useSelection } from '@/project/selection';
import { useVocabulary } from '@/project/vocabulary';
import FormPicture from '@/sheet/FormPicture.vue';
import { useKit } from './kit';
import KitItem from './KitItem.vue';

const LIGHTS = { ambient: SunDim, directional: Sun, point: Lightbulb } as const;

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
        layer: { form: 'line', name: 'Line', size: [800, 0], ...outlined(6), outline: '#c9973f' },
    },
];

const FORMS: { label: string; data?: string; layer: { form: string } & Record<string, unknown> }[] = [
    {
        label: 'Polygon',
        layer: { form: 'polygon', size: [400, 400], scaleLinked: true },
    },
    {
        label: 'Star',
        layer: { form: 'star', size: [400, 400], scaleLinked: true },
    },
    {
        label: 'Arc',
        layer: { form: 'arc', size: [400, 400], start: -135, ...outlined(24), scaleLinked: true },
    },
    {
        label: 'Ring sector',
        layer: { form: 'ring', size: [400, 400], scaleLinked: true },
    },
    {
        label: 'Pointer',
        // A line of which an end is marked.
        data: 'M-14 0L13 0M6 -6L13 0L6 6',
        layer: { form: 'line', name: 'Pointer', size: [800, 0], ...outlined(12), cap: 'round', endMark: 'arrow' },
    },
    { label: 'Arrow', layer: { form: 'arrow', size: [500, 200] } },
    {
        label: 'Speech plate',
        layer: { form: 'speech', size: [500, 220], rounding: 28, tail: [-140, 190] },
    },
    {
        label: 'Heart',
        layer: { form: 'heart', size: [400, 380], fill: '#c0392b', scaleLinked: true },
    },
];

function outlined(width: number): object {
    return { fill: '#00000000', outline: '#f3e3c3', outlineWidth: width };
}

/** Drawn point by point in the picture, from the playhead on. */
async function drawPath(): Promise<void> {
    adding.inHand = null;
    const path = await drawing.draw(false);
    if (path && (await composition.edit('draw-path', { path, frame: playhead.frame }))) {
        const added = composition.layers.at(-1);
        if (added) {
            selection.select(added.id);
        }
    }
}

function drawByHand(): void {
    adding.inHand = null;
    drawing.drawByHand();
}

/** What is dropped onto a window is seen through it. */
const WINDOWS = [
    { label: 'Window', layer: { form: 'rectangle', size: [800, 450] } },
    { label: 'Round window', layer: { form: 'ellipse', size: [400, 400] } },
];

/** By what a form is known. */
const look = (form: string): { picture: string; open: boolean } =>
    vocabulary.words.forms.find(({ name }) => name === form) ?? { picture: '', open: false };

const adding = useAdding();
const composition = useComposition();
const drawing = useDrawing();
const kit = useKit();
const playhead = usePlayhead();
const selection = useSelection();
const vocabulary = useVocabulary();
</script>

<template>
    <div v-if="kit.matches('Draw a path') || kit.matches('Draw by hand')" class="draw">
        <button type="button" data-draw-path :class="{ on: drawing.pen }" @click="drawPath">
            <PenTool :size="15" aria-hidden="true" />Draw a path
        </button>
        <button type="button" data-draw-hand :class="{ on: drawing.byHand }" @click="drawByHand">
            <Pencil :size="15" aria-hidden="true" />Draw by hand
        </button>
    </div>
    <div class="shapes">
        <KitItem
            v-for="shape in SHAPES"
            :key="shape.label"
            :label="shape.label"
            :draws="{ kind: 'shape', ...shape.layer }"
            @add="adding.add({ kind: 'shape', ...shape.layer }, $event)"
        >
            <div class="stage"><i :style="shape.css" /></div>
        </KitItem>
        <KitItem
            v-for="form in FORMS"
            :key="form.label"
            :label="form.label"
            :draws="{ kind: 'shape', ...form.layer }"
            @add="adding.add({ kind: 'shape', ...form.layer }, $event)"
        >
            <div class="stage">
                <FormPicture :path="form.data ?? look(form.layer.form).picture" :line="look(form.layer.form).open" />
            </div>
        </KitItem>
        <KitItem label="Adjusting layer" @add="adding.add({ kind: 'adjusting' }, { at: $event.at })">
            <div class="stage"><SlidersHorizontal /></div>
        </KitItem>
        <KitItem label="Camera" @add="adding.add({ kind: 'camera' }, { at: $event.at })">
            <div class="stage"><Video /></div>
        </KitItem>
        <KitItem
            v-for="one in vocabulary.words.lightSources"
            :key="one.name"
            :label="`${one.title} light`"
            @add="adding.add({ kind: 'light', source: one.name }, { at: $event.at })"
        >
            <div class="stage"><component :is="LIGHTS[one.name]" /></div>
        </KitItem>
        <KitItem
            v-for="one in WINDOWS"
            :key="one.label"
            :label="one.label"
            :draws="{ kind: 'window', ...one.layer }"
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
.draw {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 6px;
    margin-bottom: 8px;
}
.draw button {
    display: flex;
    align-items: center;
    justify-content: center;
    gap: 7px;
    height: 32px;
    border: 1px solid var(--hairline);
    border-radius: 9px;
    background: var(--raised);
    color: var(--ink);
    font: inherit;
    font-size: 13px;
    cursor: pointer;
}
.draw button:hover,
.draw .on {
    border-color: var(--accent);
}
i {
    display: block;
    background: var(--ink);
}
</style>
