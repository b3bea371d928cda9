import { defineStore } from 'pinia';
import { computed } from 'vue';
import type { Layer } from '@/api/answers';
import { useComposition } from './composition';
import { useGroups } from './groups';
import { useVocabulary } from './vocabulary';

/** The cameras of the composition that is open, and what they see. */
export const useCameras = defineStore('cameras', () => {
    const composition = useComposition();
    const groups = useGroups();
    const vocabulary = useVocabulary();

    const any = computed(() => composition.layers.some((layer) => vocabulary.can(layer, 'looks')));
    /** Whether there are lights, which shade the others. */
    const areLit = computed(() => composition.layers.some((layer) => vocabulary.can(layer, 'lights')));
    /** What a camera can be aimed at: all that has a place. */
    const aims = computed(() => composition.layers.filter((layer) => vocabulary.can(layer, 'seen')).toReversed());

    /** Whether a layer has a depth or a tilt of its own. */
    const hasDepth = (layer: Layer): boolean => ['z', 'tiltX', 'tiltY'].some((one) => one in layer);
    /** Whether there is anything that could be looked at from elsewhere. */
    const haveSpace = computed(() => any.value || areLit.value || composition.layers.some(hasDepth));

    /** Whether lights can fall on a layer. */
    const isInLight = (layer: Layer): boolean => vocabulary.can(layer, 'seen') && !vocabulary.can(layer, 'adjusts');

    /** Whether it is for a layer itself to say if cameras and lights pass it by: what is in a group goes with that. */
    const isInSpace = (layer: Layer): boolean =>
        (any.value || areLit.value) && isInLight(layer) && groups.above(layer.id).length === 0;

    return { any, areLit, hasDepth, haveSpace, aims, isInLight, isInSpace };
});
