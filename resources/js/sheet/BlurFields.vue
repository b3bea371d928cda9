<script setup lang="ts">
import { computed } from 'vue';
import type { Layer } from '@/api/answers';
import { useComposition } from '@/project/composition';
import ValueField from './ValueField.vue';

/** Whether layers are blurred as they move, and whether one of them is exposed otherwise than the composition. */
const props = defineProps<{ layers: Layer[] }>();

const composition = useComposition();
const isOn = computed(() => props.layers.every((layer) => layer.motionBlur));
const own = computed(() => props.layers[0]?.shutter ?? null);
const angle = computed(() => own.value?.angle ?? composition.shown?.shutter?.angle ?? 180);

function set(fields: object): void {
    void composition.edit('set-layer', { layers: props.layers.map((layer) => layer.id), ...fields });
}
</script>

<template>
    <div class="blur">
        <ElCheckbox
            :model-value="isOn"
            :label="isOn ? 'Blurred, shutter angle' : 'Blurred as it moves'"
            data-motion-blur
            @change="(on) => set({ motionBlur: !!on })"
        />
        <ValueField
            v-if="isOn"
            :value="angle"
            label=""
            name="Shutter angle"
            unit="°"
            :step="15"
            :least="0"
            :most="720"
            :class="{ inherited: !own }"
            @set="set({ shutter: { ...own, angle: Number($event) } })"
            @reset="set({ shutter: null })"
        />
    </div>
</template>

<style scoped>
.blur {
    display: grid;
    grid-template-columns: 1fr 1fr;
    align-items: center;
    min-height: 30px;
    padding: 0 14px 4px 16px;
}
.inherited {
    opacity: 0.65;
}
</style>
