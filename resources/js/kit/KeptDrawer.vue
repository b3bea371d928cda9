<script setup lang="ts">
import type { ArgumentsOf } from '@/api/edits';
import { Layers, Route, Sparkles, X } from 'lucide-vue-next';
import { computed, type Component } from 'vue';
import { useAdding } from '@/project/adding';
import { useComposition } from '@/project/composition';
import { useVocabulary } from '@/project/vocabulary';
import { usePlayhead } from '@/project/playhead';
import { useProject } from '@/project/project';
import { useSelection } from '@/project/selection';
import { useTrying } from '@/project/trying';
import IconButton from '@/shell/IconButton.vue';
import { useKit } from './kit';

/** Effects, moves and styles that the project keeps by name; while the pointer rests on one, what is selected has it. */
interface Thing {
    key: string;
    name: string;
    icon: Component;
    title: string;
    /** The edit that gives it to layers, and what else that needs to know. */
    gives: 'paste-effects' | 'give-motion' | 'give-parts';
    what: object;
    /** Whether it is seen only while it plays. */
    plays: boolean;
    forget: () => Promise<unknown>;
}

const adding = useAdding();
const composition = useComposition();
const playhead = usePlayhead();
const project = useProject();
const selection = useSelection();
const trying = useTrying();
const vocabulary = useVocabulary();
const kit = useKit();

const things = computed<Thing[]>(() => [
    ...project.looks.map(({ name, effects }, look) => ({
        key: `look ${name}`,
        name,
        icon: Sparkles,
        title: `${effects.length} ${effects.length === 1 ? 'effect' : 'effects'}`,
        gives: 'paste-effects' as const,
        what: { effects },
        plays: false,
        forget: () => composition.edit('remove-look', { look }),
    })),
    ...project.motions.map(({ name, motion }, place) => ({
        key: `move ${name}`,
        name,
        icon: Route,
        title: `${Object.keys(motion).join(', ')}, about where a layer is at the playhead`,
        gives: 'give-motion' as const,
        what: { motion },
        plays: true,
        forget: () => composition.edit('remove-motion', { motion: place }),
    })),
    ...project.styles.map(({ name, layer, parts }, style) => ({
        key: `style ${name}`,
        name,
        icon: Layers,
        title: vocabulary.words.parts
            .filter(({ name }) => parts.includes(name))
            .map(({ title }) => title)
            .join('; '),
        gives: 'give-parts' as const,
        what: { from: layer, parts },
        plays: vocabulary.words.parts.some((part) => part.plays && parts.includes(part.name)),
        forget: () => composition.edit('remove-style', { style }),
    })),
]);
const found = computed(() => things.value.filter(({ name }) => kit.matches(name)));
const args = (thing: Thing, layers = selection.layers): ArgumentsOf =>
    ({
        layers,
        ...thing.what,
        ...(thing.gives === 'give-motion' && { frame: playhead.frame }),
    }) as ArgumentsOf;

function attempt(thing: Thing): void {
    const layers = composition.layers.filter(({ id }) => selection.layers.includes(id));
    if (layers.length === 0) {
        return;
    }
    if (thing.plays) {
        const [first, last] = [Math.min(...layers.map((one) => one.in)), Math.max(...layers.map((one) => one.out))];
        void trying.play(thing.gives, args(thing), Math.max(0, first), Math.min(playhead.length, last) - 1);
    } else {
        trying.show(thing.gives, args(thing));
    }
}

function give(thing: Thing, layers = selection.layers): void {
    trying.stop();
    if (layers.length > 0) {
        void composition.edit(thing.gives, args(thing, layers));
    }
}

/** Dropped onto a layer, in the picture or in the list, it is given to that one. */
function carry(thing: Thing, event: DragEvent): void {
    trying.stop();
    event.dataTransfer?.setData('text/x-ricamo-kit', thing.name);
    adding.carried = ({ over, row }) => {
        const onto = over ?? row;
        if (onto) {
            selection.select(onto);
            give(thing, [onto]);
        }
    };
}
</script>

<template>
    <p v-if="things.length === 0" class="none">
        What is kept by a name lies here, for other layers: effects and moves, from <b>Effects</b> and <b>Placement</b>
        in the Sheet, and any parts of a layer, from the menu of a right click on it.
    </p>
    <p v-else-if="selection.layers.length === 0" class="none">
        Select the layers that are to have one of these, or drag one onto a layer.
    </p>
    <ul>
        <li v-for="thing in found" :key="thing.key">
            <button
                type="button"
                class="thing"
                draggable="true"
                :data-kept="thing.name"
                :title="thing.title"
                @pointerenter="attempt(thing)"
                @pointerleave="trying.stop"
                @click="give(thing)"
                @dragstart="carry(thing, $event)"
                @dragend="adding.carried = null"
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
.thing:hover {
    background: var(--hover);
}
span {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
</style>
