<script setup lang="ts">
import { computed } from 'vue';
import type { Layer } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useScopes } from '@/project/scopes';
import { useVocabulary } from '@/project/vocabulary';
import AtLayer from './AtLayer.vue';

/** From where a light comes, and which layer it is for. */
const props = defineProps<{ layer: Extract<Layer, { kind: 'light' }> }>();

const composition = useComposition();
const playhead = usePlayhead();
const scopes = useScopes();
const vocabulary = useVocabulary();

const isAimed = computed(() => props.layer.source === 'directional');

const set = (event: Event): Promise<boolean> =>
    composition.edit('set-content', {
        layer: props.layer.id,
        content: { source: (event.target as HTMLSelectElement).value },
    });

const take = (layer: string): Promise<boolean> =>
    composition.edit('aim-light', {
        light: props.layer.id,
        layer,
        frame: playhead.frame,
        scope: scopes.scope(props.layer.id, isAimed.value ? 'aim' : 'position'),
    });
</script>

<template>
    <div class="light">
        <label class="row"
            >Source
            <select class="choice-field" :value="layer.source" data-light-source @change="set">
                <option v-for="one in vocabulary.words.lightSources" :key="one.name" :value="one.name">
                    {{ one.title }}
                </option>
            </select>
        </label>
        <AtLayer
            v-if="layer.source !== 'ambient'"
            :label="isAimed ? 'Aim at' : 'Put before'"
            :prompt="isAimed ? 'Click the layer to aim at' : 'Click the layer to put the light before'"
            name="light"
            @take="take"
        />
    </div>
</template>

<style scoped>
.light {
    padding: 2px 14px 4px 16px;
}
.row {
    display: grid;
    grid-template-columns: 84px minmax(0, 1fr);
    align-items: center;
    column-gap: 6px;
}
</style>
