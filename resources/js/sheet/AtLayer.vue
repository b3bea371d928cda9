<script setup lang="ts">
import { MousePointerClick } from 'lucide-vue-next';
import { useViewSettings } from '@/picture/viewSettings';
import { useCameras } from '@/project/cameras';
import IconButton from '@/shell/IconButton.vue';

/** A layer that something is done at: chosen from the list, or clicked in the picture. */
const props = defineProps<{ label: string; prompt: string; name: string }>();
const emit = defineEmits<{ take: [layer: string] }>();

const cameras = useCameras();
const looking = useViewSettings();

function choose(event: Event): void {
    const chosen = event.target as HTMLSelectElement;
    emit('take', chosen.value);
    chosen.value = '';
}

async function click(): Promise<void> {
    const layer = await looking.pickLayer(props.prompt);
    if (layer) {
        emit('take', layer);
    }
}
</script>

<template>
    <div class="at">
        <label class="row"
            >{{ label }}
            <select class="choice-field" value="" :data-at-layer="name" @change="choose">
                <option value="" disabled>a layer …</option>
                <option v-for="one in cameras.aims" :key="one.id" :value="one.id">{{ one.name }}</option>
            </select></label
        >
        <IconButton :icon="MousePointerClick" :size="15" :label="prompt" :data-at-click="name" @click="click" />
    </div>
</template>

<style scoped>
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
