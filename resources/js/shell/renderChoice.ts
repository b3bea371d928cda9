import { useLocalStorage } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed } from 'vue';
import type { FormatChoice, Quality } from '@/api/answers';
import { useVocabulary } from '@/project/vocabulary';

/** What was chosen to render to last, which is offered again. */
export const useRenderChoice = defineStore('renderChoice', () => {
    const vocabulary = useVocabulary();
    const name = useLocalStorage('ricamo.render.format', 'mp4');
    const quality = useLocalStorage<Quality>('ricamo.render.quality', 'good');
    const scale = useLocalStorage('ricamo.render.scale', 1);

    const format = computed<FormatChoice>(
        () => vocabulary.words.formats.find((one) => one.name === name.value) ?? vocabulary.words.formats[0]!,
    );

    return { name, quality, scale, format };
});
