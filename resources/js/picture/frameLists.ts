import { defineStore } from 'pinia';
import { shallowRef, watch } from 'vue';
import type { DisplayList, Image, Operation } from '@/api/displayList.gen';
import { streamLists } from '@/api/stream';
import { useComposition } from '@/project/composition';
import { useVocabulary } from '@/project/vocabulary';
import { usePaths } from './paths';
import { useVantage } from './vantage';

/** How many frames a stretch has that is asked for: few at first, so that playing can begin, and more as it goes on. */
const STRETCHES = [6, 12, 24];
const LONGEST = 50;

/** Stands in a list that tells no new path. */
const NO_PATHS = '"paths":{}';

/** The display lists of the open composition's present revision, by frame. */
export const useFrameLists = defineStore('lists', () => {
    const composition = useComposition();
    const vocabulary = useVocabulary();
    const paths = usePaths();
    const vantage = useVantage();
    const arrivals = shallowRef(0);
    /** As they came, until they are looked at: of hundreds of layers and frames few are, and reading them takes its time. */
    let lists = new Map<number, DisplayList | string>();
    /** Stretches that are on their way, side by side: as many as the server has cores. */
    let stretches: { from: number; to: number; abort: AbortController }[] = [];
    let wanted = { from: 0, to: 0 };
    let begun = 0;

    function at(frame: number): DisplayList | undefined {
        const kept = lists.get(frame);
        if (typeof kept !== 'string') {
            return kept;
        }
        const list = JSON.parse(kept) as DisplayList;
        lists.set(frame, list);
        return list;
    }

    function forget(): void {
        stretches.forEach(({ abort }) => abort.abort());
        stretches = [];
        lists = new Map();
        wanted = { from: 0, to: 0 };
    }

    watch(() => vantage.asked, forget);

    const isComing = (frame: number): boolean => stretches.some(({ from, to }) => frame >= from && frame < to);

    /** The first frames that are wanted, not there and not on their way; null for none. */
    function nextStretch(): { from: number; to: number } | null {
        let from = wanted.from;
        while (from < wanted.to && (lists.has(from) || isComing(from))) {
            from++;
        }
        if (from >= wanted.to) {
            return null;
        }
        const most = Math.min(wanted.to, from + (STRETCHES[begun] ?? LONGEST));
        let to = from + 1;
        while (to < most && !lists.has(to) && !isComing(to)) {
            to++;
        }
        return { from, to };
    }

    /** Has the frames from here on fetched, the nearest first, unless they are there or on their way. */
    async function want(from: number, to: number): Promise<void> {
        if (from < wanted.from || from > wanted.to || stretches.length === 0) {
            begun = 0;
        }
        wanted = { from, to };
        // What is on its way and not wanted any more gives way to what is.
        const isNear = (frame: number): boolean => lists.has(frame) || isComing(frame);
        if (from < to && !isNear(from)) {
            stretches.filter((one) => one.to <= from || one.from >= to).forEach(({ abort }) => abort.abort());
            stretches = stretches.filter(({ abort }) => !abort.signal.aborted);
        }
        await fill();
    }

    async function fill(): Promise<void> {
        const fetched: Promise<void>[] = [];
        const most = Math.max(1, vocabulary.words.cores);
        for (let next = nextStretch(); next && stretches.length < most; next = nextStretch()) {
            begun++;
            fetched.push(fetchStretch(next.from, next.to));
        }
        await Promise.all(fetched);
    }

    async function fetchStretch(from: number, to: number): Promise<void> {
        const stretch = { from, to, abort: new AbortController() };
        stretches.push(stretch);
        const signal = stretch.abort.signal;
        let isWhole = false;
        try {
            for await (const { frame, line, revision } of streamLists(
                composition.id,
                from,
                to,
                vantage.asked,
                signal,
            )) {
                if (signal.aborted || revision !== composition.revision) {
                    break;
                }
                lists.set(frame, line);
                // A path is told once, with the first frame of a stretch that has it.
                if (!line.includes(NO_PATHS)) {
                    paths.learn(at(frame)!.paths);
                }
                arrivals.value++;
                isWhole = frame === to - 1;
            }
        } catch {
            // Aborted, or the server is away; what is missing is asked for again when it is needed.
        } finally {
            stretches = stretches.filter((one) => one !== stretch);
        }
        if (isWhole && !signal.aborted) {
            await fill();
        }
    }

    return { at, want, forget, arrivals };
});

/** The clip frames that a list shows. */
export function imagesOf(items: Operation[]): Image[] {
    return items.flatMap((item) => {
        switch (item.op) {
            case 'image':
                return [item];
            case 'group':
                return [
                    ...imagesOf(item.items),
                    ...(item.masks ?? []).flatMap((part) => imagesOf(part.items)),
                    ...(item.filters ?? []).flatMap((one) =>
                        one.filter === 'lit' || one.filter === 'atop' ? imagesOf(one.items) : [],
                    ),
                ];
            case 'samples':
                return item.lists.flatMap(imagesOf);
            case 'pieces':
                return imagesOf(item.items);
            default:
                return [];
        }
    });
}

/** The same, with what is only looked at. */
export const seenIn = (list: DisplayList | undefined): Image[] =>
    list ? [...imagesOf(list.items), ...imagesOf(list.reference ?? [])] : [];
