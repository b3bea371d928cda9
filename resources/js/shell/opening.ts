import { promiseTimeout } from '@vueuse/core';
import { computed, reactive, ref } from 'vue';
import { get } from '@/api/client';
import { send } from '@/api/upload';

interface Outcome {
    state: 'opening' | 'opened' | 'refused' | 'coming';
    problem: string | null;
    composition: number | null;
}

/** Brings a project file in: sends it, and waits until the server has made a project of it. */
export function useOpening() {
    /** How much of it has been sent, 0 to 1; null while nothing is brought in. */
    const part = ref<number | null>(null);
    const problem = ref<string | null>(null);
    let abort = new AbortController();

    const says = computed(() => {
        if (part.value === null) {
            return 'Bring in a project file…';
        }
        return part.value < 1 ? `Sending, ${Math.round(part.value * 100)} %` : 'Opening…';
    });

    /** @returns the first composition of the project, or null when it was refused */
    async function open(file: File): Promise<number | null> {
        abort = new AbortController();
        problem.value = null;
        part.value = 0;
        try {
            const sent = await send('/uploads', file, (sofar) => (part.value = sofar), abort.signal);
            const path = `/uploads/${sent.url.split('/').at(-1)}/outcome`;
            for (;;) {
                const outcome = await get<Outcome>(path);
                if (outcome.state === 'opened' || outcome.state === 'refused') {
                    problem.value = outcome.problem;
                    return outcome.composition;
                }
                await promiseTimeout(250);
            }
        } catch (error) {
            problem.value = (error as Error).message;
            return null;
        } finally {
            part.value = null;
        }
    }

    return reactive({ part, problem, says, open, cancel: () => abort.abort() });
}
