<script setup lang="ts">
import type { ArgumentsOf } from '@/api/edits';
import { Route, Sparkles, X } from 'lucide-vue-next';
import { computed, type Component } from 'vue';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useProject } from '@/project/project';
import { useSelection } from '@/project/selection';
import { useTrying } from '@/project/trying';
import IconButton from '@/shell/IconButton.vue';
import { useKit } from './kit';

/** Effects and moves that the project keeps by name; while the pointer rests on one, what is selected has it. */
interface Thing {
    key: string;
    name: string;
    icon: Component;
    title: string;
    /** The edit that gives it to layers, and what else that needs to know. */
    gives: 'paste-effects' | 'give-motion';
    what: object;
    forget: () => Promise<unknown>;
}

const composition = useComposition();
const playhead = usePlayhead();
const project = useProject();
const selection = useSelection();
const trying = useTrying();
const kit = useKit();

const things = computed<Thing[]>(() => [
    ...project.looks.map(({ name, effects }, look) => ({
        key: `look ${name}`,
        name,
        icon: Sparkles,
        title: `${effects.length} ${effects.length === 1 ? 'effect' : 'effects'}`,
        gives: 'paste-effects' as const,
        what: { effects },
        forget: () => composition.edit('remove-look', { look }),
    })),
    ...project.motions.map(({ name, motion }, place) => ({
        key: `move ${name}`,
        name,
        icon: Route,
        title: `${Object.keys(motion).join(', ')}, about where a layer is at the playhead`,
        gives: 'give-motion' as const,
        what: { motion },
        forget: () => composition.edit('remove-motion', { motion: place }),
    })),
]);
const found = computed(() => things.value.filter(({ name }) => kit.matches(name)));
const args = (thing: Thing): ArgumentsOf =>
    ({
        layers: selection.layers,
        ...thing.what,
        ...(thing.gives === 'give-motion' && { frame: playhead.frame }),
    }) as ArgumentsOf;

function attempt(thing: Thing): void {
    const layers = composition.layers.filter(({ id }) => selection.layers.includes(id));
    if (layers.length === 0) {
        return;
    }
    if (thing.gives === 'give-motion') {
        const [first, last] = [Math.min(...layers.map((one) => one.in)), Math.max(...layers.map((one) => one.out))];
        void trying.play(thing.gives, args(thing), Math.max(0, first), Math.min(playhead.length, last) - 1);
    } else {
        trying.show(thing.gives, args(thing));
    }
}

function give(thing: Thing): void {
    trying.stop();
    if (selection.layers.length > 0) {
        void composition.edit(thing.gives, args(thing));
    }
}
</script>

<template>
    <p v-if="things.length === 0" class="none">
        Effects of a layer and how it moves are kept here by a name: under <b>Effects</b> and <b>Placement</b> in its
        Sheet.
    </p>
    <p v-else-if="selection.layers.length === 0" class="none">Select the layers that are to have one of these.</p>
    <ul>
        <li v-for="thing in found" :key="thing.key">
            <button
                type="button"
                class="thing"
                :disabled="selection.layers.length === 0"
                :data-kept="thing.name"
                :title="thing.title"
                @pointerenter="attempt(thing)"
                @pointerleave="trying.stop"
                @click="give(thing)"
            >
                <component :is="thing.icon" :size="14" aria-hidden="true" /><span dir="auto">{{ thing.name }}</span>
            </button>
            <IconButton :icon="X" :size="13" :label="`Forget ${thing.name}`" @click="thing.forget" />
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
.thing {
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
.thing:not(:disabled):hover {
    background: var(--hover);
}
.thing:disabled {
    color: var(--quiet);
    cursor: default;
}
span {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
</style>
