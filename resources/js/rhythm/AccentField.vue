<script setup lang="ts">
import { ChevronDown } from 'lucide-vue-next';
import { computed, ref } from 'vue';
import type { AccentChoice, PlacedAccent } from '@/api/answers';
import type { EditRequest } from '@/api/edits';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useSelection } from '@/project/selection';
import { useTrying } from '@/project/trying';
import { useVocabulary } from '@/project/vocabulary';
import { useOpened } from '@/shell/opened';
import ValueField from '@/sheet/ValueField.vue';
import FilmTiles from '@/picture/FilmTiles.vue';
import { usePhases } from './phases';
import PickerColumn from './PickerColumn.vue';
import { useRoomBelow } from './roomBelow';
import SettingFields from './SettingFields.vue';

/** What moves a layer during its stay: added at the playhead, played while the pointer rests on it. */
const composition = useComposition();
const phases = usePhases();
const playhead = usePlayhead();
const selection = useSelection();
const trying = useTrying();
const vocabulary = useVocabulary();
const open = ref(false);
useOpened(open);
const opener = ref<HTMLElement | null>(null);
const room = useRoomBelow(opener, open);
const problem = ref<string | null>(null);

const placed = computed(() => (phases.layer.value?.accents ?? []) as unknown as PlacedAccent[]);
const parts = computed(() =>
    placed.value.map((own, index) => ({
        own,
        index,
        choice: vocabulary.words.accents.find((one) => one.name === own.accent),
    })),
);

const subjects = computed(() => {
    const accents = vocabulary.words.accents.filter((one) => one.films === phases.films.value);
    return [...new Set(accents.map(({ subject }) => subject))].map((subject) => ({
        subject,
        choices: accents.filter((one) => one.subject === subject),
    }));
});

const adding = (choice: AccentChoice) => ({
    layers: selection.layers,
    add: { accent: choice.name, at: playhead.frame },
});

const editOf = (choice: AccentChoice): EditRequest => ({
    edit: 'set-accents',
    // By itself, whatever else there is at that moment.
    args: { accents: [adding(choice).add], layers: [phases.layer.value!.id] },
});

function attempt(choice: AccentChoice, _: MouseEvent, range: [number, number]): void {
    void trying.play('set-accents', adding(choice), ...range);
}

async function add(choice: AccentChoice): Promise<void> {
    trying.stop();
    problem.value = await composition.ask('set-accents', adding(choice));
}

/** Edits speak of frames of the composition. */
async function set(accents: PlacedAccent[]): Promise<void> {
    const begin = phases.layer.value?.in ?? 0;
    problem.value = await composition.ask('set-accents', {
        layers: selection.layers,
        accents: accents.map((one) => ({ ...one, at: one.at + begin })),
    });
}

const setOf = (index: number, change: object): Promise<void> =>
    set(placed.value.map((one, at) => (at === index ? ({ ...one, ...change } as PlacedAccent) : one)));
</script>

<template>
    <ElPopover
        v-model:visible="open"
        :persistent="false"
        trigger="click"
        placement="bottom"
        :fallback-placements="['top']"
        :width="720"
        :hide-after="0"
    >
        <template #reference>
            <button ref="opener" type="button" class="choose" data-accents>
                {{ placed.length === 0 ? 'accents' : placed.length === 1 ? '1 accent' : `${placed.length} accents`
                }}<ChevronDown :size="13" aria-hidden="true" />
            </button>
        </template>
        <PickerColumn
            v-if="open"
            class="accents"
            :style="room"
            :problem="problem"
            :hint="parts.length === 0 ? 'What you choose begins at the playhead.' : null"
        >
            <section v-for="{ subject, choices } in subjects" :key="subject">
                <h2>{{ subject }}</h2>
                <FilmTiles
                    v-if="phases.layer.value"
                    :choices="choices"
                    kind="accent"
                    :layer="phases.layer.value.id"
                    role="accent"
                    :edit-of="editOf"
                    @attempt="attempt"
                    @stop="trying.stop"
                    @choose="add"
                />
            </section>
            <template #placed>
                <template v-for="{ own, index, choice } in parts" :key="index">
                    <SettingFields
                        v-if="choice"
                        :title="choice.called"
                        :settings="choice.settings"
                        :own="own"
                        @set="setOf(index, $event)"
                        @drop="set(placed.filter((_, at) => at !== index))"
                    >
                        <span class="one"
                            ><span class="setting">from</span>
                            <ValueField
                                :value="own.at"
                                label=""
                                name="Begins"
                                unit="f"
                                @set="setOf(index, { at: Number($event) })"
                        /></span>
                        <span class="one"
                            ><span class="setting">for</span>
                            <ValueField
                                :value="own.length"
                                label=""
                                name="Length"
                                unit="f"
                                :least="1"
                                @set="setOf(index, { length: Number($event) })"
                        /></span>
                    </SettingFields>
                </template>
            </template>
        </PickerColumn>
    </ElPopover>
</template>

<style scoped>
.choose {
    display: flex;
    align-items: center;
    gap: 4px;
    height: 24px;
    padding: 0 8px 0 10px;
    border: 0;
    border-radius: 12px;
    background: none;
    color: var(--quiet);
    font: inherit;
    cursor: pointer;
}
.choose:hover {
    background: var(--hover);
    color: var(--ink);
}
h2 {
    margin: 0 0 4px;
    color: var(--quiet);
    font-size: 12.5px;
    font-weight: 500;
}
section + section h2 {
    margin-top: 10px;
}
</style>
