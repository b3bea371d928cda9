<script setup lang="ts">
import { computed, ref } from 'vue';
import type { LayerPart } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { useParts } from '@/project/parts';
import { useVocabulary } from '@/project/vocabulary';
import { useSelection } from '@/project/selection';

/** Which parts of the layer that was copied last are given to those that are selected, or of the selected one are kept by a name. */
const composition = useComposition();
const parts = useParts();
const selection = useSelection();
const vocabulary = useVocabulary();
const chosen = ref<LayerPart[]>(['animation']);
const name = ref('');
const problem = ref<string | null>(null);

const isKeeping = computed(() => parts.asking === 'keep');
const from = computed(() => (isKeeping.value ? composition.layer(selection.layers[0] ?? '') : parts.copied));
const many = computed(() => selection.layers.length);
const isReady = computed(() => chosen.value.length > 0 && (!isKeeping.value || name.value.trim() !== ''));

function begin(): void {
    problem.value = null;
    name.value = isKeeping.value ? (from.value?.name ?? '') : '';
}

async function done(): Promise<void> {
    if (!from.value || !isReady.value) {
        return;
    }
    const layer = from.value as unknown as Record<string, unknown>;
    problem.value = isKeeping.value
        ? await composition.ask('add-style', { name: name.value.trim(), layer, parts: chosen.value })
        : await composition.ask('give-parts', { layers: selection.layers, from: layer, parts: chosen.value });
    parts.asking = problem.value === null ? null : parts.asking;
}
</script>

<template>
    <ElDialog
        :model-value="parts.asking !== null"
        :title="`${isKeeping ? 'Keep' : 'Paste'} parts of “${from?.name ?? ''}”`"
        width="420"
        @open="begin"
        @close="parts.asking = null"
    >
        <form data-parts @submit.prevent="done">
            <ElCheckboxGroup v-model="chosen" class="parts" aria-label="Parts">
                <ElCheckbox
                    v-for="part in vocabulary.words.parts"
                    :key="part.name"
                    :value="part.name"
                    :label="part.title"
                    :data-part="part.name"
                />
            </ElCheckboxGroup>
            <label v-if="isKeeping" class="called"
                >Called <input v-model="name" class="small-field" data-style-name aria-label="Name of the style"
            /></label>
            <p class="hint">
                <template v-if="isKeeping">They lie under <b>Kept</b> in the Kit, for other layers.</template>
                <template v-else
                    >They take the place of what
                    {{ many === 1 ? 'the selected layer has' : 'the selected layers have' }} of it.</template
                >
            </p>
            <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
        </form>
        <template #footer>
            <ElButton @click="parts.asking = null">Cancel</ElButton>
            <ElButton v-if="isKeeping" type="primary" :disabled="!isReady" data-keep-parts @click="done"
                >Keep in the Kit</ElButton
            >
            <ElButton v-else type="primary" :disabled="!isReady" data-paste-parts @click="done"
                >Paste onto {{ many === 1 ? 'one layer' : `${many} layers` }}</ElButton
            >
        </template>
    </ElDialog>
</template>

<style scoped>
.parts {
    display: grid;
    gap: 2px;
}
.called {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr);
    align-items: center;
    gap: 10px;
    margin-top: 12px;
}
.hint {
    margin: 10px 0 0;
    color: var(--quiet);
    font-size: 12.5px;
}
.problem {
    margin: 8px 0 0;
    color: var(--accent);
}
</style>
