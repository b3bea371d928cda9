import { defineStore } from 'pinia';
import { ref, shallowRef } from 'vue';
import type { Corner, Media } from '@/api/answers';
import type { ArgumentsOf } from '@/api/edits';
import { useComposition } from './composition';
import { usePreferences } from './preferences';
import { usePlayhead } from './playhead';
import { useSelection } from './selection';
import type { Stretch } from './viewing';

/** Where something is dropped: a place on the picture, or a moment in the timeline. */
export interface Drop {
    position?: Corner;
    at?: number;
    /** The layer whose place it takes. */
    onto?: string;
    /** The topmost layer that is seen where it is dropped on the picture. */
    over?: string;
    /** The layer on whose row of the timeline it is dropped. */
    row?: string;
}

/** A thing of the Kit that was clicked, and is to be drawn in the picture. */
export interface InHand {
    label: string;
    layer: NewLayer;
}

type NewLayer = ArgumentsOf<'draw-layer'>['layer'];

/** Adds layers to the composition and selects them. */
export const useAdding = defineStore('adding', () => {
    const composition = useComposition();
    const playhead = usePlayhead();
    const selection = useSelection();
    /** The first clip of an empty composition of another size or rate: whose is to count? */
    const question = ref<Media | null>(null);
    /** What is meant of that clip, where it is not all of it. */
    let asked: Stretch | undefined;
    /** What a thing of the Kit does when it is dropped, while one is being dragged. */
    const carried = shallowRef<((drop: Drop) => void) | null>(null);

    const inHand = shallowRef<InHand | null>(null);
    /** Words that were just added, to be typed over where they stand. */
    const fresh = ref<string | null>(null);

    function drop(place: Drop): void {
        carried.value?.(place);
        carried.value = null;
    }

    /** Makes a layer on top of the stack, from a moment on or from the playhead, and selects it. */
    async function make<Name extends 'add-layer' | 'add-media'>(
        edit: Name,
        args: Omit<ArgumentsOf<Name>, 'at' | 'lasts'>,
        at?: number,
    ): Promise<void> {
        const lasts = usePreferences().stillLasts;
        if (await composition.edit(edit, { ...args, at: at ?? begins(), lasts } as ArgumentsOf<Name>)) {
            take();
        }
    }

    /** The frame from which on something new is seen: at the end of the composition that would be none. */
    const begins = (): number => (playhead.frame >= playhead.last ? 0 : playhead.frame);

    function take(): void {
        const added = composition.layers.at(-1);
        if (added) {
            selection.select(added.id);
            fresh.value = added.kind === 'text' ? added.id : null;
        }
    }

    /** Draws what is in hand, which then is put away. */
    async function draw(args: ArgumentsOf<'draw-layer'>): Promise<void> {
        inHand.value = null;
        if (await composition.edit('draw-layer', args)) {
            take();
        }
    }

    const add = (layer: object, { position, at }: Drop = {}): Promise<void> =>
        make('add-layer', { layer: { ...layer, ...(position && { position }) } }, at);

    const addMedia = (media: Media, { position, at }: Drop = {}, stretch?: Stretch): Promise<void> =>
        make('add-media', { media: media.id, ...(position && { position }), ...stretch }, at);

    /** Another composition: seen through a window that it is dropped onto, else placed as a bundle. */
    async function addBundle(key: string, place: Drop = {}): Promise<void> {
        await (place.onto
            ? composition.edit('show-instead', { layers: [place.onto], composition: key })
            : add({ kind: 'bundle', composition: key }, place));
    }

    /** @param stretch what is taken of it, where that is not all */
    async function addClip(media: Media, place: Drop = {}, stretch?: Stretch): Promise<void> {
        if (place.onto) {
            const from = stretch && { from: stretch.from };
            await composition.edit('show-instead', { layers: [place.onto], media: media.id, ...from });
            return;
        }
        const isClip = !media.still && !media.heard && !media.font;
        const isFirst = isClip && composition.layers.length === 0;
        if (isFirst && (await composition.wouldChange('match-composition', { media: media.id }))) {
            question.value = media;
            asked = stretch;
            return;
        }
        await addMedia(media, place, stretch);
    }

    async function answer(match: boolean): Promise<void> {
        const media = question.value;
        question.value = null;
        if (media) {
            if (match) {
                await composition.edit('match-composition', { media: media.id });
            }
            await addMedia(media, {}, asked);
        }
    }

    return { add, begins, draw, inHand, fresh, addBundle, addClip, question, answer, carried, drop };
});
