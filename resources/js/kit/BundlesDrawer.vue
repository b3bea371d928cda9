<script setup lang="ts">
import { computed } from 'vue';
import { useAdding } from '@/project/adding';
import { useComposition } from '@/project/composition';
import { useProject } from '@/project/project';
import CompositionPicture from '@/shell/CompositionPicture.vue';
import KitItem from './KitItem.vue';

/** The project's other compositions, to be placed in this one. */
const adding = useAdding();
const composition = useComposition();
const project = useProject();

const others = computed(() => project.compositions.filter((one) => one.id !== composition.id));
</script>

<template>
    <p v-if="others.length === 0">
        Other compositions of this project stand here, to be placed in this one. Or select layers and wrap them up (B).
    </p>
    <div class="bundles">
        <KitItem v-for="one in others" :key="one.key" :label="one.name" @add="adding.addBundle(one.key, $event)">
            <CompositionPicture :id="one.id" />
        </KitItem>
    </div>
</template>

<style scoped>
.bundles {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 4px;
}
p {
    margin: 8px 6px;
    color: var(--quiet);
    font-size: 12.5px;
    line-height: 1.5;
}
</style>
