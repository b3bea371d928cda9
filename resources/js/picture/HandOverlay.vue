<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useAdding } from '@/project/adding';
import { usePlayhead } from '@/project/playhead';
import { useComposition } from '@/project/composition';
import { useSelection } from '@/project/selection';
import { useVocabulary } from '@/project/vocabulary';
import { useDrawing } from './drawing';
import type { PictureView } from './view';

/** Lines are drawn by hand, each a layer; how they draw themselves and with which brush is chosen beside them. */
const props = defineProps<{ view: PictureView }>();

const adding = useAdding();
const composition = useComposition();
const drawing = useDrawing();
const playhead = usePlayhead();
const selection = useSelection();
const vocabulary = useVocabulary();

/** Composition pixels, seconds since the pointer went down, and of a pen how much it is pressed. */
const points = ref<[x: number, y: number, seconds: number, pressure?: number][]>([]);
const brushes = computed(() => vocabulary.words.brushes);
const line = computed(() => points.value.map(([x, y]) => props.view.toScreen([x, y]).join(',')).join(' '));
let began = 0;

function take(event: PointerEvent): void {
    const box = (event.currentTarget as Element).getBoundingClientRect();
    const events = event.getCoalescedEvents?.() ?? [];
    for (const one of events.length > 0 ? events : [event]) {
        const [x, y] = props.view.toComposition([one.clientX - box.left, one.clientY - box.top]);
        const seconds = Math.max(0, Math.round(one.timeStamp - began)) / 1000;
        const at = [Math.round(x * 10) / 10, Math.round(y * 10) / 10, seconds] as const;
        // Of a mouse pressure says nothing.
        points.value.push(one.pointerType === 'pen' ? [...at, Math.round(one.pressure * 1000) / 1000] : [...at]);
    }
}

function press(event: PointerEvent): void {
    if (event.button === 0) {
        playhead.endOnce();
        (event.currentTarget as Element).setPointerCapture(event.pointerId);
        began = event.timeStamp;
        points.value = [];
        take(event);
    }
}

const move = (event: PointerEvent): void => {
    if (points.value.length > 0) {
        take(event);
    }
};

async function lift(): Promise<void> {
    const drawn = points.value;
    points.value = [];
    if (drawn.length < 2) {
        return;
    }
    const { pace, brush, width, tolerance } = drawing.hand;
    const layer = { outlineWidth: width, ...(brush && { brush: { form: brush } }) };
    if (await composition.edit('draw-stroke', { points: drawn, frame: playhead.frame, pace, tolerance, layer })) {
        const added = composition.layers.at(-1);
        if (added) {
            selection.select(added.id);
            const frames = drawn.at(-1)![2] * playhead.framesPerSecond;
            if (pace !== 'none' && frames >= 1) {
                // It is seen how it draws itself.
                playhead.playOnce(added.in, added.in + Math.ceil(frames));
            }
        }
    }
}

const done = (): void => {
    drawing.byHand = false;
    adding.carried = null;
};
onKeyStroke(
    ['Escape', 'Enter'],
    (event) => {
        event.stopPropagation();
        done();
    },
    { target: document },
);
</script>

<template>
    <svg
        class="hand"
        data-hand
        @pointerdown.stop.prevent="press"
        @pointermove="move"
        @pointerup="lift"
        @pointercancel="points = []"
        @dblclick.stop
    >
        <polyline class="dark" :points="line" />
        <polyline :points="line" />
    </svg>
    <form class="tools" @submit.prevent @pointerdown.stop @dblclick.stop @keydown.stop>
        <label
            >Draws itself
            <select v-model="drawing.hand.pace" class="small-field" data-hand-pace>
                <option value="hand">as it was drawn</option>
                <option value="even">evenly</option>
                <option value="none">not at all</option>
            </select></label
        >
        <label
            >Brush
            <select v-model="drawing.hand.brush" class="small-field" data-hand-brush>
                <option value="">plain</option>
                <option v-for="one in brushes" :key="one.name" :value="one.name">{{ one.title.toLowerCase() }}</option>
            </select></label
        >
        <label
            >Width
            <input
                v-model.number="drawing.hand.width"
                class="small-field"
                type="number"
                min="1"
                max="1000"
                data-hand-width
        /></label>
        <button type="button" data-hand-done @click="done">Done</button>
    </form>
</template>

<style scoped>
.hand {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    cursor: crosshair;
    touch-action: none;
}
polyline {
    fill: none;
    stroke: #fff;
    stroke-width: 2;
    stroke-linecap: round;
    stroke-linejoin: round;
}
.dark {
    stroke: #00000080;
    stroke-width: 4.5;
}
.tools {
    position: absolute;
    left: 50%;
    bottom: 8px;
    display: flex;
    align-items: center;
    gap: 12px;
    padding: 6px 12px;
    border-radius: 12px;
    background: var(--raised);
    box-shadow: 0 2px 14px #00000040;
    color: var(--ink);
    font-size: 12.5px;
    white-space: nowrap;
    transform: translateX(-50%);
}
label {
    display: flex;
    align-items: center;
    gap: 6px;
    color: var(--quiet);
}
input {
    width: 54px;
}
button {
    height: 26px;
    padding: 0 12px;
    border: 1px solid var(--hairline);
    border-radius: 8px;
    background: none;
    color: var(--ink);
    font: inherit;
    cursor: pointer;
}
</style>
