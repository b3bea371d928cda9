<script setup lang="ts">
import { computed } from 'vue';
import type { TextLayer } from '@/api/project.gen';

/** Whether words hold a number that counts, and how it is written. */
const props = defineProps<{ layer: TextLayer }>();
const emit = defineEmits<{ set: [content: object] }>();

const GROUPS = { none: '1000', space: '1 000', comma: '1,000', point: '1.000', apostrophe: '1’000' };

const counts = computed(() => props.layer.counts);
/** A clock is a time; what is left out goes by the number alone. */
function follow(what: string): void {
    const rest = { ...counts.value };
    delete rest.runs;
    emit('set', { counts: what === 'keyframes' ? rest : { ...rest, time: true, runs: what } });
}
const set = (change: object): void => emit('set', { counts: { ...counts.value, ...change } });
</script>

<template>
    <div class="counts">
        <ElCheckbox
            :model-value="!!counts"
            label="# is a number that counts"
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
                :value="counts.runs ?? 'keyframes'"
                aria-label="What it follows: its Number, or the time since its in point or until its out point"
                data-counts-runs
                @change="follow(($event.target as HTMLSelectElement).value)"
            >
                <option value="keyframes">follows Number</option>
                <option value="up">runs up</option>
                <option value="down">runs down</option>
            </select>
            <select
                v-if="!counts.time"
                class="choice-field"
                :value="counts.group ?? 'none'"
                aria-label="How thousands are parted"
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
