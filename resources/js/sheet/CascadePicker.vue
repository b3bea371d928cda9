<script setup lang="ts">
import { computed } from 'vue';
import type { Layer } from '@/api/answers';
import type { ArgumentsOf, EditRequest } from '@/api/edits';
import type { FilmsAsked } from '@/api/films';
import { usePlayhead } from '@/project/playhead';
import { useTrying } from '@/project/trying';
import { useVocabulary } from '@/project/vocabulary';
import FilmTiles from '@/picture/FilmTiles.vue';

/** The cascades that are ready, by what they do; while the pointer rests on one, the layer does it in the picture. */
const props = defineProps<{ layer: Layer }>();
const emit = defineEmits<{ choose: [args: ArgumentsOf<'add-cascade'>] }>();

interface Choice {
    name: string;
    title: string;
}

const PARTS: { as: FilmsAsked['role']; title: string }[] = [
    { as: 'arrive', title: 'Arrive' },
    { as: 'leave', title: 'Leave' },
    { as: 'accent', title: 'During the stay' },
];

const playhead = usePlayhead();
const trying = useTrying();
const vocabulary = useVocabulary();
/** At which it was opened: what is played meanwhile asks for nothing else. */
const frame = playhead.frame;

/** What is made for words is offered where there are some. */
const hasWords = computed(() => vocabulary.can(props.layer, 'written'));
const parts = computed(() =>
    PARTS.map((part) => ({
        ...part,
        cascades: vocabulary.words.cascades.filter((one) => one.as === part.as && (hasWords.value || !one.forWords)),
    })),
);

const args = (cascade: string, added: boolean): ArgumentsOf<'add-cascade'> => ({
    layers: [props.layer.id],
    cascade,
    frame,
    ...(added && { added }),
});

const editOf = ({ name }: Choice): EditRequest => ({ edit: 'add-cascade', args: args(name, false) });

function attempt({ name }: Choice, event: MouseEvent, range: [number, number]): void {
    void trying.play('add-cascade', args(name, event.shiftKey), ...range);
}

function choose({ name }: Choice, event: MouseEvent): void {
    trying.stop();
    emit('choose', args(name, event.shiftKey));
}
</script>

<template>
    <section v-for="part in parts" :key="part.as">
        <h2>{{ part.title }}</h2>
        <FilmTiles
            :choices="part.cascades"
            kind="cascade"
            :layer="layer.id"
            :role="part.as"
            :edit-of="editOf"
            @attempt="attempt"
            @stop="trying.stop"
            @choose="choose"
        />
    </section>
    <p>It takes the place of what is there; with Shift it is added to it.</p>
</template>

<style scoped>
h2 {
    margin: 12px 0 4px;
    color: var(--quiet);
    font-size: 12.5px;
    font-weight: 500;
}
section:first-of-type h2 {
    margin-top: 0;
}
p {
    margin: 8px 2px 0;
    color: var(--quiet);
    font-size: 12px;
}
</style>
