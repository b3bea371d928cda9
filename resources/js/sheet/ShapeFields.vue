<script setup lang="ts">
import { computed } from 'vue';
import type { Layer } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useVocabulary } from '@/project/vocabulary';
import GrowFields from './GrowFields.vue';

/** What form a shape or a window has, and what can be made of it. */
const props = defineProps<{ layer: Extract<Layer, { kind: 'shape' | 'window' }> }>();

const CAPS = { butt: 'plain ends', round: 'round ends', square: 'square ends' };

const composition = useComposition();
const playhead = usePlayhead();
const vocabulary = useVocabulary();

const isOpen = computed(() => vocabulary.words.forms.some(({ name, open }) => open && name === props.layer.form));
const MARKS = [
    { field: 'beginMark', title: 'begin', name: 'What stands where its outline begins' },
    { field: 'endMark', title: 'end', name: 'What stands where its outline ends' },
] as const;
const isPath = computed(() => props.layer.form === 'path');
const layers = computed(() => [props.layer.id]);
const others = computed(() =>
    vocabulary.words.forms.filter(({ name }) => name !== 'path' && name !== props.layer.form),
);

const setContent = (content: object): void => void composition.edit('set-content', { layer: props.layer.id, content });

const setMark = (field: string, mark: string): void => setContent({ [field]: mark || null });

function turnInto(event: Event): void {
    const field = event.target as HTMLSelectElement;
    const into = field.value;
    field.value = '';
    void composition.edit('make-path', { layers: layers.value, into, frame: playhead.frame });
}

const change = (what: string): void =>
    void composition.edit('change-path', { layer: props.layer.id, frame: playhead.frame, change: what });
</script>

<template>
    <div class="shape">
        <select
            class="choice-field"
            :value="layer.form"
            aria-label="Form"
            data-form
            :disabled="isPath"
            @change="setContent({ form: ($event.target as HTMLSelectElement).value })"
        >
            <option
                v-for="form in vocabulary.words.forms"
                :key="form.name"
                :value="form.name"
                :disabled="form.name === 'path'"
            >
                {{ form.title }}
            </option>
        </select>
        <select
            v-if="layer.kind === 'shape'"
            class="choice-field"
            :value="layer.cap ?? 'butt'"
            aria-label="How its outline ends"
            data-cap
            @change="setContent({ cap: ($event.target as HTMLSelectElement).value })"
        >
            <option v-for="(text, cap) in CAPS" :key="cap" :value="cap">{{ text }}</option>
        </select>
        <template v-if="layer.kind === 'shape' && isOpen">
            <select
                v-for="{ field, title, name } in MARKS"
                :key="field"
                class="choice-field"
                :value="layer[field] ?? ''"
                :aria-label="name"
                :data-mark="field"
                @change="setMark(field, ($event.target as HTMLSelectElement).value)"
            >
                <option value="">no mark at its {{ title }}</option>
                <option v-for="mark in vocabulary.words.marks" :key="mark.name" :value="mark.name">
                    {{ mark.title.toLowerCase() }} at its {{ title }}
                </option>
            </select>
        </template>
        <div v-if="layer.kind === 'shape'" class="acts">
            <button
                v-if="!isPath"
                type="button"
                class="small-button"
                data-make-path
                @click="composition.edit('make-path', { layers })"
            >
                Edit its points
            </button>
            <template v-else>
                <button type="button" class="small-button" data-path-reverse @click="change('reverse')">
                    Other way round
                </button>
                <button type="button" class="small-button" data-path-join @click="change('join')">Join ends</button>
            </template>
            <select class="choice-field" value="" aria-label="Turn into" data-turn-into @change="turnInto">
                <option value="" disabled>Turn into…</option>
                <option v-for="form in others" :key="form.name" :value="form.name">{{ form.title }}</option>
            </select>
        </div>
        <div v-if="layer.kind === 'shape'" class="grow"><GrowFields :layers="layers" /></div>
    </div>
</template>

<style scoped>
.shape {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 6px;
    padding: 0 14px 8px 16px;
}
.acts {
    grid-column: 1 / -1;
    display: flex;
    gap: 6px;
}
.grow {
    grid-column: 1 / -1;
}
.acts select {
    flex: 1;
    min-width: 0;
}
</style>
