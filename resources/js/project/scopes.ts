import { defineStore } from 'pinia';
import { ref } from 'vue';

/**
 * Which animated properties take a change as a shift of the whole animation rather than as a keyframe at the playhead.
 * The toggle beside the value shows it, and so does the badge at the pointer.
 */
export const useScopes = defineStore('scopes', () => {
    const wholes = ref(new Set<string>());
    const key = (layer: string, property: string): string => `${layer} ${property}`;

    const isWhole = (layer: string, property: string): boolean => wholes.value.has(key(layer, property));

    function toggle(layer: string, property: string): void {
        const changed = new Set(wholes.value);
        if (!changed.delete(key(layer, property))) {
            changed.add(key(layer, property));
        }
        wholes.value = changed;
    }

    const scope = (layer: string, property: string): 'whole' | 'playhead' =>
        isWhole(layer, property) ? 'whole' : 'playhead';

    const clear = (): void => void (wholes.value = new Set());

    return { isWhole, toggle, scope, clear };
});
