<script setup lang="ts">
import { FolderOpen, PackageOpen } from 'lucide-vue-next';
import { computed } from 'vue';
import { useComposition } from '@/project/composition';
import type { Bundle } from '@/project/playing';
import { useProject } from '@/project/project';
import { useWithin } from '@/project/within';

/** What a bundle places, and what becomes of it when it is pulled or cut off. */
const props = defineProps<{ layer: Bundle }>();

const composition = useComposition();
const project = useProject();
const within = useWithin();

const placed = computed(() => project.compositions.find((one) => one.key === props.layer.composition));

const setContent = (content: object): Promise<boolean> =>
    composition.edit('set-content', { layer: props.layer.id, content });
</script>

<template>
    <div class="bundle">
        <p>
            Places <b dir="auto">{{ placed?.name }}</b>: what is changed there is changed here.
        </p>
        <div class="acts">
            <button type="button" data-open-bundle @click="within.enter(layer)">
                <FolderOpen :size="14" aria-hidden="true" />Open
            </button>
            <button
                type="button"
                data-unwrap
                title="Replaces it with its layers"
                @click="composition.edit('unwrap-layer', { layer: layer.id })"
            >
                <PackageOpen :size="14" aria-hidden="true" />Unwrap
            </button>
        </div>
        <ElCheckbox
            :model-value="layer.stretches ?? true"
            label="Stretches when an edge is pulled"
            data-stretches
            @change="(on) => setContent({ stretches: !!on })"
        />
        <ElCheckbox
            :model-value="layer.space ?? false"
            label="Its layers keep their depth"
            data-keeps-space
            @change="(on) => setContent({ space: !!on })"
        />
        <ElCheckbox
            v-if="!layer.space"
            :model-value="layer.crop ?? true"
            label="Crop to its own frame"
            data-crop
            @change="(on) => setContent({ crop: !!on })"
        />
        <ElCheckbox
            :model-value="layer.sound ?? true"
            label="Heard"
            @change="(sound) => setContent({ sound: !!sound })"
        />
    </div>
</template>

<style scoped>
.bundle {
    padding: 0 14px 8px 16px;
}
p {
    margin: 0 0 8px;
    color: var(--quiet);
    font-size: 12.5px;
    line-height: 1.45;
}
b {
    color: var(--ink);
    font-weight: 600;
}
.acts {
    display: flex;
    gap: 6px;
    margin-bottom: 6px;
}
.acts button {
    display: flex;
    align-items: center;
    gap: 6px;
    height: 27px;
    padding: 0 11px 0 9px;
    border: 1px solid var(--hairline);
    border-radius: 8px;
    background: var(--raised);
    color: var(--ink);
    font: inherit;
    font-size: 13px;
    cursor: pointer;
}
.acts button:hover {
    border-color: var(--quiet);
}
.bundle :deep(.el-checkbox) {
    display: flex;
    height: 24px;
    margin: 0;
}
</style>
