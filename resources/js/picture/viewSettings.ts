import { useLocalStorage } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { useComposition } from '@/project/composition';

export const GRIDS = [20, 40, 60, 120];

/** How the picture is looked at while working; nothing of it is ever rendered. */
export const useViewSettings = defineStore('looking', () => {
    const safe = useLocalStorage('ricamo.safe', false);
    const rulers = useLocalStorage('ricamo.rulers', false);
    const grid = useLocalStorage('ricamo.grid', false);
    /** Composition pixels between two lines of the grid. */
    const spacing = useLocalStorage('ricamo.grid-spacing', 60);
    /** Whether what lies around an open bundle is seen, faintly. */
    const surroundings = useLocalStorage('ricamo.surroundings', true);
    /** Whether motion blur is shown; it is always rendered. */
    const blur = useLocalStorage('ricamo.blur', true);
    /** Only how opaque the picture is: white where it is, black where it is not. */
    const alphaAlone = ref(false);
    const reference = useLocalStorage<'off' | 'over' | 'wipe' | 'beside'>('ricamo.reference', 'beside');
    /** How strongly the reference covers the picture, or how far over it the wipe has come; per cent. */
    const strength = useLocalStorage('ricamo.reference-strength', 50);
    const composition = useComposition();
    /** Whether the picture shares its room with a reference. */
    const isBeside = computed(
        () => reference.value === 'beside' && composition.layers.some((layer) => layer.reference),
    );
    /** Is given the colour that is picked from the picture next; null while none is wanted. */
    const wanted = shallowRef<((colour: string | null) => void) | null>(null);

    /** @returns the colour at which the producer points, or null where it is given up */
    function pickColour(): Promise<string | null> {
        wanted.value?.(null);
        return new Promise((resolve) => {
            wanted.value = (colour) => {
                wanted.value = null;
                resolve(colour);
            };
        });
    }

    /** Is given the layer that is clicked in the picture next, with what is said meanwhile; null while none is wanted. */
    const layerWanted = shallowRef<{ says: string; give: (layer: string | null) => void } | null>(null);

    /** @returns the layer that the producer clicks, or null where it is given up */
    function pickLayer(says: string): Promise<string | null> {
        layerWanted.value?.give(null);
        return new Promise((resolve) => {
            layerWanted.value = {
                says,
                give: (layer) => {
                    layerWanted.value = null;
                    resolve(layer);
                },
            };
        });
    }

    return {
        surroundings,
        blur,
        safe,
        rulers,
        grid,
        spacing,
        alphaAlone,
        reference,
        strength,
        isBeside,
        wanted,
        pickColour,
        layerWanted,
        pickLayer,
    };
});
