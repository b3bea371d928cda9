<script setup lang="ts">
import { CaseUpper, RemoveFormatting, Underline } from 'lucide-vue-next';
import { computed } from 'vue';
import type { TextLayer } from '@/api/project.gen';
import { useComposition } from '@/project/composition';
import { useVocabulary } from '@/project/vocabulary';
import IconButton from '@/shell/IconButton.vue';
import ColourField from './ColourField.vue';
import ValueField from './ValueField.vue';

/** How the characters are set that are selected in the words: otherwise than the rest. */
const props = defineProps<{ layer: TextLayer; from: number; to: number }>();

type Style = NonNullable<TextLayer['styles']>[number];

const NONE = { font: null, size: null, colour: null, tracking: null, rise: null, case: null, underline: null };

const composition = useComposition();
const vocabulary = useVocabulary();

/** Of the first of them. */
const style = computed<Partial<Style>>(
    () => props.layer.styles?.find((one) => props.from >= one.from && props.from < one.to) ?? {},
);
const shown = computed(() => [...props.layer.text].slice(props.from, props.to).join(''));
const fill = computed(
    () => style.value.colour ?? (typeof props.layer.fill === 'string' ? props.layer.fill : '#f3e3c3'),
);

const args = (change: object) => ({ layer: props.layer.id, from: props.from, to: props.to, style: change });
const set = (change: object): void => void composition.edit('style-words', args(change));
const attempt = (change: object): void => void composition.attempt('style-words', args(change));
</script>

<template>
    <div class="styles" data-word-styles>
        <p>“{{ shown }}” alone</p>
        <div class="row">
            <ColourField
                :value="fill"
                name="Colour of these"
                @try="attempt({ colour: $event })"
                @set="set({ colour: $event })"
                @abandon="composition.abandon"
            />
            <ValueField
                :value="style.size ?? 100"
                label=""
                name="Size of these"
                unit="%"
                :least="1"
                :most="1000"
                data-style-size
                @try="attempt({ size: $event })"
                @set="set({ size: Number($event) === 100 ? null : $event })"
                @abandon="composition.abandon"
            />
        </div>
        <div class="row">
            <select
                class="choice-field"
                :value="style.font ?? ''"
                aria-label="Font of these"
                data-style-font
                @change="set({ font: ($event.target as HTMLSelectElement).value || null })"
            >
                <option value="">the same font</option>
                <option v-for="font in vocabulary.words.fonts" :key="font.id" :value="font.id">
                    {{ font.family }} {{ font.style }}
                </option>
            </select>
            <div class="marks">
                <IconButton
                    :icon="Underline"
                    :size="15"
                    label="Underline these"
                    :pressed="style.underline ?? false"
                    data-style-underline
                    @click="set({ underline: !style.underline })"
                />
                <IconButton
                    :icon="CaseUpper"
                    :size="16"
                    label="These in capitals"
                    :pressed="style.case === 'upper'"
                    data-style-capitals
                    @click="set({ case: style.case === 'upper' ? null : 'upper' })"
                />
                <IconButton
                    :icon="RemoveFormatting"
                    :size="15"
                    label="Like the rest"
                    data-style-none
                    @click="set(NONE)"
                />
            </div>
        </div>
        <div class="row">
            <ValueField
                :value="style.rise ?? 0"
                label=""
                title="Baseline shift"
                name="Rise of these"
                unit="% up"
                data-style-rise
                @try="attempt({ rise: $event })"
                @set="set({ rise: $event })"
                @abandon="composition.abandon"
            />
            <ValueField
                :value="style.tracking ?? 0"
                label=""
                title="How far apart"
                name="Tracking of these"
                unit="‰ apart"
                data-style-tracking
                @try="attempt({ tracking: $event })"
                @set="set({ tracking: $event })"
                @abandon="composition.abandon"
            />
        </div>
    </div>
</template>

<style scoped>
.styles {
    display: grid;
    gap: 4px;
    padding: 6px 8px 8px;
    border-radius: 8px;
    background: var(--hover);
}
p {
    margin: 0;
    overflow: hidden;
    color: var(--quiet);
    font-size: 12px;
    text-overflow: ellipsis;
    white-space: nowrap;
}
.row {
    display: grid;
    grid-template-columns: 1fr 1fr;
    align-items: center;
    gap: 6px;
}
.marks {
    display: flex;
}
</style>
