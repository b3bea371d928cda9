<script setup lang="ts">
import { computed, ref } from 'vue';
import type { ChosenMove, Move } from '@/api/answers';
import { useTrying } from '@/project/trying';
import { useVocabulary } from '@/project/vocabulary';
import ChoiceTiles from './ChoiceTiles.vue';
import { usePhases, type Side } from './phases';
import SettingFields from './SettingFields.vue';

/** Chooses moves; while the pointer rests on one, the layer does it in the picture. */
const props = defineProps<{ side: Side }>();
const emit = defineEmits<{ done: [] }>();

const EASED = /^ease-(?:in|out|in-out)\(([\d.]+)%\)$/;

const phases = usePhases();
const trying = useTrying();
const vocabulary = useVocabulary();
const problem = ref<string | null>(null);

const phase = computed(() => phases.phase(props.side));
const chosen = computed(() => (phase.value?.moves ?? []).map(({ move }) => move));
const parts = computed(() =>
    (phase.value?.moves ?? []).map((own, index) => ({
        index,
        own,
        move: vocabulary.words.moves.find((one) => one.name === own.move),
    })),
);
const EASINGS = computed(() => ['linear', ...vocabulary.words.easings.map((one) => one.text)]);
const strength = computed(() => EASED.exec(phase.value?.easing ?? '')?.[1] ?? null);

/** The frames that it is seen on, with some of the rest. */
function range(length: number): [number, number] {
    const layer = phases.layer.value!;
    return props.side === 'arrive' ? [layer.in, layer.in + length] : [layer.out - length, layer.out - 1];
}

function attempt(move: Move, event: MouseEvent): void {
    const tried = phases.choosing(props.side, move.name, event.shiftKey);
    const length = phase.value?.length ?? 25;
    void trying.play(phases.edit(props.side), phases.args(tried), ...range(length));
}

async function set(next: object | null): Promise<void> {
    trying.stop();
    problem.value = await phases.set(props.side, next);
}

async function choose(move: Move, event: MouseEvent): Promise<void> {
    await set(phases.choosing(props.side, move.name, event.shiftKey));
}

function setOf(index: number, change: object): void {
    const moves = (phase.value?.moves ?? []).map((one, at) => (at === index ? { ...one, ...change } : one));
    void set(phases.changed(props.side, { moves: moves as ChosenMove[] }));
}

function drop(index: number): void {
    const moves = (phase.value?.moves ?? []).filter((_, at) => at !== index);
    void set(moves.length > 0 ? phases.changed(props.side, { moves }) : null);
}

async function none(): Promise<void> {
    await set(null);
    emit('done');
}

/** With a strength where it is one of those that have one. */
function setStrength(event: Event): void {
    const way = props.side === 'arrive' ? 'out' : 'in';
    void set(phases.changed(props.side, { easing: `ease-${way}(${(event.target as HTMLInputElement).value}%)` }));
}
</script>

<template>
    <div class="picker" data-move-picker>
        <ChoiceTiles
            :choices="vocabulary.words.moves"
            kind="move"
            :chosen="chosen"
            hint="Shift+click adds it to what is there"
            @attempt="attempt"
            @stop="trying.stop"
            @choose="choose"
        />
        <template v-for="{ move, own, index } in parts" :key="index">
            <SettingFields
                v-if="move"
                :title="move.title"
                :settings="move.settings"
                :own="own"
                wide
                @set="setOf(index, $event)"
                @drop="drop(index)"
            />
        </template>
        <div v-if="phase" class="easing">
            <span class="title">Easing</span>
            <select
                class="choice-field"
                aria-label="Easing"
                :value="phase.easing"
                data-phase-easing
                @change="set(phases.changed(side, { easing: ($event.target as HTMLSelectElement).value }))"
            >
                <option v-if="!EASINGS.includes(phase.easing)" :value="phase.easing">{{ phase.easing }}</option>
                <option v-for="one in vocabulary.words.easings" :key="one.name" :value="one.text">
                    {{ one.name }}
                </option>
            </select>
            <input
                type="range"
                min="0"
                max="100"
                :value="strength ?? 75"
                :class="{ other: strength === null }"
                aria-label="Strength"
                @change="setStrength"
            />
        </div>
        <div class="foot">
            <button type="button" class="text" :disabled="!phase" @click="none">
                {{ side === 'arrive' ? 'No arrival' : 'No leaving' }}
            </button>
            <span class="hint">Shift+click combines</span>
        </div>
        <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    </div>
</template>

<style scoped>
.easing {
    display: flex;
    align-items: center;
    gap: 6px;
    min-height: 32px;
    margin-top: 6px;
    padding-top: 6px;
    border-top: 1px solid var(--hairline);
}
.title {
    min-width: 62px;
    color: var(--quiet);
    font-size: 12.5px;
}
.easing select {
    flex: 1;
    min-width: 0;
}
.easing input {
    width: 120px;
    accent-color: var(--accent);
}
.other {
    opacity: 0.4;
}
.foot {
    display: flex;
    align-items: center;
    justify-content: space-between;
    margin-top: 8px;
    color: var(--quiet);
    font-size: 12px;
}
.text {
    padding: 3px 0;
    border: 0;
    background: none;
    color: var(--second);
    font-size: 12.5px;
    cursor: pointer;
}
.text:disabled {
    opacity: 0.4;
    cursor: default;
}
.problem {
    margin: 4px 0 0;
    color: var(--accent);
    font-size: 12px;
}
</style>
