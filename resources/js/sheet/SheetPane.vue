<script setup lang="ts">
import { computed } from 'vue';
import { useComposition } from '@/project/composition';
import { useSelection } from '@/project/selection';
import CompositionSheet from './CompositionSheet.vue';
import LayerSheet from './LayerSheet.vue';
import ManySheet from './ManySheet.vue';

const composition = useComposition();
const selection = useSelection();

const chosen = computed(() =>
    selection.layers.map((id) => composition.layer(id)).filter((layer) => layer !== undefined),
);
</script>

<template>
    <div class="pane">
        <LayerSheet v-if="chosen.length === 1" :key="chosen[0]!.id" :layer="chosen[0]!" />
        <ManySheet v-else-if="chosen.length > 1" :layers="chosen" />
        <CompositionSheet v-else />
    </div>
</template>

<style scoped>
.pane {
    height: 100%;
    overflow-y: auto;
    scrollbar-width: thin;
}
</style>
