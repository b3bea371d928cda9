<script setup lang="ts">
import { computed, reactive } from 'vue';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';

/** Splits the picture into cells, and puts layers into them as windows; what is left over waits for something to be dropped. */
const props = defineProps<{ layers: string[] }>();

type Cells = 'grid' | 'large-left' | 'large-right' | 'large-top' | 'large-bottom';

const CELLS: { cells: Cells; text: string }[] = [
    { cells: 'grid', text: 'Rows and columns' },
    { cells: 'large-left', text: 'A large one at the left' },
    { cells: 'large-right', text: 'A large one at the right' },
    { cells: 'large-top', text: 'A large one at the top' },
    { cells: 'large-bottom', text: 'A large one at the bottom' },
];
const MOST = 10;

const composition = useComposition();
const playhead = usePlayhead();
const split = reactive({ cells: 'grid' as Cells, rows: 2, columns: 2, gap: 16, margin: 0, rounding: 0 });

const count = computed(() => split.rows * split.columns);
const isGrid = computed(() => split.cells === 'grid');
const many = computed({
    get: () => count.value,
    set: (number: number) => Object.assign(split, { rows: number, columns: 1 }),
});

const apply = (): Promise<boolean> =>
    composition.edit('split-screen', { ...split, layers: props.layers, at: playhead.frame });

function choose(cells: Cells): void {
    split.cells = cells;
    if (cells !== 'grid' && (split.columns !== 1 || split.rows < 2)) {
        many.value = Math.max(3, Math.min(MOST, props.layers.length));
    } else if (cells === 'grid' && split.columns === 1) {
        Object.assign(split, { rows: 2, columns: Math.max(2, Math.ceil(props.layers.length / 2)) });
    }
}
</script>

<template>
    <form class="split" @submit.prevent="apply">
        <div class="cells" role="radiogroup" aria-label="How the picture is split">
            <button
                v-for="one in CELLS"
                :key="one.cells"
                type="button"
                role="radio"
                :aria-checked="split.cells === one.cells"
                :aria-label="one.text"
                :title="one.text"
                :class="one.cells"
                :data-cells="one.cells"
                @click="choose(one.cells)"
            >
                <i v-for="cell in one.cells === 'grid' ? 4 : 3" :key="cell" />
            </button>
        </div>
        <div class="fields">
            <template v-if="isGrid">
                <label
                    >Rows
                    <input
                        v-model.number="split.rows"
                        class="small-field"
                        type="number"
                        min="1"
                        :max="MOST"
                        data-split-rows
                /></label>
                <label
                    >Columns
                    <input
                        v-model.number="split.columns"
                        class="small-field"
                        type="number"
                        min="1"
                        :max="MOST"
                        data-split-columns
                /></label>
            </template>
            <label v-else
                >Cells
                <input v-model.number="many" class="small-field" type="number" min="2" :max="MOST" data-split-count
            /></label>
            <label
                >Gap
                <input v-model.number="split.gap" class="small-field" type="number" min="0" max="2000" data-split-gap
            /></label>
            <label
                >Margin
                <input
                    v-model.number="split.margin"
                    class="small-field"
                    type="number"
                    min="0"
                    max="2000"
                    data-split-margin
            /></label>
            <label
                >Rounding
                <input
                    v-model.number="split.rounding"
                    class="small-field"
                    type="number"
                    min="0"
                    max="2000"
                    data-split-rounding
            /></label>
        </div>
        <ElButton size="small" native-type="submit" data-split>{{
            layers.length > 0 ? 'Split the screen' : `Make ${count} windows`
        }}</ElButton>
    </form>
</template>

<style scoped>
.split {
    display: grid;
    justify-items: start;
    gap: 7px;
    padding: 2px 14px 10px 16px;
    font-size: 12.5px;
}
.cells {
    display: flex;
    gap: 6px;
}
.cells button {
    display: grid;
    gap: 2px;
    width: 44px;
    height: 27px;
    padding: 3px;
    border: 1px solid var(--hairline);
    border-radius: 5px;
    background: var(--field);
    cursor: pointer;
}
.cells button[aria-checked='true'] {
    border-color: var(--accent);
    box-shadow: 0 0 0 1px var(--accent);
}
.cells i {
    border-radius: 1px;
    background: var(--quiet);
}
.grid {
    grid-template: 1fr 1fr / 1fr 1fr;
}
.large-left {
    grid-template: 1fr 1fr / 2fr 1fr;
}
.large-right {
    grid-template: 1fr 1fr / 1fr 2fr;
}
.large-left i:first-child {
    grid-row: 1 / 3;
}
.large-right i:first-child {
    grid-area: 1 / 2 / 3 / 3;
}
.large-top {
    grid-template: 2fr 1fr / 1fr 1fr;
}
.large-bottom {
    grid-template: 1fr 2fr / 1fr 1fr;
}
.large-top i:first-child {
    grid-column: 1 / 3;
}
.large-bottom i:first-child {
    grid-area: 2 / 1 / 3 / 3;
}
.fields {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 10px;
}
label {
    display: flex;
    align-items: center;
    gap: 5px;
    color: var(--quiet);
}
input {
    width: 52px;
}
</style>
