<script setup lang="ts">
import { computed } from 'vue';
import { useVocabulary } from '@/project/vocabulary';

/** Two letters in a font that ships with Ricamo, drawn from its own outlines. */
const props = defineProps<{ font: string; size: number }>();

const vocabulary = useVocabulary();
const sample = computed(() => vocabulary.words.fonts.find((one) => one.id === props.font)?.sample);
</script>

<template>
    <svg
        v-if="sample"
        :viewBox="`-40 -850 ${sample.width + 80} 1150`"
        :style="{ height: `${size * 1.15}px` }"
        aria-hidden="true"
    >
        <path :d="sample.path" fill="currentcolor" />
    </svg>
</template>
