<script setup lang="ts">
import { Plus } from 'lucide-vue-next';
import { computed } from 'vue';
import type { Layer } from '@/api/answers';
import { useComposition } from '@/project/composition';
import AttachedList from './AttachedList.vue';
import PaintField from './PaintField.vue';
import type { Attached } from './properties';

/** Outlines that words or a shape have more of: outside of their edge, along it or inside; and fills, beneath all else or over. */
const props = defineProps<{ layer: Layer }>();

const SIDES = {
    outside: 'outside the edge',
    centre: 'along the edge',
    inside: 'inside the edge',
    beneath: 'fill, beneath all',
    over: 'fill, over the fill',
};
const isFill = (one: Attached): boolean => one.side === 'beneath' || one.side === 'over';
const titleOf = (one: Attached): string => `${isFill(one) ? 'Fill' : 'Outline'} ${one.id.slice(1)}`;
const JOINS = { round: 'round corners', miter: 'pointed corners', bevel: 'cut corners' };

const composition = useComposition();
const list = computed(() => ('outlines' in props.layer ? (props.layer.outlines ?? []) : []) as unknown as Attached[]);

const set = (outlines: Attached[]): void =>
    void composition.edit('set-outlines', { layers: [props.layer.id], outlines });

const next = computed(() => 1 + Math.max(0, ...list.value.map(({ id }) => Number(id.slice(1)))));

/** Lowest of all, a little aside, so that it is seen. */
const addFill = (): void =>
    set([{ id: `o${next.value}`, side: 'beneath', width: 0, shift: [10, 10], colour: '#c0392b' }, ...list.value]);

/** Outermost, a little wider than those there are. */
function add(): void {
    const widest = Math.max(0, ...list.value.map(({ width }) => (typeof width === 'number' ? width : 0)));
    set([
        { id: `o${next.value}`, width: widest + 8, colour: next.value % 2 === 0 ? '#1d2430' : '#f3e3c3' },
        ...list.value,
    ]);
}
</script>

<template>
    <AttachedList v-slot="{ one, change }" :layer="layer" :list="list" :title-of="titleOf" @set="set">
        <div class="how">
            <select
                class="choice-field"
                :value="one.side ?? 'outside'"
                aria-label="Where it lies"
                data-outline-side
                @change="change({ side: ($event.target as HTMLSelectElement).value })"
            >
                <option v-for="(text, side) in SIDES" :key="side" :value="side">{{ text }}</option>
            </select>
            <select
                class="choice-field"
                :value="one.join ?? 'round'"
                aria-label="Its corners"
                data-outline-join
                @change="change({ join: ($event.target as HTMLSelectElement).value })"
            >
                <option v-for="(text, join) in JOINS" :key="join" :value="join">{{ text }}</option>
            </select>
        </div>
        <PaintField :id="`g${one.id}`" :layer="layer" :part="one.id" text="Paint" />
    </AttachedList>
    <div class="add">
        <button type="button" class="add-one" data-add-outline @click="add">
            <Plus :size="14" aria-hidden="true" />One more outline
        </button>
        <button type="button" class="add-one" data-add-fill @click="addFill">
            <Plus :size="14" aria-hidden="true" />One more fill
        </button>
    </div>
</template>

<style scoped>
.add {
    display: flex;
}
.how {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 6px;
    padding: 0 14px 4px 16px;
}
</style>
