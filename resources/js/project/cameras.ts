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
    /** What a camera can be aimed at: all that has a place. */
    const aims = computed(() => composition.layers.filter((layer) => vocabulary.can(layer, 'seen')).toReversed());

    /** Whether it is for a layer itself to say if cameras pass it by: what is in a group goes with that. */
    const isInSpace = (layer: Layer): boolean =>
        any.value &&
        vocabulary.can(layer, 'seen') &&
        !vocabulary.can(layer, 'adjusts') &&
        groups.above(layer.id).length === 0;

    return { any, aims, isInSpace };
});
