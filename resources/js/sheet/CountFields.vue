<script setup lang="ts">
import { computed } from 'vue';
import type { TextLayer } from '@/api/project.gen';
import { useComposition } from '@/project/composition';
import { useVocabulary } from '@/project/vocabulary';
import { isKeyframed, isPair } from './properties';

/** Whether words hold a number that counts, and how it is written. */
const props = defineProps<{ layer: TextLayer }>();
const emit = defineEmits<{ set: [content: object] }>();

const NUMBERS = ['number', 'angle', 'point', 'size', 'factors'];
const GROUPS = { none: '1000', space: '1 000', comma: '1,000', point: '1.000', apostrophe: '1’000' };

const composition = useComposition();
const vocabulary = useVocabulary();

const counts = computed(() => props.layer.counts);

/** Values of other layers that move, and are numbers: each axis of a pair by itself. */
const values = computed(() =>
    composition.layers
        .filter((one) => one.id !== props.layer.id)
        .flatMap((one) =>
            vocabulary
                .propertiesOf(one)
                .filter(
                    ({ name, type }) =>
                        NUMBERS.includes(type) && isKeyframed((one as unknown as Record<string, unknown>)[name]),
                )
                .flatMap((definition) =>
                    (isPair(definition) ? (['x', 'y'] as const) : (['x'] as const)).map((axis, index) => ({
                        text: `${one.name}: ${definition.title} ${isPair(definition) ? definition.axes[index] : ''}`,
                        of: { layer: one.id, property: definition.name, ...(axis === 'y' && { axis }) },
                    })),
                ),
        ),
);
/** Without what one of it counts, which is set beside it. */
const followed = computed(() => {
    if (!counts.value?.of) {
        return counts.value?.runs ?? 'keyframes';
    }
    const of = { ...counts.value.of };
    delete of.times;
    return JSON.stringify(of);
});
const isKnown = computed(() => values.value.some(({ of }) => JSON.stringify(of) === followed.value));

/** A clock is a time; what is left out goes by the number alone. */
function follow(what: string): void {
    const rest = { ...counts.value };
    delete rest.runs;
    delete rest.of;
    const more = what.startsWith('{')
        ? { of: JSON.parse(what) }
        : what === 'keyframes'
          ? {}
          : { time: true, runs: what };
    emit('set', { counts: { ...rest, ...more } });
}
const set = (change: object): void => emit('set', { counts: { ...counts.value, ...change } });
</script>

<template>
    <div class="counts">
        <ElCheckbox
            :model-value="!!counts"
            label="# stands for a number that counts"
            data-counts
            @change="(on) => emit('set', { counts: on ? { decimals: 0, group: 'none' } : null })"
        />
        <template v-if="counts">
            <select
                class="choice-field"
                :value="counts.time ? 'time' : 'number'"
                aria-label="A number or a time"
                data-counts-as
                @change="set({ time: ($event.target as HTMLSelectElement).value === 'time' })"
            >
                <option value="number">a number</option>
                <option value="time">a time, in seconds</option>
            </select>
            <select
                class="choice-field"
                :value="followed"
                aria-label="What it follows: its Number, the time since its in point or until its out point, or a value of another layer"
                data-counts-runs
                @change="follow(($event.target as HTMLSelectElement).value)"
            >
                <option value="keyframes">follows Number</option>
                <option value="up">runs up</option>
                <option value="down">runs down</option>
                <option v-if="counts.of && !isKnown" :value="followed">a value without keyframes</option>
                <optgroup v-if="values.length > 0" label="in step with">
                    <option v-for="one in values" :key="one.text" :value="JSON.stringify(one.of)">
                        {{ one.text }}
                    </option>
                </optgroup>
            </select>
            <label v-if="counts.of"
                >Each counts
                <input
                    class="small-field"
                    type="number"
                    step="any"
                    :value="counts.of.times ?? 1"
                    data-counts-times
                    @change="set({ of: { ...counts.of, times: Number(($event.target as HTMLInputElement).value) } })"
            /></label>
            <select
                v-if="!counts.time"
                class="choice-field"
                :value="counts.group ?? 'none'"
                aria-label="Thousands separator"
                data-counts-group
                @change="set({ group: ($event.target as HTMLSelectElement).value })"
            >
                <option v-for="(text, group) in GROUPS" :key="group" :value="group">{{ text }}</option>
            </select>
            <label
                >Decimals
                <input
                    class="small-field"
                    type="number"
                    min="0"
                    max="6"
                    :value="counts.decimals ?? 0"
                    data-counts-decimals
                    @change="set({ decimals: Number(($event.target as HTMLInputElement).value) })"
            /></label>
            <ElCheckbox :model-value="!!counts.comma" label="after a comma" @change="(on) => set({ comma: !!on })" />
        </template>
    </div>
</template>

<style scoped>
.counts {
    display: grid;
    grid-template-columns: 1fr 1fr;
    align-items: center;
    gap: 4px 8px;
    font-size: 12.5px;
}
.counts :deep(.el-checkbox) {
    height: 24px;
    margin: 0;
}
.counts > :first-child {
    grid-column: 1 / -1;
}
label {
    display: flex;
    align-items: center;
    gap: 6px;
    color: var(--quiet);
}
input {
    width: 50px;
}
</style>
