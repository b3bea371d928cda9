<script setup lang="ts">
import { computed } from 'vue';
import type { Layer } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useVocabulary } from '@/project/vocabulary';
import FormPicture from './FormPicture.vue';
import PictureChoice from './PictureChoice.vue';

/** What form a shape or a window has, and what can be made of it. */
const props = defineProps<{ layer: Extract<Layer, { kind: 'shape' | 'window' }> }>();

const composition = useComposition();
const playhead = usePlayhead();
const vocabulary = useVocabulary();

const isPath = computed(() => props.layer.form === 'path');
const layers = computed(() => [props.layer.id]);
const current = computed(() => vocabulary.words.forms.find(({ name }) => name === props.layer.form)!);
/** Those that need no points of their own. */
const drawable = computed(() => vocabulary.words.forms.filter(({ name }) => name !== 'path'));

const setContent = (content: object): void => void composition.edit('set-content', { layer: props.layer.id, content });

function turnInto(into: string): void {
    void composition.edit('make-path', { layers: layers.value, into, frame: playhead.frame });
}

const change = (what: string): void =>
    void composition.edit('change-path', { layer: props.layer.id, frame: playhead.frame, change: what });
</script>

<template>
    <div class="shape">
        <PictureChoice
            v-if="!isPath"
            v-slot="{ choice }"
            :choices="drawable"
            :chosen="layer.form"
            label="Form"
            kind="form"
            :columns="5"
            named
            @choose="setContent({ form: $event })"
        >
            <FormPicture :path="choice.picture" :line="choice.open" />
        </PictureChoice>
        <span v-else class="path" data-form="path"
            ><FormPicture :path="current.picture" :line="current.open" />{{ current.title }}</span
        >
        <PictureChoice
            v-if="layer.kind === 'shape'"
            v-slot="{ choice }"
            :choices="drawable.filter(({ name }) => name !== layer.form)"
            label="Turn into"
            kind="turn-into"
            :columns="5"
            @choose="turnInto"
        >
            <FormPicture :path="choice.picture" :line="choice.open" />
        </PictureChoice>
        <template v-if="layer.kind === 'shape'">
            <button
                v-if="!isPath"
                type="button"
                class="small-button"
                title="Make a path of it, whose points are pulled in the picture"
                data-make-path
                @click="composition.edit('make-path', { layers })"
            >
                Points
            </button>
            <template v-else>
                <button type="button" class="small-button" data-path-reverse @click="change('reverse')">Reverse</button>
                <button type="button" class="small-button" data-path-join @click="change('join')">Join ends</button>
            </template>
        </template>
    </div>
</template>

<style scoped>
.shape {
    display: flex;
    gap: 5px;
    padding: 0 14px 8px 16px;
}
.shape > .small-button {
    padding: 0 8px;
}
.shape > :first-child {
    flex: 1;
    min-width: 0;
}
.path {
    display: flex;
    align-items: center;
    gap: 7px;
    color: var(--quiet);
    font-size: 12.5px;
}
.small-button {
    flex: none;
}
</style>
