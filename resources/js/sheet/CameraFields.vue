<script setup lang="ts">
import { MousePointerClick } from 'lucide-vue-next';
import { computed, ref } from 'vue';
import type { Layer } from '@/api/answers';
import { useCameras } from '@/project/cameras';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useScopes } from '@/project/scopes';
import { useViewSettings } from '@/picture/viewSettings';
import IconButton from '@/shell/IconButton.vue';
import ValueField from './ValueField.vue';

/** The lens of a camera as the angle that it sees, whether what it aims at keeps its size with another, and what it aims at. */
const props = defineProps<{ layer: Layer; part: 'camera' | 'lens' }>();

const cameras = useCameras();
const composition = useComposition();
const playhead = usePlayhead();
const scopes = useScopes();
const looking = useViewSettings();
const keeps = ref(false);

const angle = computed(
    () => composition.glimpse?.inspections.find((one) => one.layer === props.layer.id)?.angle ?? null,
);
const here = computed(() => ({ camera: props.layer.id, frame: playhead.frame }));

/** What it is aimed at, or focused on: a layer that is chosen from the list, or clicked in the picture. */
async function take(layer: string | null): Promise<void> {
    if (layer) {
        const focus = props.part === 'lens';
        const scope = scopes.scope(props.layer.id, focus ? 'focus' : 'aim');
        await composition.edit('aim-camera', { ...here.value, scope, layer, focus });
    }
}

function choose(event: Event): void {
    const chosen = event.target as HTMLSelectElement;
    void take(chosen.value);
    chosen.value = '';
}

const click = async (): Promise<void> =>
    take(await looking.pickLayer(props.part === 'lens' ? 'Click the layer to focus on' : 'Click the layer to aim at'));

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
        <div class="at">
            <label class="row"
                >{{ part === 'lens' ? 'Focus on' : 'Aim at' }}
                <select class="choice-field" value="" :data-camera-at="part" @change="choose">
                    <option value="" disabled>a layer …</option>
                    <option v-for="one in cameras.aims" :key="one.id" :value="one.id">{{ one.name }}</option>
                </select></label
            >
            <IconButton
                :icon="MousePointerClick"
                :size="15"
                :label="part === 'lens' ? 'Click the layer to focus on' : 'Click the layer to aim at'"
                :data-camera-click="part"
                @click="click"
            />
        </div>
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
.at {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 26px;
    align-items: center;
    column-gap: 4px;
}
.row {
    display: grid;
    grid-template-columns: 84px minmax(0, 1fr);
    align-items: center;
    column-gap: 6px;
}
</style>
