import { useSessionStorage } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, watch } from 'vue';
import { useRouter } from 'vue-router';
import type { CompositionName } from '@/api/answers';
import { useComposition } from './composition';
import { usePlayhead } from './playhead';
import type { Bundle } from './playing';
import { useProject } from './project';

interface Step {
    composition: number;
    layer: string;
    frame: number;
    inside: number;
}

/** The compositions through whose bundles the open one was reached, the outermost first: the way back. */
export const useWithin = defineStore('within', () => {
    const composition = useComposition();
    const playhead = usePlayhead();
    const project = useProject();
    const router = useRouter();
    const steps = useSessionStorage<Step[]>('ricamo.within.steps', []);
    /** Where in what is being opened the playhead is to be; null for where it was. */
    let frame: number | null = null;
    let expected: number | null = null;

    const outer = computed(() =>
        steps.value
            .map((step) => project.compositions.find((one) => one.id === step.composition))
            .filter((one): one is CompositionName => one !== undefined),
    );

    function enter(bundle: Bundle): void {
        const inner = project.compositions.find((one) => one.key === bundle.composition);
        if (inner) {
            frame = composition.glimpse?.inspections.find((one) => one.layer === bundle.id)?.inside ?? null;
            expected = inner.id;
            steps.value = [
                ...steps.value,
                { composition: composition.id, layer: bundle.id, frame: playhead.frame, inside: frame ?? 0 },
            ];
            void router.push(`/compositions/${inner.id}`);
        }
    }

    /** @returns whether there was a step out of this composition to take */
    function leave(to = outer.value.length - 1): boolean {
        const found = outer.value[to];
        if (found) {
            void router.push(`/compositions/${found.id}`);
        }
        return found !== undefined;
    }

    /** @returns where the playhead of what was just opened is to be; null for where it was */
    function takeFrame(): number | null {
        const taken = frame;
        frame = null;
        return taken;
    }

    // Whoever goes elsewhere has left the way.
    watch(
        () => composition.id,
        (id) => {
            const at = steps.value.findIndex((step) => step.composition === id);
            if (at >= 0) {
                steps.value = steps.value.slice(0, at);
            } else if (id !== expected && expected !== null) {
                steps.value = [];
            }
            expected = id;
        },
    );

    /** Where the open composition was entered: the bundle, in which composition, and where the playhead was, there and in here. */
    const entered = computed<Step | null>(() => steps.value.at(-1) ?? null);

    return { outer, entered, enter, leave, takeFrame };
});
