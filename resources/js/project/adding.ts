import { defineStore } from 'pinia';
import { ref, shallowRef } from 'vue';
import type { Corner, Media } from '@/api/answers';
import { useComposition } from './composition';
import { usePreferences } from './preferences';
import { usePlayhead } from './playhead';
import { useSelection } from './selection';

/** Where something is dropped: a place on the picture, or a moment in the timeline. */
export interface Drop {
    position?: Corner;
    at?: number;
    /** The layer whose place it takes. */
    onto?: string;
    /** The layer on whose row of the timeline it is dropped. */
    row?: string;
}

/** Adds layers to the composition and selects them. */
export const useAdding = defineStore('adding', () => {
    const composition = useComposition();
    const playhead = usePlayhead();
    const selection = useSelection();
    /** The first clip of an empty composition of another size or rate: whose is to count? */
    const question = ref<Media | null>(null);
    /** What a thing of the Kit does when it is dropped, while one is being dragged. */
    const carried = shallowRef<((drop: Drop) => void) | null>(null);

    function drop(place: Drop): void {
        carried.value?.(place);
        carried.value = null;
    }

    async function add(layer: object, { position, at }: Drop = {}): Promise<void> {
        const now = playhead.frame >= playhead.last ? 0 : playhead.frame;
        if (
            await composition.edit('add-layer', {
                layer: { ...layer, ...(position && { position }) },
                at: at ?? now,
                lasts: usePreferences().stillLasts,
            })
        ) {
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

    /** Another composition: seen through a window that it is dropped onto, else placed as a bundle. */
    async function addBundle(key: string, place: Drop = {}): Promise<void> {
        await (place.onto
            ? composition.edit('show-instead', { layers: [place.onto], composition: key })
            : add({ kind: 'bundle', composition: key }, place));
    }

    async function addClip(media: Media, place: Drop = {}): Promise<void> {
        if (place.onto) {
            await composition.edit('show-instead', { layers: [place.onto], media: media.id });
            return;
        }
        if (media.font) {
            await add({ kind: 'text', text: 'Words', typeSize: 96, align: 'centre', fontMedia: media.id }, place);
            return;
        }
        if (media.heard) {
            await add({ kind: 'sound', media: media.id }, { at: place.at });
            return;
        }
        if (composition.layers.length === 0 && !media.still && differs(media)) {
            question.value = media;
            return;
        }
        // A clip fills the frame wherever in the picture it is dropped; only the moment counts.
        await add({ kind: 'footage', media: media.id }, media.still ? place : { at: place.at });
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

    return { add, addBundle, addClip, question, answer, carried, drop };
});
