import { defineStore } from 'pinia';
import { ref } from 'vue';

/** Some of the words of a layer. */
interface Characters {
    layer: string;
    /** Counted in code points, as styles count. */
    from: number;
    to: number;
}

/** The characters that were selected last where words are written, in the picture or in the Sheet; they stay so while their style is chosen. */
export const useCharacters = defineStore('characters', () => {
    const chosen = ref<Characters | null>(null);

    /** Those that are selected in a field with a layer's words; none where only a caret stands there. */
    function choose(layer: string, event: Event): void {
        const { value, selectionStart, selectionEnd } = event.target as HTMLTextAreaElement;
        const count = (end: number): number => [...value.slice(0, end)].length;
        chosen.value =
            selectionEnd > selectionStart ? { layer, from: count(selectionStart), to: count(selectionEnd) } : null;
    }

    const of = (layer: string): Characters | null => (chosen.value?.layer === layer ? chosen.value : null);

    return { choose, of };
});
