<script setup lang="ts">
import { Sparkles, X } from 'lucide-vue-next';
import { computed } from 'vue';
import type { NamedLook } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { useProject } from '@/project/project';
import { useSelection } from '@/project/selection';
import { useTrying } from '@/project/trying';
import IconButton from '@/shell/IconButton.vue';
import { useKit } from './kit';

/** Effects that the project keeps by name; while the pointer rests on them, what is selected has them. */
const composition = useComposition();
const project = useProject();
const selection = useSelection();
const trying = useTrying();
const kit = useKit();

/** Each with its place among all. */
const found = computed(() =>
    project.looks.map((look, place) => ({ look, place })).filter(({ look }) => kit.matches(look.name)),
);
const args = (look: NamedLook): object => ({ layers: selection.layers, effects: look.effects });

function attempt(look: NamedLook): void {
    if (selection.layers.length > 0) {
        trying.show('paste-effects', args(look));
    }
}

function give(look: NamedLook): void {
    trying.stop();
    if (selection.layers.length > 0) {
        void composition.edit('paste-effects', args(look));
    }
}
</script>

<template>
    <p v-if="project.looks.length === 0" class="none">
        Effects of a layer are kept here by a name, under <b>Effects</b> in its Sheet.
    </p>
    <p v-else-if="selection.layers.length === 0" class="none">Select the layers that are to look like one of these.</p>
    <ul>
        <li v-for="{ look, place } in found" :key="look.name">
            <button
                type="button"
                class="look"
                :disabled="selection.layers.length === 0"
                :data-look="look.name"
                :title="`${look.effects.length} ${look.effects.length === 1 ? 'effect' : 'effects'}`"
                @pointerenter="attempt(look)"
                @pointerleave="trying.stop"
                @click="give(look)"
            >
                <Sparkles :size="14" aria-hidden="true" /><span dir="auto">{{ look.name }}</span>
            </button>
            <IconButton
                :icon="X"
                :size="13"
                :label="`Forget ${look.name}`"
                @click="composition.edit('remove-look', { look: place })"
            />
        </li>
    </ul>
</template>

<style scoped>
.none {
    margin: 8px 6px;
    color: var(--quiet);
    line-height: 1.5;
}
ul {
    margin: 0;
    padding: 0;
    list-style: none;
}
li {
    display: flex;
    align-items: center;
}
.look {
    display: flex;
    flex: 1;
    align-items: center;
    gap: 8px;
    min-width: 0;
    height: 30px;
    padding: 0 8px;
    border: 0;
    border-radius: 7px;
    background: none;
    color: var(--ink);
    font: inherit;
    font-size: 13px;
    text-align: left;
    cursor: pointer;
}
.look:not(:disabled):hover {
    background: var(--hover);
}
.look:disabled {
    color: var(--quiet);
    cursor: default;
}
span {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
</style>
