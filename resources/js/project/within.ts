import { useSessionStorage } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, watch } from 'vue';
import { useRouter } from 'vue-router';
import type { CompositionName } from '@/api/answers';
import { useComposition } from './composition';
import type { Bundle } from './playing';
import { useProject } from './project';

/** The compositions through whose bundles the open one was reached, the outermost first: the way back. */
export const useWithin = defineStore('within', () => {
    const composition = useComposition();
    const project = useProject();
    const router = useRouter();
    const ids = useSessionStorage<number[]>('ricamo.within', []);
    /** Where in what is being opened the playhead is to be; null for where it was. */
    let frame: number | null = null;
    let expected: number | null = null;

    const outer = computed(() =>
        ids.value
            .map((id) => project.compositions.find((one) => one.id === id))
            .filter((one): one is CompositionName => one !== undefined),
    );

    function enter(bundle: Bundle): void {
        const inner = project.compositions.find((one) => one.key === bundle.composition);
        if (inner) {
            frame = composition.glimpse?.inspections.find((one) => one.layer === bundle.id)?.inside ?? null;
            expected = inner.id;
            ids.value = [...ids.value, composition.id];
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
            const at = ids.value.indexOf(id);
            if (at >= 0) {
                ids.value = ids.value.slice(0, at);
            } else if (id !== expected && expected !== null) {
                ids.value = [];
            }
            expected = id;
        },
    );

    return { outer, enter, leave, takeFrame };
});
