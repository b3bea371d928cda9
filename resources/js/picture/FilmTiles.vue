<script setup lang="ts" generic="Choice extends { name: string; title: string }">
import { computed, nextTick, onBeforeUnmount, onMounted, ref, watch } from 'vue';
import type { FilmsAsked } from '@/api/films';
import type { EditRequest } from '@/api/edits';
import { usePlayhead } from '@/project/playhead';
import { useFilms } from './films';

/**
 * Everything that there is to choose from, each as a small picture of the producer's own layer, which moves while the pointer rests
 * on it; the layer does it in the picture as well.
 */
const props = defineProps<{
    choices: Choice[];
    /** What they are, by which each is found: `data-move`. */
    kind: string;
    layer: string;
    role: FilmsAsked['role'];
    /** What choosing it does to that layer. */
    editOf: (choice: Choice) => EditRequest;
    chosen?: string[];
    hint?: string;
    /** How far a film has come that stands still, 0 to 1, where that is not the one of its role. */
    still?: number;
}>();
const emit = defineEmits<{
    /** With the frames on which it is seen to do something. */
    attempt: [choice: Choice, event: MouseEvent, range: [number, number]];
    stop: [];
    choose: [choice: Choice, event: MouseEvent];
}>();

const WIDTH = 84;
const HEIGHT = 48;
/** Seconds that the last picture rests before it begins anew. */
const REST = 0.5;

const playhead = usePlayhead();
const root = ref<HTMLElement | null>(null);
const ratio = window.devicePixelRatio;
/** At which playhead it was opened: what is played meanwhile does not ask for other films. */
const frame = playhead.frame;
const { films, draw, arrivals } = useFilms(() => ({
    layer: props.layer,
    role: props.role,
    frame,
    edits: props.choices.map(props.editOf),
    ...(props.still !== undefined && { still: props.still }),
}));
const why = computed(() => films.value.map((film) => (film && 'refused' in film ? film.refused : undefined)));
let over: { at: number; event: MouseEvent; began: number } | null = null;
let ticking = 0;

const canvasAt = (at: number): HTMLCanvasElement | undefined => root.value?.querySelectorAll('canvas')[at];

function drawAt(at: number, share?: number): void {
    const canvas = canvasAt(at);
    if (canvas) {
        draw(canvas, films.value[at], share);
    }
}

const drawStill = (at: number): void => drawAt(at);

const drawAll = (): void => props.choices.forEach((_, at) => at !== over?.at && drawStill(at));

function tick(now: number): void {
    const film = over && films.value[over.at];
    if (over && film && 'lists' in film) {
        if (over.began === 0) {
            over.began = now;
            emit('attempt', props.choices[over.at]!, over.event, film.range);
        }
        const seconds = (film.range[1] - film.range[0]) / playhead.framesPerSecond;
        drawAt(over.at, Math.min(1, (((now - over.began) / 1000) % (seconds + REST)) / Math.max(seconds, 0.01)));
    }
    ticking = requestAnimationFrame(tick);
}

function enter(at: number, event: MouseEvent): void {
    leave();
    over = { at, event, began: 0 };
    ticking = requestAnimationFrame(tick);
}

function leave(): void {
    cancelAnimationFrame(ticking);
    if (over) {
        const { at } = over;
        over = null;
        drawStill(at);
        emit('stop');
    }
}

function choose(choice: Choice, event: MouseEvent): void {
    if (over) {
        // What was chosen is not tried any more, if its film should still come.
        over.began ||= performance.now();
    }
    emit('choose', choice, event);
}

onMounted(drawAll);
watch([films, arrivals], () => void nextTick(drawAll));
onBeforeUnmount(() => cancelAnimationFrame(ticking));
</script>

<template>
    <div ref="root" class="tiles">
        <button
            v-for="(choice, at) in choices"
            :key="choice.name"
            type="button"
            :class="{ chosen: chosen?.includes(choice.name) }"
            :[`data-${kind}`]="choice.name"
            :data-filmed="!!films[at]"
            :title="why[at] ?? hint"
            :disabled="why[at] !== undefined"
            @pointerenter="enter(at, $event)"
            @pointerleave="leave"
            @click="choose(choice, $event)"
        >
            <canvas :width="WIDTH * ratio" :height="HEIGHT * ratio" aria-hidden="true" />
            <span>{{ choice.title }}</span>
        </button>
    </div>
</template>

<style scoped>
.tiles {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(76px, 1fr));
    gap: 4px;
}
button {
    min-width: 0;
    padding: 2px 2px 3px;
    border: 0;
    border-radius: 7px;
    background: none;
    color: var(--ink);
    font: inherit;
    font-size: 12px;
    line-height: 1.3;
    cursor: pointer;
}
canvas {
    display: block;
    width: 100%;
    aspect-ratio: 84 / 48;
    margin-bottom: 2px;
    border-radius: 5px;
    background: var(--surround);
}
span {
    display: block;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
button:hover,
button:focus-visible {
    background: var(--hover);
}
button.chosen {
    background: var(--selected);
    color: var(--accent);
}
button:disabled {
    opacity: 0.45;
    cursor: default;
}
</style>
