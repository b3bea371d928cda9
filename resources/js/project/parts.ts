import { useSessionStorage } from '@vueuse/core';
import { defineStore } from 'pinia';
import { ref } from 'vue';
import type { Layer, LayerPart } from '@/api/answers';

/** What the parts are called. */
export const PARTS: Record<LayerPart, string> = {
    placement: 'Placement, where it does not move',
    animation: 'Animation: keyframes, how it arrives, stays and leaves',
    life: 'How it arrives, stays and leaves',
    cascades: 'Cascades',
    effects: 'Effects',
    masks: 'Masks',
    paint: 'Paint: fills, outlines and brush',
    type: 'Type and plate',
};

/** The layer that was copied last, of which parts can be given to others; also in another project, in this window. */
export const useParts = defineStore('parts', () => {
    const copied = useSessionStorage<Layer | null>('ricamo.copied', null, {
        serializer: { read: (text) => JSON.parse(text) as Layer | null, write: JSON.stringify },
    });
    /** What it is being asked for which parts are meant: to paste those of it, or to keep those of the selected layer by a name. */
    const asking = ref<'paste' | 'keep' | null>(null);

    return { copied, asking };
});
