import { defineStore } from 'pinia';
import { ref } from 'vue';

export interface SelectedBead {
    layer: string;
    property: string;
    frame: number;
}

/** What is selected: layers in the order they were chosen, and at most one keyframe. */
export const useSelection = defineStore('selection', () => {
    const layers = ref<string[]>([]);
    const bead = ref<SelectedBead | null>(null);

    function select(layer: string): void {
        layers.value = [layer];
        bead.value = null;
    }

    function toggle(layer: string): void {
        layers.value = layers.value.includes(layer)
            ? layers.value.filter((one) => one !== layer)
            : [...layers.value, layer];
        bead.value = null;
    }

    function clear(): void {
        layers.value = [];
        bead.value = null;
    }

    function selectBead(chosen: SelectedBead): void {
        if (!layers.value.includes(chosen.layer)) {
            layers.value = [chosen.layer];
        }
        bead.value = chosen;
    }

    /** Lets go of what is no longer there. */
    function keepOnly(existing: string[]): void {
        if (layers.value.some((one) => !existing.includes(one))) {
            layers.value = layers.value.filter((one) => existing.includes(one));
        }
    }

    return { layers, bead, select, toggle, clear, selectBead, keepOnly };
});
