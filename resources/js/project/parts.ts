import { useSessionStorage } from '@vueuse/core';
import { defineStore } from 'pinia';
import { ref } from 'vue';
import type { Layer } from '@/api/answers';

/** The layer that was copied last, of which parts can be given to others; also in another project, in this window. */
export const useParts = defineStore('parts', () => {
    const copied = useSessionStorage<Layer | null>('ricamo.copied', null, {
        serializer: { read: (text) => JSON.parse(text) as Layer | null, write: JSON.stringify },
    });
    /** What it is being asked for which parts are meant: to paste those of it, or to keep those of the selected layer by a name. */
    const asking = ref<'paste' | 'keep' | null>(null);

    return { copied, asking };
});
