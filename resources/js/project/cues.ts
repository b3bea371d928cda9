import { defineStore } from 'pinia';
import { shallowRef } from 'vue';
import type { SoundCue } from '@/api/answers';
import { get } from '@/api/client';
import type { Layer } from '@/api/answers';
import { useComposition } from './composition';

/** What is heard in the open composition, as it was when it was asked for last. */
export const useCues = defineStore('cues', () => {
    const composition = useComposition();
    const list = shallowRef<SoundCue[]>([]);
    /** The layers at that time, by which it can be told how far a layer has moved since. */
    const layers = shallowRef<Layer[]>([]);

    async function refresh(): Promise<void> {
        const { id, document } = composition;
        const { cues } = await get<{ cues: SoundCue[] }>(`/compositions/${id}/sounds`);
        if (id === composition.id) {
            list.value = cues;
            layers.value = (document?.layers ?? []) as Layer[];
        }
    }

    return { list, layers, refresh };
});
