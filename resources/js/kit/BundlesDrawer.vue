<script setup lang="ts">
import { computed } from 'vue';
import type { CompositionName } from '@/api/answers';
import { useAdding } from '@/project/adding';
import { useComposition } from '@/project/composition';
import { useFolders } from '@/project/folders';
import { useProject } from '@/project/project';
import CompositionPicture from '@/shell/CompositionPicture.vue';
import FolderHeading from '@/shell/FolderHeading.vue';
import { useKit } from './kit';
import KitItem from './KitItem.vue';

/** The project's other compositions, to be placed in this one. */
const adding = useAdding();
const composition = useComposition();
const project = useProject();

const kit = useKit();
const folders = useFolders<CompositionName>(({ key }) => key);

const others = computed(() => project.compositions.filter((one) => one.id !== composition.id));
const entries = computed(() => folders.listed(others.value, kit.search.trim() !== ''));
</script>

<template>
    <p v-if="others.length === 0">
        Other compositions of this project stand here, to be placed in this one. Or select layers and wrap them up (B).
    </p>
    <div class="bundles">
        <template v-for="entry in entries" :key="entry.key">
            <KitItem v-if="'one' in entry" :label="entry.one.name" @add="adding.addBundle(entry.one.key, $event)">
                <CompositionPicture :id="entry.one.id" />
            </KitItem>
            <FolderHeading
                v-else-if="!kit.search"
                class="folder"
                :name="entry.folder"
                :count="entry.count"
                :open="folders.isOpen(entry.folder)"
                @click="folders.toggle(entry.folder)"
            />
        </template>
    </div>
</template>

<style scoped>
.bundles {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 4px;
}
.folder {
    grid-column: 1 / -1;
}
p {
    margin: 8px 6px;
    color: var(--quiet);
    font-size: 12.5px;
    line-height: 1.5;
}
</style>
