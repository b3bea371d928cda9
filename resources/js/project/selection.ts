import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import type { Inspection } from '@/api/answers';

export interface SelectedBead {
    layer: string;
    property: string;
    frame: number;
}

/** Keyframes as edits name them. */
export interface KeyframesOf {
    layer: string;
    property: string;
    frames: number[];
}

/** Of more selected layers than this, values and threads are not shown: no one reads that many. */
const MOST_INSPECTED = 12;

const same = (a: SelectedBead, b: SelectedBead): boolean =>
    a.layer === b.layer && a.property === b.property && a.frame === b.frame;

/** What is selected: layers in the order they were chosen, and keyframes of theirs. */
export const useSelection = defineStore('selection', () => {
    const layers = ref<string[]>([]);
    const beads = ref<SelectedBead[]>([]);

    /** The layers whose values and threads are shown. */
    const inspected = computed(() => (layers.value.length <= MOST_INSPECTED ? layers.value : []));
    const keyframes = computed<KeyframesOf[]>(() => {
        const grouped = new Map<string, KeyframesOf>();
        for (const { layer, property, frame } of beads.value) {
            const key = `${layer} ${property}`;
            const group = grouped.get(key) ?? { layer, property, frames: [] };
            grouped.set(key, { ...group, frames: [...group.frames, frame] });
        }
        return [...grouped.values()];
    });

    function select(layer: string): void {
        layers.value = [layer];
        beads.value = [];
    }

    function toggle(layer: string): void {
        layers.value = layers.value.includes(layer)
            ? layers.value.filter((one) => one !== layer)
            : [...layers.value, layer];
        beads.value = beads.value.filter((bead) => layers.value.includes(bead.layer));
    }

    function clear(): void {
        layers.value = [];
        beads.value = [];
    }

    const hasBead = (bead: SelectedBead): boolean => beads.value.some((one) => same(one, bead));

    function toggleBead(bead: SelectedBead): void {
        beads.value = hasBead(bead) ? beads.value.filter((one) => !same(one, bead)) : [...beads.value, bead];
    }

    /** Lets go of what is no longer there. */
    function keepOnly(existing: string[]): void {
        if (layers.value.some((one) => !existing.includes(one))) {
            layers.value = layers.value.filter((one) => existing.includes(one));
            beads.value = beads.value.filter((bead) => existing.includes(bead.layer));
        }
    }

    /** Lets go of keyframes of these layers that are not there any more, because they were moved or removed. */
    function keepBeads(inspections: Inspection[]): void {
        const isThere = (bead: SelectedBead): boolean => {
            const inspection = inspections.find((one) => one.layer === bead.layer);
            const thread = inspection?.threads.find((one) => one.property === bead.property);
            return !inspection || (thread?.beads.some((one) => one.frame === bead.frame) ?? false);
        };
        if (!beads.value.every(isThere)) {
            beads.value = beads.value.filter(isThere);
        }
    }

    return { keepBeads, layers, beads, inspected, keyframes, select, toggle, clear, hasBead, toggleBead, keepOnly };
});
