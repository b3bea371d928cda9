import { useVocabulary } from '@/project/vocabulary';
import { useSessionStorage } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed } from 'vue';
import type { Layer, Pose } from '@/api/answers';
import { useComposition } from './composition';
import { useSelection } from './selection';

/** Which layers are in which groups, and which groups are folded up in the timeline. */
export const useGroups = defineStore('groups', () => {
    const vocabulary = useVocabulary();
    const composition = useComposition();
    const selection = useSelection();
    /** Ids of layers, each with its composition's. */
    const foldedKeys = useSessionStorage<string[]>('ricamo.folded', []);

    const byId = computed(() => new Map(composition.layers.map((layer) => [layer.id, layer])));
    const folded = computed(() => new Set(foldedKeys.value));

    const keyOf = (group: string): string => `${composition.id} ${group}`;
    const isFolded = (group: string): boolean => folded.value.has(keyOf(group));

    /** The groups that a layer is in, the nearest first. */
    function above(id: string): string[] {
        const found: string[] = [];
        for (let group = byId.value.get(id)?.group; group && byId.value.has(group);) {
            found.push(group);
            group = byId.value.get(group)?.group;
        }
        return found;
    }

    /** Layers, and all that is in those of them that are groups, in the order of the stack. */
    function withAll(ids: string[], layers: Layer[] = composition.layers): Layer[] {
        return layers.filter((layer) => ids.includes(layer.id) || above(layer.id).some((group) => ids.includes(group)));
    }

    function toggle(group: string): void {
        foldedKeys.value = isFolded(group)
            ? foldedKeys.value.filter((key) => key !== keyOf(group))
            : [...foldedKeys.value, keyOf(group)];
    }

    /**
     * What a press on a layer in the picture takes: the outermost group that it is in, unless something in that group is
     * selected already.
     *
     * @param deeper whether the group that is selected is gone into
     */
    function taken(id: string, deeper = false): string {
        const entered = new Set(selection.layers.flatMap((one) => [...above(one), ...(deeper ? [one] : [])]));
        return [...above(id).toReversed(), id].find((one) => !entered.has(one)) ?? id;
    }

    /** Where things can be pressed in the picture, named by what a press there takes. */
    function targets(poses: Pose[]): Pose[] {
        return poses
            .filter(
                ({ layer }) =>
                    !(['holds', 'adjusts'] as const).some((one) => vocabulary.can(byId.value.get(layer), one)),
            )
            .map((pose) => ({ ...pose, layer: taken(pose.layer) }));
    }

    return { above, withAll, isFolded, toggle, taken, targets };
});
