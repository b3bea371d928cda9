<script setup lang="ts">
import { SquaresExclude, SquaresIntersect, SquaresSubtract, SquaresUnite } from 'lucide-vue-next';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useSelection } from '@/project/selection';

/** Makes one shape of those that are selected, as they lie at the playhead. */
const WAYS = [
    { how: 'union', icon: SquaresUnite, text: 'Unite', more: 'One shape of all of them' },
    { how: 'subtract', icon: SquaresSubtract, text: 'Cut out', more: 'The upper ones are cut out of the lowest' },
    { how: 'intersect', icon: SquaresIntersect, text: 'Intersect', more: 'Only where all of them overlap' },
    { how: 'exclude', icon: SquaresExclude, text: 'Exclude', more: 'Holes where they overlap' },
] as const;

const composition = useComposition();
const playhead = usePlayhead();
const selection = useSelection();

async function combine(how: string): Promise<void> {
    const lowest = composition.layers.find((layer) => selection.layers.includes(layer.id))!.id;
    if (await composition.edit('combine-shapes', { layers: selection.layers, how, frame: playhead.frame })) {
        selection.select(lowest);
    }
}
</script>

<template>
    <div class="combine">
        <button
            v-for="one in WAYS"
            :key="one.how"
            type="button"
            class="small-button"
            :title="one.more"
            :data-combine="one.how"
            @click="combine(one.how)"
        >
            <component :is="one.icon" :size="15" />{{ one.text }}
        </button>
    </div>
</template>

<style scoped>
.combine {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 6px;
    padding: 2px 14px 8px 16px;
}
</style>
