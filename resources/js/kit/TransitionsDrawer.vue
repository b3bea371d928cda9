<script setup lang="ts">
import { computed } from 'vue';
import type { Drop } from '@/project/adding';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useProject } from '@/project/project';
import { useSelection } from '@/project/selection';
import { useVocabulary } from '@/project/vocabulary';
import CompositionPicture from '@/shell/CompositionPicture.vue';
import KitItem from './KitItem.vue';
import TransitionPicture from './TransitionPicture.vue';

/** What leads from one picture to the next: moves, and compositions that cover a cut. Dropped on a cut, or on an end of a layer. */
const MOVES = ['fade', 'wipe', 'slide', 'push', 'iris', 'clock', 'blinds', 'doors', 'focus', 'flash', 'streak'];

const composition = useComposition();
const playhead = usePlayhead();
const project = useProject();
const selection = useSelection();
const vocabulary = useVocabulary();

const moves = computed(() =>
    MOVES.flatMap((name) => {
        const found = vocabulary.words.moves.find((move) => move.name === name);
        return found ? [{ name, title: found.title }] : [];
    }),
);
const others = computed(() => project.compositions.filter((one) => one.id !== composition.id));

/** Where it is dropped; without a place, at the end of the selected layer that the playhead is nearer to. */
function place(what: object, drop: Drop): void {
    const layer = drop.row ?? selection.layers[0];
    if (layer) {
        void composition.edit('place-transition', { layer, frame: drop.at ?? playhead.frame, ...what });
    } else {
        composition.problem = 'Drop it on a cut or an end of a layer, or select a layer first.';
    }
}
</script>

<template>
    <p class="how">Drop one on a cut in the timeline, or on an end of a layer.</p>
    <div class="transitions">
        <KitItem
            v-for="move in moves"
            :key="move.name"
            :label="move.title"
            :data-transition="move.name"
            @add="place({ phase: { moves: [{ move: move.name }] } }, $event)"
        >
            <TransitionPicture :move="move.name" />
        </KitItem>
    </div>
    <template v-if="others.length > 0">
        <h2>Compositions that cover a cut</h2>
        <div class="transitions">
            <KitItem
                v-for="one in others"
                :key="one.key"
                :label="one.name"
                :data-cover="one.key"
                @add="place({ composition: one.key }, $event)"
            >
                <CompositionPicture :id="one.id" />
            </KitItem>
        </div>
    </template>
</template>

<style scoped>
.transitions {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 4px;
}
.how {
    margin: 4px 6px 8px;
    color: var(--quiet);
    font-size: 12.5px;
    line-height: 1.4;
}
h2 {
    margin: 12px 6px 4px;
    color: var(--quiet);
    font-size: 12.5px;
    font-weight: 500;
}
</style>
