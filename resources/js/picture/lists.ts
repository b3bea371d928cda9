import { defineStore } from 'pinia';
import { shallowRef } from 'vue';
import type { DisplayList, Image, Operation } from '@/api/displayList.gen';
import { streamLists } from '@/api/stream';
import { useComposition } from '@/project/composition';
import { usePaths } from './paths';

/** How many frames are asked for at once at most; more follow as playback nears the end. */
const AT_ONCE = 1500;

/** Stands in a list that tells no new path. */
const NO_PATHS = '"paths":{}';

/** The display lists of the open composition's present revision, by frame. */
export const useLists = defineStore('lists', () => {
    const composition = useComposition();
    const arrivals = shallowRef(0);
    /** As they came, until they are looked at: of hundreds of layers and frames few are, and reading them takes its time. */
    let lists = new Map<number, DisplayList | string>();
    let stream: AbortController | null = null;
    let streaming: { from: number; to: number } | null = null;

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
        stream?.abort();
        stream = null;
        streaming = null;
        lists = new Map();
    }

    /** Has the frames from here on fetched, unless they are there or on their way. */
    async function want(from: number, to: number): Promise<void> {
        let first = from;
        while (first < to && lists.has(first)) {
            first++;
        }
        if (first >= to || (streaming && first >= streaming.from && first < streaming.to)) {
            return;
        }
        stream?.abort();
        const abort = new AbortController();
        stream = abort;
        streaming = { from: first, to: Math.min(to, first + AT_ONCE) };
        try {
            for await (const { frame, line, revision } of streamLists(
                composition.id,
                streaming.from,
                streaming.to,
                abort.signal,
            )) {
                if (abort.signal.aborted || revision !== composition.revision) {
                    break;
                }
                lists.set(frame, line);
                // A path is told once, with the first frame that has it.
                if (!line.includes(NO_PATHS)) {
                    usePaths().learn(at(frame)!.paths);
                }
                arrivals.value++;
            }
        } catch {
            // Aborted, or the server is away; what is missing is asked for again when it is needed.
        } finally {
            if (stream === abort) {
                stream = null;
                streaming = null;
            }
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
                return [...imagesOf(item.items), ...(item.masks ?? []).flatMap((part) => imagesOf(part.items))];
            case 'samples':
                return item.lists.flatMap(imagesOf);
            default:
                return [];
        }
    });
}

/** The same, with what is only looked at. */
export const seenIn = (list: DisplayList | undefined): Image[] =>
    list ? [...imagesOf(list.items), ...imagesOf(list.reference ?? [])] : [];
