<script setup lang="ts">
import { ref, watch } from 'vue';
import type { Layer } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { useTimecode } from '@/project/timecode';
import SeenButtons from './SeenButtons.vue';

/** A layer's first frame and the one after its last, as timecode or frames. */
const props = defineProps<{ layer: Layer }>();

const composition = useComposition();
const timecode = useTimecode();
const start = ref('');
const end = ref('');
const length = ref('');
const problem = ref<string | null>(null);

watch(
    () => [props.layer.in, props.layer.out, props.layer.out - props.layer.in].map((frame) => timecode.label(frame)),
    ([from, to, lasts]) => {
        start.value = from!;
        end.value = to!;
        length.value = lasts!;
    },
    { immediate: true },
);

/** How long it lasts, with a sign so much longer or shorter than it does; its beginning stays. */
async function last(text: string): Promise<void> {
    try {
        const now = props.layer.out - props.layer.in;
        await trimTo('out', props.layer.in + (await timecode.read(text, now)));
    } catch (error) {
        problem.value = (error as Error).message;
    }
}

async function trim(side: 'in' | 'out', text: string): Promise<void> {
    try {
        await trimTo(side, await timecode.read(text));
    } catch (error) {
        problem.value = (error as Error).message;
    }
}

async function trimTo(side: 'in' | 'out', frame: number): Promise<void> {
    problem.value =
        frame === props.layer[side]
            ? null
            : await composition.ask('trim-layer', { layer: props.layer.id, [side]: frame });
}
</script>

<template>
    <div class="times">
        <label
            >In
            <input
                v-model="start"
                aria-label="In point"
                @change="trim('in', start)"
                @keydown.enter="($event.target as HTMLElement).blur()"
        /></label>
        <label
            >Out
            <input
                v-model="end"
                aria-label="Out point"
                @change="trim('out', end)"
                @keydown.enter="($event.target as HTMLElement).blur()"
        /></label>
        <label title="A timecode, frames, a sum such as 1s + 6f; with + or − before it, so much longer or shorter"
            >Lasts
            <input
                v-model="length"
                aria-label="Length of the layer"
                @change="last(length)"
                @keydown.enter="($event.target as HTMLElement).blur()"
        /></label>
        <SeenButtons />
        <p v-if="problem" role="alert">{{ problem }}</p>
    </div>
</template>

<style scoped>
.times {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 4px 12px;
    padding: 2px 12px 8px 16px;
}
label {
    display: grid;
    grid-template-columns: 30px minmax(0, 1fr);
    align-items: center;
    gap: 8px;
    color: var(--quiet);
    font-size: 12px;
}
input {
    width: 100%;
    min-width: 0;
    height: 26px;
    padding: 0 8px;
    border: 0;
    border-radius: 6px;
    background: var(--field);
    box-shadow: inset 0 0 0 1px var(--hairline);
    color: var(--ink);
    font-size: 13px;
    font-variant-numeric: tabular-nums;
    outline: none;
}
input:focus {
    box-shadow: inset 0 0 0 1.5px var(--second);
}
p {
    grid-column: 1 / 3;
    margin: 0;
    color: var(--accent);
    font-size: 12px;
}
</style>
