<script setup lang="ts">
import { computed } from 'vue';
import { useComposition } from '@/project/composition';
import { useSelection } from '@/project/selection';
import CompositionSheet from './CompositionSheet.vue';
import LayerSheet from './LayerSheet.vue';

const composition = useComposition();
const selection = useSelection();

const chosen = computed(() =>
    selection.layers.map((id) => composition.layer(id)).filter((layer) => layer !== undefined),
);
</script>

<template>
    <div class="pane">
        <LayerSheet v-if="chosen.length === 1" :layer="chosen[0]!" />
        <div v-else-if="chosen.length > 1" class="many">
            <p>{{ chosen.length }} layers are selected. Drag them in the picture or in time; they move together.</p>
            <ElButton size="small" @click="composition.edit('duplicate-layers', { layers: selection.layers })"
                >Duplicate</ElButton
            >
            <ElButton size="small" @click="composition.edit('remove-layers', { layers: selection.layers })"
                >Remove</ElButton
            >
        </div>
        <CompositionSheet v-else />
    </div>
</template>

<style scoped>
.pane {
    height: 100%;
    overflow-y: auto;
    scrollbar-width: thin;
}
.many {
    padding: 14px 16px;
    color: var(--quiet);
}
</style>
