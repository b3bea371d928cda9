<script setup lang="ts">
import { ref } from 'vue';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';

/** Lets layers slide in, each from the side that it is nearest to. */
const props = defineProps<{ layers: string[] }>();

const composition = useComposition();
const playhead = usePlayhead();
const length = ref(15);
const by = ref(5);

const arrive = (): Promise<boolean> =>
    composition.edit('arrive-from-sides', {
        layers: props.layers,
        frame: playhead.frame,
        length: length.value,
        by: by.value,
    });
</script>

<template>
    <form @submit.prevent="arrive">
        in
        <input
            v-model.number="length"
            class="small-field"
            type="number"
            min="1"
            aria-label="Frames that each takes"
            data-sides-length
        />
        frames,
        <input
            v-model.number="by"
            class="small-field"
            type="number"
            min="0"
            aria-label="Frames between them"
            data-sides-by
        />
        apart
        <ElButton size="small" native-type="submit" data-sides>Slide in</ElButton>
    </form>
</template>

<style scoped>
form {
    display: flex;
    align-items: center;
    gap: 5px;
    padding: 2px 14px 8px 16px;
    font-size: 12.5px;
}
input {
    width: 44px;
    padding-right: 2px;
}
</style>
