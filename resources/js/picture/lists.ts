import { defineStore } from 'pinia';
import { shallowRef } from 'vue';
import type { DisplayList, Image, Operation } from '@/api/displayList.gen';
import { streamLists } from '@/api/stream';
import { useComposition } from '@/project/composition';
import { usePaths } from './paths';

/** How many frames are asked for at once at most; more follow as playback nears the end. */
const AT_ONCE = 1500;

/** The display lists of the open composition's present revision, by frame. */
export const useLists = defineStore('lists', () => {
    const composition = useComposition();
    const arrivals = shallowRef(0);
    let lists = new Map<number, DisplayList>();
    let stream: AbortController | null = null;
    let streaming: { from: number; to: number } | null = null;

    const at = (frame: number): DisplayList | undefined => lists.get(frame);

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
            for await (const { list, revision } of streamLists(
                composition.id,
                streaming.from,
                streaming.to,
                abort.signal,
            )) {
                if (abort.signal.aborted || revision !== composition.revision) {
                    break;
                }
                usePaths().learn(list.paths);
                lists.set(list.frame, list);
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
    return items.flatMap((item) => (item.op === 'image' ? [item] : item.op === 'group' ? imagesOf(item.items) : []));
}

/** The same, with what is only looked at. */
export const seenIn = (list: DisplayList | undefined): Image[] =>
    list ? [...imagesOf(list.items), ...imagesOf(list.reference ?? [])] : [];
