<script setup lang="ts">
import { computed, ref } from 'vue';
import { useComposition } from '@/project/composition';
import { useParts } from '@/project/parts';
import { useSelection } from '@/project/selection';

/** Which parts of the layer that was copied last are given to those that are selected. */
const PARTS = {
    placement: 'Placement, where it does not move',
    animation: 'Animation: keyframes, how it arrives, stays and leaves',
    cascades: 'Cascades',
    effects: 'Effects',
    masks: 'Masks',
    paint: 'Paint: fills, outlines and brush',
    type: 'Type and plate',
} as const;
type Part = keyof typeof PARTS;

const composition = useComposition();
const parts = useParts();
const selection = useSelection();
const chosen = ref<Part[]>(['animation']);
const problem = ref<string | null>(null);
const many = computed(() => selection.layers.length);

async function paste(): Promise<void> {
    const from = parts.copied;
    if (from && chosen.value.length > 0) {
        problem.value = await composition.ask('give-parts', { layers: selection.layers, from, parts: chosen.value });
        parts.asking = problem.value !== null;
    }
}
</script>

<template>
    <ElDialog
        v-model="parts.asking"
        :title="`Paste parts of “${parts.copied?.name ?? ''}”`"
        width="420"
        @open="problem = null"
    >
        <form data-parts @submit.prevent="paste">
            <ElCheckboxGroup v-model="chosen" class="parts" aria-label="Parts">
                <ElCheckbox v-for="(text, part) in PARTS" :key="part" :value="part" :label="text" :data-part="part" />
            </ElCheckboxGroup>
            <p class="hint">
                They take the place of what {{ many === 1 ? 'the selected layer has' : 'the selected layers have' }} of
                it.
            </p>
            <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
        </form>
        <template #footer>
            <ElButton @click="parts.asking = false">Cancel</ElButton>
            <ElButton type="primary" :disabled="chosen.length === 0" data-paste-parts @click="paste"
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
