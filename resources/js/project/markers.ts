import { defineStore } from 'pinia';
import { computed } from 'vue';
import type { Marker } from '@/api/answers';
import { useComposition } from './composition';
import { usePlayhead } from './playhead';
import { useSelection } from './selection';

/** The markers of the composition and of what is selected. */
export const useMarkers = defineStore('markers', () => {
    const composition = useComposition();
    const playhead = usePlayhead();
    const selection = useSelection();

    const own = computed(() => (composition.shown?.markers ?? []) as Marker[]);
    const chosen = computed(() => composition.layers.filter((layer) => selection.layers.includes(layer.id)));

    /**
     * Drops a marker where the playhead is, on the composition or on layers, or takes the one that stands there away; not while it
     * plays, when what is tapped again in the next round stays.
     */
    function drop(layers: string[] = []): void {
        void composition.edit('drop-markers', { frame: playhead.frame, layers, toggle: !playhead.playing });
    }

    /** The same on each layer that is selected and on at the playhead. */
    function dropOnLayers(): void {
        if (selection.layers.length > 0) {
            drop(selection.layers);
        }
    }

    /** To the nearest one before or after the playhead. */
    function go(direction: 1 | -1): void {
        const frames = [...own.value, ...chosen.value.flatMap((layer) => composition.bandOf(layer).markers ?? [])]
            .map((marker) => marker.frame)
            .filter((frame) => (frame - playhead.frame) * direction > 0);
        if (frames.length > 0) {
            playhead.go(direction > 0 ? Math.min(...frames) : Math.max(...frames));
        }
    }

    return { own, drop, dropOnLayers, go };
});
