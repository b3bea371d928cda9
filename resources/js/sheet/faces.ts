import { computed } from 'vue';
import type { TextLayer } from '@/api/project.gen';
import { useMedia } from '@/project/media';
import { useVocabulary } from '@/project/vocabulary';

/** Faces of fonts by what they are known by everywhere: those that were brought in, then those that ship with Ricamo. */
export function useFaces() {
    const media = useMedia();
    const vocabulary = useVocabulary();

    const all = computed(() => [
        ...media.list
            .filter((one) => one.font)
            .map(({ id, font, name }) => ({ face: `media:${id}`, family: font ?? name, style: '', variable: true })),
        ...vocabulary.words.fonts.map(({ id, family, style, variable }) => ({ face: id, family, style, variable })),
    ]);

    const named = (face: string): string => {
        const found = all.value.find((one) => one.face === face);
        return found ? `${found.family} ${found.style}`.trim() : face;
    };

    /** Whether something of it can be varied; of what was brought in that is not known before it is set. */
    const isVariable = (face: string): boolean => all.value.find((one) => one.face === face)?.variable ?? false;

    /** What words are set in anyway, where no other face is told. */
    const ownOf = (layer: TextLayer): string => (layer.fontMedia ? `media:${layer.fontMedia}` : (layer.font ?? ''));

    return { all, named, isVariable, ownOf };
}
