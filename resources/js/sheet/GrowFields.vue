<script setup lang="ts">
import { ref } from 'vue';
import { useComposition } from '@/project/composition';

/** Moves the edge of shapes outwards or inwards. */
const props = defineProps<{ layers: string[] }>();

const composition = useComposition();
const by = ref(10);
const corners = ref<'round' | 'sharp'>('round');

const grow = (): Promise<boolean> =>
    composition.edit('grow-shapes', { layers: props.layers, by: by.value, corners: corners.value });
</script>

<template>
    <form title="Negative for inwards" @submit.prevent="by && grow()">
        Edge by
        <input
            v-model.number="by"
            class="small-field"
            type="number"
            step="any"
            aria-label="Pixels the edge moves, negative for inwards"
            data-grow-by
        />
        px
        <select v-model="corners" class="small-field" aria-label="Corners that open" data-grow-corners>
            <option value="round">round</option>
            <option value="sharp">sharp</option>
        </select>
        <ElButton size="small" native-type="submit" data-grow>{{ by < 0 ? 'Shrink' : 'Grow' }}</ElButton>
    </form>
</template>

<style scoped>
form {
    display: flex;
    align-items: center;
    gap: 6px;
    font-size: 12.5px;
}
input {
    width: 56px;
}
select {
    flex: 1;
    min-width: 0;
}
</style>
