<script setup lang="ts">
import { computed } from 'vue';
import type { Layer } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { useVocabulary } from '@/project/vocabulary';
import PictureChoice from './PictureChoice.vue';

/** How the outline of a shape begins and ends: marks of its own, and caps. */
const props = defineProps<{ layer: Extract<Layer, { kind: 'shape' }> }>();

const composition = useComposition();
const vocabulary = useVocabulary();

const MARKS = [
    { field: 'beginMark', label: 'Mark at the start', turned: true },
    { field: 'endMark', label: 'Mark at the end', turned: false },
] as const;
const NONE = { name: '', title: 'None', picture: '' };

const idle = computed(() => composition.glimpse?.inspections.find((one) => one.layer === props.layer.id)?.idle ?? []);
const set = (content: object): void => void composition.edit('set-content', { layer: props.layer.id, content });
</script>

<template>
    <div v-if="!idle.includes('cap')" class="ends">
        <span>Ends</span>
        <template v-if="!idle.includes('beginMark')">
            <PictureChoice
                v-for="{ field, label, turned } in MARKS"
                :key="field"
                v-slot="{ choice }"
                :choices="[NONE, ...vocabulary.words.marks]"
                :chosen="layer[field] ?? ''"
                :label="label"
                :kind="field === 'endMark' ? 'end-mark' : 'begin-mark'"
                @choose="set({ [field]: $event || null })"
            >
                <svg
                    width="26"
                    height="14"
                    viewBox="-18 -7 26 14"
                    aria-hidden="true"
                    :style="turned ? 'transform: scaleX(-1)' : ''"
                >
                    <path class="stem" d="M-18 0H0" />
                    <path :d="choice.picture" />
                </svg>
            </PictureChoice>
        </template>
        <PictureChoice
            v-slot="{ choice }"
            :choices="vocabulary.words.caps"
            :chosen="layer.cap ?? 'butt'"
            label="Caps"
            kind="cap"
            :columns="3"
            @choose="set({ cap: $event })"
        >
            <svg width="26" height="14" viewBox="-18 -7 26 14" aria-hidden="true">
                <path class="wide" d="M-20 0H0" :stroke-linecap="choice.name as 'butt'" />
                <path class="where" d="M0 -7V7" />
            </svg>
        </PictureChoice>
    </div>
</template>

<style scoped>
.ends {
    display: flex;
    align-items: center;
    gap: 6px;
    padding: 2px 14px 4px 16px;
}
.ends > span {
    width: 84px;
    flex: none;
}
svg {
    overflow: hidden;
}
path {
    fill: currentColor;
}
.stem {
    stroke: currentColor;
    stroke-width: 2;
}
.wide {
    stroke: currentColor;
    stroke-width: 8;
    opacity: 0.75;
}
.where {
    stroke: var(--accent);
    stroke-width: 1;
}
</style>
