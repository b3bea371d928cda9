<script setup lang="ts">
import { computed, ref } from 'vue';
import type { ChosenMove, Move } from '@/api/answers';
import type { EditRequest } from '@/api/edits';
import { useTrying } from '@/project/trying';
import { useVocabulary } from '@/project/vocabulary';
import EasingField from '@/timeline/EasingField.vue';
import FilmTiles from '@/picture/FilmTiles.vue';
import { usePhases, type Side } from './phases';
import PickerColumn from './PickerColumn.vue';
import SettingFields from './SettingFields.vue';

/** Chooses moves; while the pointer rests on one, the layer does it in the picture. */
const props = defineProps<{ side: Side }>();
const emit = defineEmits<{ done: [] }>();

/** Easings that depend on the keyframes around them. */
const CONTEXTUAL = ['glide', 'jump'];

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

/** What choosing it does to the layer that the strip is of. */
const editOf = (move: Move): EditRequest => ({
    edit: phases.edit(props.side),
    args: { ...phases.args(phases.choosing(props.side, move.name, false)), layers: [phases.layer.value!.id] },
});

function attempt(move: Move, event: MouseEvent, range: [number, number]): void {
    const tried = phases.choosing(props.side, move.name, event.shiftKey);
    void trying.play(phases.edit(props.side), phases.args(tried), ...range);
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

const setEasing = (easing: string): Promise<void> => set(phases.changed(props.side, { easing }));

function tryEasing(easing: string): void {
    const tried = phases.changed(props.side, { easing });
    const life = phases.life.value;
    if (life) {
        const frames = props.side === 'arrive' ? life.arriving : life.leaving;
        void trying.play(phases.edit(props.side), phases.args(tried), ...frames);
    }
}
</script>

<template>
    <PickerColumn
        role="region"
        :problem="problem"
        :hint="phase ? null : 'Shift+click adds a second move to the first.'"
        :aria-label="side === 'arrive' ? 'How it arrives' : 'How it leaves'"
        data-move-picker
    >
        <FilmTiles
            v-if="phases.layer.value"
            :choices="vocabulary.words.moves.filter((one) => one.films === phases.films.value)"
            kind="move"
            :layer="phases.layer.value.id"
            :role="side"
            :edit-of="editOf"
            :chosen="chosen"
            hint="Shift+click adds it to what is there"
            @attempt="attempt"
            @stop="trying.stop"
            @choose="choose"
        />
        <template v-if="phase" #placed>
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
            <div class="easing">
                <span class="title">Easing</span>
                <EasingField
                    :easing="phase.easing"
                    label="Easing"
                    nested
                    :without="CONTEXTUAL"
                    data-phase-easing
                    @attempt="tryEasing"
                    @leave="trying.stop"
                    @set="setEasing"
                />
                <button type="button" class="text" @click="none">
                    {{ side === 'arrive' ? 'No arrival' : 'No exit' }}
                </button>
            </div>
        </template>
    </PickerColumn>
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
.easing :deep(.easing-field) {
    flex: 1;
    min-width: 0;
}
.text {
    padding: 3px 4px;
    border: 0;
    background: none;
    color: var(--second);
    font-size: 12.5px;
    cursor: pointer;
}
</style>
