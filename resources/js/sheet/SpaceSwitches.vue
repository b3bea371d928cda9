<script setup lang="ts">
import { computed } from 'vue';
import type { Layer } from '@/api/answers';
import { useCameras } from '@/project/cameras';
import { useComposition } from '@/project/composition';

/** What cameras and lights of its composition have to do with a layer. */
const props = defineProps<{ layer: Layer }>();

const cameras = useCameras();
const composition = useComposition();

const LIGHT = [
    { name: 'takesLight', label: 'Takes light' },
    { name: 'throwsShadow', label: 'Throws shadows' },
    { name: 'receivesShadow', label: 'Receives shadows' },
] as const;

const passes = computed(() =>
    cameras.any && cameras.areLit
        ? 'Cameras and lights pass it by'
        : `${cameras.areLit ? 'Lights' : 'Cameras'} pass it by`,
);
const isLit = computed(() => cameras.areLit && cameras.isInLight(props.layer) && !props.layer.flat);

const set = (name: string, on: unknown): Promise<boolean> =>
    composition.edit('set-layer', { layers: [props.layer.id], [name]: !!on });
</script>

<template>
    <div v-if="cameras.isInSpace(layer) || isLit" class="switches">
        <ElCheckbox
            v-if="cameras.isInSpace(layer)"
            :model-value="layer.flat ?? false"
            label="Stays flat"
            :title="passes"
            data-stays-flat
            @change="(on) => set('flat', on)"
        />
        <template v-for="one in isLit ? LIGHT : []" :key="one.name">
            <ElCheckbox
                :model-value="layer[one.name] ?? true"
                :label="one.label"
                :data-light-switch="one.name"
                @change="(on) => set(one.name, on)"
            />
        </template>
    </div>
</template>

<style scoped>
.switches {
    display: grid;
    padding: 0 14px 4px 16px;
}
.switches :deep(.el-checkbox) {
    height: 26px;
}
</style>
