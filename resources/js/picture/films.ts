import { onBeforeUnmount, shallowRef, watch } from 'vue';
import { streamFilms, type Film, type FilmsAsked } from '@/api/films';
import { Sampler } from './sampling';
import { useComposition } from '@/project/composition';

/** How much is shown around the layer, in its own sizes. */
const AROUND = 0.15;

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
        let next = 0;
        try {
            for await (const told of streamFilms(composition.id, ask(), own.signal)) {
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
    }

    /** Draws the picture at a share of a film's way. */
    function draw(canvas: HTMLCanvasElement, film: Film | undefined, share: number): void {
        if (film && 'lists' in film && film.lists.length > 0 && bounds) {
            sampler.draw(canvas, film.lists[Math.round(share * (film.lists.length - 1))]!, bounds);
        }
    }

    /** The share nearest to one, before it or else after it, at which there is anything to be seen. */
    function seenNear(film: Film | undefined, share: number): number {
        const shares = film && 'lists' in film ? film.lists.map((list, at) => (list.items.length > 0 ? at : -1)) : [];
        const seen = shares.filter((at) => at >= 0);
        const wanted = Math.round(share * (shares.length - 1));
        return (seen.findLast((at) => at <= wanted) ?? seen[0] ?? 0) / Math.max(1, shares.length - 1);
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

    return { films, draw, seenNear, arrivals: sampler.arrivals };
}
