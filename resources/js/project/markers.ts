import { defineStore } from 'pinia';
import { computed } from 'vue';
import type { Layer, Marker } from '@/api/answers';
import { useComposition } from './composition';
import { usePlayhead } from './playhead';
import { useSelection } from './selection';

/** A layer's markers on the frames of the composition, those that it was trimmed off left out. */
export const markersOf = (layer: Layer): Marker[] =>
    ((layer.markers ?? []) as Marker[])
        .map((marker) => ({ ...marker, frame: marker.frame + layer.in }))
        .filter(({ frame }) => frame >= layer.in && frame < layer.out);

/** The markers of the composition and of what is selected. */
export const useMarkers = defineStore('markers', () => {
    const composition = useComposition();
    const playhead = usePlayhead();
    const selection = useSelection();

    const own = computed(() => (composition.shown?.markers ?? []) as Marker[]);
    const chosen = computed(() => composition.layers.filter((layer) => selection.layers.includes(layer.id)));

    /** Drops a marker where the playhead is, while it plays too. */
    function drop(): void {
        const frame = playhead.frame;
        if (!own.value.some((marker) => marker.frame === frame)) {
            void composition.edit('add-markers', { markers: [{ frame }] });
        }
    }

    /** The same on each layer that is selected and on at the playhead. */
    function dropOnLayers(): void {
        const frame = playhead.frame;
        for (const layer of chosen.value) {
            const isOn = frame >= layer.in && frame < layer.out;
            if (isOn && !markersOf(layer).some((marker) => marker.frame === frame)) {
                void composition.edit('add-markers', { layer: layer.id, markers: [{ frame, label: layer.label }] });
            }
        }
    }

    /** To the nearest one before or after the playhead. */
    function go(direction: 1 | -1): void {
        const frames = [...own.value, ...chosen.value.flatMap(markersOf)]
            .map((marker) => marker.frame)
            .filter((frame) => (frame - playhead.frame) * direction > 0);
        if (frames.length > 0) {
            playhead.go(direction > 0 ? Math.min(...frames) : Math.max(...frames));
        }
    }

    return { own, drop, dropOnLayers, go };
});
