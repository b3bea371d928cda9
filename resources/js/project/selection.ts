import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import type { Inspection } from '@/api/answers';
import { picked, type Held } from './picking';

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
    /** Layers as the timeline lists them, from top to bottom. */
    const listed = ref<string[]>([]);
    /** The layer, and the bead, that was clicked last: with Shift all from there on are taken. */
    let last: string | null = null;
    let lastBead: SelectedBead | null = null;

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
        last = layer;
        beads.value = [];
    }

    function toggle(layer: string): void {
        take(layer, { shiftKey: false, ctrlKey: true, metaKey: false });
    }

    /** Takes a layer in the timeline's list as a click does, with the keys that are held. */
    function take(layer: string, held: Held): void {
        layers.value = picked(layers.value, last, layer, listed.value, held);
        last = held.shiftKey && last !== null ? last : layer;
        beads.value = beads.value.filter((bead) => layers.value.includes(bead.layer));
    }

    function clear(): void {
        layers.value = [];
        beads.value = [];
    }

    const hasBead = (bead: SelectedBead): boolean => beads.value.some((one) => same(one, bead));

    /** Takes a bead of a thread as a click does, with the keys that are held. @param frames of all of its beads */
    function takeBead(bead: SelectedBead, frames: number[], held: Held): void {
        const own = (one: SelectedBead): boolean => one.layer === bead.layer && one.property === bead.property;
        const from = lastBead && own(lastBead) ? String(lastBead.frame) : null;
        const [taken, list] = [beads.value.filter(own).map(({ frame }) => String(frame)), frames.map(String)];
        const now = picked(taken, from, String(bead.frame), list, held);
        const others = held.shiftKey || held.ctrlKey || held.metaKey ? beads.value.filter((one) => !own(one)) : [];
        beads.value = [...others, ...now.map((frame) => ({ ...bead, frame: Number(frame) }))];
        lastBead = held.shiftKey && from !== null ? lastBead : bead;
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

    return {
        keepBeads,
        layers,
        beads,
        inspected,
        keyframes,
        listed,
        select,
        take,
        takeBead,
        toggle,
        clear,
        hasBead,
        keepOnly,
    };
});
