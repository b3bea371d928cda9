import { defineStore } from 'pinia';
import { ref } from 'vue';
import type { Media } from '@/api/answers';
import { useComposition } from './composition';
import { usePlayhead } from './playhead';
import { useSelection } from './selection';

/** Adds layers to the composition and selects them. */
export const useAdding = defineStore('adding', () => {
    const composition = useComposition();
    const playhead = usePlayhead();
    const selection = useSelection();
    /** The first clip of an empty composition of another size or rate: whose is to count? */
    const question = ref<Media | null>(null);

    async function add(layer: object): Promise<void> {
        const at = playhead.frame >= playhead.last ? 0 : playhead.frame;
        if (await composition.edit('add-layer', { layer, at })) {
            const added = composition.layers.at(-1);
            if (added) {
                selection.select(added.id);
            }
        }
    }

    function differs(media: Media): boolean {
        const document = composition.document;
        return (
            !!document &&
            (document.width !== media.width ||
                document.height !== media.height ||
                document.rate !== media.rate ||
                document.length !== media.frames)
        );
    }

    async function addClip(media: Media): Promise<void> {
        if (composition.layers.length === 0 && differs(media)) {
            question.value = media;
            return;
        }
        await add({ kind: 'footage', media: media.id });
    }

    async function answer(match: boolean): Promise<void> {
        const media = question.value;
        question.value = null;
        if (media) {
            if (match) {
                await composition.edit('match-composition', { media: media.id });
            }
            await add({ kind: 'footage', media: media.id });
        }
    }

    return { add, addClip, question, answer };
});
