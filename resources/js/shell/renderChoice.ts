import { useLocalStorage } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed } from 'vue';
import type { FormatChoice, Quality } from '@/api/answers';
import { useVocabulary } from '@/project/vocabulary';

export interface RenderPreset {
    title: string;
    name: string;
    quality: Quality;
    scale: number;
    premultiplied: boolean;
}

/** What was chosen to render to last, which is offered again. */
export const useRenderChoice = defineStore('renderChoice', () => {
    const vocabulary = useVocabulary();
    const name = useLocalStorage('ricamo.render.format', 'mp4');
    const quality = useLocalStorage<Quality>('ricamo.render.quality', 'good');
    const scale = useLocalStorage('ricamo.render.scale', 1);
    /** Whether colours are multiplied by alpha, in formats that take both. */
    const premultiplied = useLocalStorage('ricamo.render.premultiplied', false);
    /** Choices that were kept under a name. */
    const presets = useLocalStorage<RenderPreset[]>('ricamo.render.presets', []);

    const format = computed<FormatChoice>(
        () => vocabulary.words.formats.find((one) => one.name === name.value) ?? vocabulary.words.formats[0]!,
    );

    /** Keeps what is chosen, in place of what is kept under that name. */
    function keep(title: string): void {
        const preset = {
            title,
            name: name.value,
            quality: quality.value,
            scale: scale.value,
            premultiplied: premultiplied.value,
        };
        presets.value = [...presets.value.filter((one) => one.title !== title), preset];
    }

    function take(preset: RenderPreset): void {
        [name.value, quality.value, scale.value] = [preset.name, preset.quality, preset.scale];
        premultiplied.value = preset.premultiplied;
    }

    const forget = (title: string): void =>
        void (presets.value = presets.value.filter((preset) => preset.title !== title));

    /** What a render is asked for with. */
    const wanted = computed(() => ({
        format: name.value,
        quality: quality.value,
        scale: scale.value,
        ...(premultiplied.value && format.value.premultiplies && { premultiplied: true }),
    }));

    return { name, quality, scale, premultiplied, format, presets, keep, take, forget, wanted };
});
