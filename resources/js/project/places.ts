import { useLocalStorage } from '@vueuse/core';
import { defineStore } from 'pinia';
import { ref, watch } from 'vue';
import { useComposition } from './composition';
import { usePlayhead } from './playhead';
import { useSelection } from './selection';

interface Place {
    frame: number;
    layers: string[];
    zoom: number | null;
    from: number;
}

/** Of how many compositions it is remembered where the producer was. */
const MOST = 60;

/** Where in each composition the producer was: the playhead, what was selected, and how far the timeline was zoomed in. */
export const usePlaces = defineStore('places', () => {
    const composition = useComposition();
    const playhead = usePlayhead();
    const selection = useSelection();
    /** Pixels a frame in the timeline; null while the whole piece is shown. */
    const zoom = ref<number | null>(null);
    /** The frame at the timeline's left. */
    const from = ref(0);
    const kept = useLocalStorage<Record<string, Place>>('ricamo.places', {});

    function keep(id = composition.id): void {
        const place = { frame: playhead.frame, layers: selection.layers, zoom: zoom.value, from: from.value };
        const others = Object.entries(kept.value).filter(([other]) => other !== String(id));
        kept.value = Object.fromEntries([...others, [id, place]].slice(-MOST));
    }

    // At once: the playhead and the selection are still those of the composition that is left.
    watch(
        () => composition.id,
        (_, left) => left !== 0 && keep(left),
        { flush: 'sync' },
    );

    /** @returns whether the producer has been in the open composition before */
    function restore(): boolean {
        const place = kept.value[composition.id];
        zoom.value = place?.zoom ?? null;
        from.value = place?.from ?? 0;
        if (!place) {
            return false;
        }
        playhead.go(place.frame);
        selection.layers = place.layers.filter((id) => composition.layer(id) !== undefined);
        return true;
    }

    return { zoom, from, keep, restore };
});
