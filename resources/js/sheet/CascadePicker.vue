<script setup lang="ts">
import type { ArgumentsOf } from '@/api/edits';
import { computed } from 'vue';
import type { Layer } from '@/api/answers';
import { usePlayhead } from '@/project/playhead';
import { useTrying } from '@/project/trying';
import { useVocabulary } from '@/project/vocabulary';

/** The cascades that are ready, by what they do; while the pointer rests on one, the layer does it in the picture. */
const props = defineProps<{ layer: Layer }>();
const emit = defineEmits<{ choose: [args: ArgumentsOf<'add-cascade'>] }>();

/** Seconds that are looked at. */
const SEEN = 3;
const PARTS = [
    { as: 'arrive', title: 'Arrive' },
    { as: 'leave', title: 'Leave' },
    { as: 'accent', title: 'During the stay' },
];

const playhead = usePlayhead();
const trying = useTrying();
const vocabulary = useVocabulary();

const parts = computed(() =>
    PARTS.map((part) => ({ ...part, cascades: vocabulary.words.cascades.filter((one) => one.as === part.as) })),
);

const args = (cascade: string, event: MouseEvent): ArgumentsOf<'add-cascade'> => ({
    layers: [props.layer.id],
    cascade,
    frame: playhead.frame,
    ...(event.shiftKey && { added: true }),
});

/** The frames on which it is seen to do something. */
function range(as: string): [number, number] {
    const seen = Math.round(Math.min(SEEN * playhead.framesPerSecond, (props.layer.out - props.layer.in) / 2));
    return as === 'arrive'
        ? [props.layer.in, props.layer.in + seen]
        : as === 'leave'
          ? [props.layer.out - seen, props.layer.out - 1]
          : [playhead.frame, Math.min(playhead.frame + seen, props.layer.out - 1)];
}

function choose(cascade: string, event: MouseEvent): void {
    trying.stop();
    emit('choose', args(cascade, event));
}
</script>

<template>
    <section v-for="part in parts" :key="part.as">
        <h2>{{ part.title }}</h2>
        <div class="all">
            <button
                v-for="one in part.cascades"
                :key="one.name"
                type="button"
                :data-cascade="one.name"
                @pointerenter="trying.play('add-cascade', args(one.name, $event), ...range(one.as))"
                @pointerleave="trying.stop"
                @click="choose(one.name, $event)"
            >
                {{ one.title }}
            </button>
        </div>
    </section>
    <p>It takes the place of what is there; with Shift it is added to it.</p>
</template>

<style scoped>
h2 {
    margin: 6px 0 4px;
    color: var(--quiet);
    font-size: 12.5px;
    font-weight: 500;
}
.all {
    display: grid;
    grid-template-columns: repeat(3, 1fr);
    gap: 3px;
}
button {
    height: 28px;
    padding: 0 4px;
    overflow: hidden;
    border: 0;
    border-radius: 7px;
    background: var(--field);
    color: var(--ink);
    font: inherit;
    font-size: 12.5px;
    text-overflow: ellipsis;
    white-space: nowrap;
    cursor: pointer;
}
button:hover,
button:focus-visible {
    background: var(--hover);
}
p {
    margin: 8px 2px 0;
    color: var(--quiet);
    font-size: 12px;
}
</style>
