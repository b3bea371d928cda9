<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Layer } from '@/api/answers';
import { useCameras } from '@/project/cameras';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useScopes } from '@/project/scopes';
import ValueField from './ValueField.vue';

/** The lens of a camera as the angle that it sees, whether what it aims at keeps its size with another, and what it aims at. */
const props = defineProps<{ layer: Layer; part: 'camera' | 'lens' }>();

const cameras = useCameras();
const composition = useComposition();
const playhead = usePlayhead();
const scopes = useScopes();
const keeps = ref(false);

const angle = computed(
    () => composition.glimpse?.inspections.find((one) => one.layer === props.layer.id)?.angle ?? null,
);
const here = computed(() => ({
    camera: props.layer.id,
    frame: playhead.frame,
    scope: scopes.scope(props.layer.id, props.part === 'camera' ? 'aim' : 'lens'),
}));

async function aim(event: Event): Promise<void> {
    const chosen = event.target as HTMLSelectElement;
    const layer = chosen.value;
    chosen.value = '';
    await composition.edit('aim-camera', { ...here.value, layer });
}

const set = (lens: object): Promise<boolean> =>
    composition.edit('set-lens', { ...here.value, ...lens, keeps: keeps.value });
</script>

<template>
    <div class="camera">
        <label v-if="part === 'camera'"
            >Aim at
            <select class="choice-field" value="" data-aim-at @change="aim">
                <option value="" disabled>a layer …</option>
                <option v-for="one in cameras.aims" :key="one.id" :value="one.id">{{ one.name }}</option>
            </select></label
        >
        <template v-else>
            <label
                >Sees across
                <ValueField
                    :value="angle"
                    label=""
                    name="Angle of view"
                    unit="°"
                    :least="2.1"
                    :most="149"
                    data-angle
                    @set="(value) => typeof value === 'number' && set({ angle: value })"
                    @reset="set({ lens: 50 })"
                />
            </label>
            <ElCheckbox v-model="keeps" label="With this angle, what it aims at keeps its size" data-keeps />
        </template>
    </div>
</template>

<style scoped>
.camera {
    padding: 2px 14px 2px 16px;
}
label {
    display: grid;
    grid-template-columns: 84px minmax(0, 1fr);
    align-items: center;
    column-gap: 6px;
}
</style>
