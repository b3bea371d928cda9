<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Layer } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useScopes } from '@/project/scopes';
import AtLayer from './AtLayer.vue';
import ValueField from './ValueField.vue';

/** The lens of a camera as the angle that it sees, whether what it aims at keeps its size with another, and what it aims at. */
const props = defineProps<{ layer: Layer; part: 'camera' | 'lens' }>();

const composition = useComposition();
const playhead = usePlayhead();
const scopes = useScopes();
const keeps = ref(false);

const angle = computed(
    () => composition.glimpse?.inspections.find((one) => one.layer === props.layer.id)?.angle ?? null,
);
const here = computed(() => ({ camera: props.layer.id, frame: playhead.frame }));

/** What it is aimed at, or focused on. */
function take(layer: string): void {
    const focus = props.part === 'lens';
    const scope = scopes.scope(props.layer.id, focus ? 'focus' : 'aim');
    void composition.edit('aim-camera', { ...here.value, scope, layer, focus });
}

const set = (lens: object): Promise<boolean> =>
    composition.edit('set-lens', {
        ...here.value,
        ...lens,
        keeps: keeps.value,
        scope: scopes.scope(props.layer.id, 'lens'),
    });
</script>

<template>
    <div class="camera">
        <AtLayer
            :label="part === 'lens' ? 'Focus on' : 'Aim at'"
            :prompt="part === 'lens' ? 'Click the layer to focus on' : 'Click the layer to aim at'"
            :name="part"
            @take="take"
        />
        <template v-if="part === 'lens'">
            <label class="row"
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
            <ElCheckbox v-model="keeps" label="What it aims at keeps its size" data-keeps />
        </template>
    </div>
</template>

<style scoped>
.camera {
    padding: 2px 14px 2px 16px;
}
.row {
    display: grid;
    grid-template-columns: 84px minmax(0, 1fr);
    align-items: center;
    column-gap: 6px;
}
</style>
