<script setup lang="ts">
import { computed, nextTick, onMounted, ref, watch } from 'vue';
import { get } from '@/api/client';
import type { DisplayList } from '@/api/displayList.gen';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useVocabulary } from '@/project/vocabulary';
import { Painter, type View } from '@/picture/paint';
import { Paths } from '@/picture/paths';
import { PictureStore } from '@/picture/pictures';

/** The effects by subject, each as a small picture of the layer with it. */
const props = defineProps<{ layer: string }>();
const emit = defineEmits<{ attempt: [effect: string]; stop: []; choose: [effect: string] }>();

const WIDTH = 116;
const HEIGHT = 66;
/** So much is shown around the layer, in its own sizes. */
const AROUND = 0.2;

interface Samples {
    /** Left, top, right and bottom of the layer in the composition. */
    bounds: [number, number, number, number];
    samples: Record<string, DisplayList>;
}

const composition = useComposition();
const playhead = usePlayhead();
const vocabulary = useVocabulary();
const root = ref<HTMLElement | null>(null);
const wanted = ref('');
const paths = new Paths();
const pictures = new PictureStore();
const painter = new Painter(paths, (media, frame) => pictures.get(media, frame));
let found: Samples | null = null;

const subjects = computed(() => {
    const text = wanted.value.trim().toLowerCase();
    const fitting = vocabulary.words.effects.filter(({ title }) => title.toLowerCase().includes(text));
    return [...new Set(fitting.map(({ subject }) => subject))].map((subject) => ({
        subject,
        effects: fitting.filter((effect) => effect.subject === subject),
    }));
});

/** What shows the layer with some room around it. */
function viewOf([left, top, right, bottom]: Samples['bounds'], width: number, height: number): View {
    const across = Math.max(1, right - left) * (1 + 2 * AROUND);
    const down = Math.max(1, bottom - top) * (1 + 2 * AROUND);
    const scale = Math.min(width / across, height / down);
    return { scale, x: width / 2 - (scale * (left + right)) / 2, y: height / 2 - (scale * (top + bottom)) / 2 };
}

function draw(): void {
    if (!found) {
        return;
    }
    for (const canvas of root.value?.querySelectorAll('canvas') ?? []) {
        const list = found.samples[canvas.dataset.sample!];
        const { width, height } = canvas;
        if (list) {
            const context = canvas.getContext('2d')!;
            context.setTransform(1, 0, 0, 1, 0, 0);
            context.clearRect(0, 0, width, height);
            painter.paint(context, list, viewOf(found.bounds, width, height));
        }
    }
}

onMounted(async () => {
    try {
        found = await get<Samples>(
            `/compositions/${composition.id}/effects?layer=${encodeURIComponent(props.layer)}&frame=${playhead.frame}`,
        );
        Object.values(found.samples).forEach((list) => paths.learn(list.paths));
        draw();
    } catch {
        // Their names are enough to choose by.
    }
});
watch(pictures.arrivals, draw);
watch(subjects, () => void nextTick(draw));
const ratio = window.devicePixelRatio;
</script>

<template>
    <div ref="root" class="effects">
        <input
            v-model="wanted"
            class="small-field"
            type="search"
            placeholder="Find an effect"
            aria-label="Find an effect"
            data-find-effect
        />
        <div class="all">
            <section v-for="{ subject, effects } in subjects" :key="subject">
                <h2>{{ subject }}</h2>
                <div class="samples">
                    <button
                        v-for="{ name, title } in effects"
                        :key="name"
                        type="button"
                        :data-effect="name"
                        @pointerenter="emit('attempt', name)"
                        @pointerleave="emit('stop')"
                        @click="emit('choose', name)"
                    >
                        <canvas
                            :width="WIDTH * ratio"
                            :height="HEIGHT * ratio"
                            :data-sample="name"
                            aria-hidden="true"
                        />
                        <span>{{ title }}</span>
                    </button>
                </div>
            </section>
            <p v-if="subjects.length === 0">No effect by that name.</p>
        </div>
    </div>
</template>

<style scoped>
.effects input {
    width: 100%;
    margin-bottom: 8px;
}
.all {
    max-height: clamp(220px, calc(100vh - 400px), 520px);
    overflow-y: auto;
    margin-right: -8px;
    padding-right: 4px;
}
h2 {
    margin: 8px 0 4px;
    color: var(--quiet);
    font-size: 12.5px;
    font-weight: 500;
}
.samples {
    display: grid;
    grid-template-columns: repeat(3, 1fr);
    gap: 6px;
}
button {
    padding: 3px;
    border: 0;
    border-radius: 9px;
    background: none;
    color: var(--ink);
    font: inherit;
    font-size: 12px;
    line-height: 1.25;
    text-align: left;
    cursor: pointer;
}
button:hover,
button:focus-visible {
    background: var(--hover);
}
canvas {
    display: block;
    width: 100%;
    aspect-ratio: 116 / 66;
    margin-bottom: 3px;
    border-radius: 6px;
    background: var(--surround);
}
span {
    display: block;
    padding: 0 2px 1px;
}
p {
    margin: 8px 2px;
    color: var(--quiet);
}
</style>
