<script setup lang="ts">
import { computed, nextTick, onMounted, ref, watch } from 'vue';
import { get } from '@/api/client';
import type { DisplayList } from '@/api/displayList.gen';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useVocabulary } from '@/project/vocabulary';
import { Sampler } from '@/picture/sampling';

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
const sampler = new Sampler(AROUND);
let found: Samples | null = null;

const subjects = computed(() => {
    const text = wanted.value.trim().toLowerCase();
    const fitting = vocabulary.words.effects.filter(({ title }) => title.toLowerCase().includes(text));
    return [...new Set(fitting.map(({ subject }) => subject))].map((subject) => ({
        subject,
        effects: fitting.filter((effect) => effect.subject === subject),
    }));
});

function draw(): void {
    if (!found) {
        return;
    }
    for (const canvas of root.value?.querySelectorAll('canvas') ?? []) {
        const list = found.samples[canvas.dataset.sample!];
        if (list) {
            sampler.draw(canvas, list, found.bounds);
        }
    }
}

onMounted(async () => {
    try {
        found = await get<Samples>(
            `/compositions/${composition.id}/effects?layer=${encodeURIComponent(props.layer)}&frame=${playhead.frame}`,
        );
        Object.values(found.samples).forEach((list) => sampler.learn(list));
        draw();
    } catch {
        // Their names are enough to choose by.
    }
});
watch(sampler.arrivals, draw);
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
h2 {
    margin: 8px 0 4px;
    color: var(--quiet);
    font-size: 12.5px;
    font-weight: 500;
}
.samples {
    display: grid;
    grid-template-columns: repeat(3, 1fr);
    align-items: start;
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
