import { promiseTimeout } from '@vueuse/core';
import { onBeforeUnmount, shallowRef, watch } from 'vue';
import { streamFilms, type Film, type FilmsAsked } from '@/api/films';
import { Sampler } from './sampling';
import { useComposition } from '@/project/composition';

/** How much is shown around the layer, in its own sizes. */
const AROUND = 0.15;

/** How often films are asked for that do not come, and how many milliseconds later each time. */
const [ATTEMPTS, PAUSE] = [4, 700];

/** Films of what a layer would do by each of several edits; asked for again when what is asked changes. */
export function useFilms(ask: () => FilmsAsked) {
    const composition = useComposition();
    const films = shallowRef<readonly (Film | undefined)[]>([]);
    const sampler = new Sampler(AROUND);
    let bounds: [number, number, number, number] | null = null;
    let coming = new AbortController();

    async function fetchAll(): Promise<void> {
        coming.abort();
        const own = (coming = new AbortController());
        for (let attempt = 0; attempt < ATTEMPTS && !own.signal.aborted; attempt++) {
            await promiseTimeout(attempt * PAUSE);
            const asked = ask();
            if (own.signal.aborted || (await fetched(asked, own.signal)) >= asked.edits.length) {
                return;
            }
        }
    }

    /** @returns how many films have come; all of them, unless the server was away meanwhile */
    async function fetched(asked: FilmsAsked, signal: AbortSignal): Promise<number> {
        let next = 0;
        try {
            for await (const told of streamFilms(composition.id, asked, signal)) {
                if ('bounds' in told) {
                    bounds = told.bounds;
                    continue;
                }
                if ('lists' in told) {
                    told.lists.forEach((list) => sampler.learn(list));
                }
                films.value = films.value.with(next, told);
                next++;
            }
        } catch {
            // Closed, or the server is away: their names are enough to choose by.
        }
        return next;
    }

    /** Draws the picture at a share of a film's way; the one that stands for all where none is said. */
    function draw(canvas: HTMLCanvasElement, film: Film | undefined, share?: number): void {
        if (film && 'lists' in film && film.lists.length > 0 && bounds) {
            const at = share === undefined ? film.still : Math.round(share * (film.lists.length - 1));
            sampler.draw(canvas, film.lists[at]!, bounds);
        }
    }

    watch(
        () => [composition.revision, JSON.stringify(ask())],
        () => {
            // Those of before stay until the new ones are there.
            films.value = Array.from({ length: ask().edits.length }, (_, at) => films.value[at]);
            void fetchAll();
        },
        { immediate: true },
    );
    onBeforeUnmount(() => coming.abort());

    return { films, draw, arrivals: sampler.arrivals };
}
