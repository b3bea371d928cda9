<script setup lang="ts">
import { computed, ref } from 'vue';
import type { TextLayer } from '@/api/project.gen';
import { usePlayhead } from '@/project/playhead';
import { useScopes } from '@/project/scopes';
import { useTrying } from '@/project/trying';
import { useComposition } from '@/project/composition';
import FontSample from '@/kit/FontSample.vue';
import ColumnPanel from '@/shell/ColumnPanel.vue';
import FontPicker from './FontPicker.vue';
import { useFaces } from './faces';

/** The typeface that words are set in at the playhead; it opens what another is chosen from. */
const props = defineProps<{
    layers: TextLayer[];
    /** As the property has it at the playhead: empty for the layer's own. One for each layer. */
    values: string[];
}>();

const composition = useComposition();
const playhead = usePlayhead();
const scopes = useScopes();
const trying = useTrying();
const faces = useFaces();
const choosing = ref(false);

/** Nothing where layers differ in it. */
const chosen = computed(() => {
    const all = new Set(props.layers.map((layer, index) => props.values[index] || faces.ownOf(layer)));
    return all.size === 1 ? [...all][0]! : '';
});
const name = computed(() => (chosen.value === '' ? 'Several' : faces.named(chosen.value)));
const words = computed(() => props.layers.map(({ text }) => text).join(' '));

const args = (typeface: string) => ({
    layers: props.layers.map(({ id }) => id),
    typeface,
    frame: playhead.frame,
    // Of several, each may be told otherwise only by itself.
    ...(props.layers.length === 1 ? { scope: scopes.scope(props.layers[0]!.id, 'typeface') } : {}),
});

function close(): void {
    trying.stop();
    choosing.value = false;
}

async function choose(face: string): Promise<void> {
    close();
    await playhead.there();
    void composition.edit('set-typeface', args(face));
}
</script>

<template>
    <button type="button" class="choice-button face" data-choose-font :title="name" @click="choosing = true">
        <FontSample v-if="chosen !== '' && !chosen.startsWith('media:')" :font="chosen" :size="15" class="sample" />
        <span>{{ name }}</span>
    </button>
    <ColumnPanel v-if="choosing" title="Typeface" @close="close">
        <FontPicker
            :text="words"
            :chosen="chosen"
            :fonts="faces.all.value"
            @attempt="(face) => trying.show('set-typeface', args(face))"
            @stop="trying.stop"
            @choose="choose"
        />
    </ColumnPanel>
</template>

<style scoped>
.face {
    flex: 1;
    justify-content: flex-start;
}
.face span {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
.sample {
    flex: none;
    width: 26px;
}
</style>
